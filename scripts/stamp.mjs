// Remembers what was installed and built last, so that nothing is done twice and nothing half done passes for whole.
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';

const STAMP_DIR = '.knurl';

/** @typedef {'absent' | 'unfinished' | 'outdated' | 'current'} StampState */

/**
 * @param {string} name
 * @param {string} key what the work depends on
 * @returns {StampState}
 */
export function stampState(name, key) {
  const file = path.join(STAMP_DIR, `${name}.json`);
  if (!existsSync(file)) return 'absent';
  try {
    const stamp = JSON.parse(readFileSync(file, 'utf8'));
    if (stamp.state !== 'done') return 'unfinished';
    return stamp.key === key ? 'current' : 'outdated';
  } catch {
    return 'unfinished';
  }
}

/**
 * Marks the work as begun, does it, marks it as done: what stops in between is seen as unfinished next time.
 * @param {string} name
 * @param {string} key
 * @param {() => Promise<void>} work
 */
export async function stamped(name, key, work) {
  mkdirSync(STAMP_DIR, { recursive: true });
  const file = path.join(STAMP_DIR, `${name}.json`);
  writeFileSync(file, JSON.stringify({ state: 'running', key }));
  await work();
  writeFileSync(file, JSON.stringify({ state: 'done', key }));
}

/**
 * Hash over files and folders, by name and content; what is not there counts as empty.
 * @param {string[]} names
 * @param {string} extra
 */
export function keyOf(names, extra = '') {
  const hash = createHash('sha256').update(extra);
  for (const file of names.flatMap(filesBelow).sort()) hash.update(`\0${file}\0`).update(readFileSync(file));
  return hash.digest('hex');
}

/**
 * @param {string} name
 * @returns {string[]}
 */
function filesBelow(name) {
  if (!existsSync(name)) return [];
  try {
    return readdirSync(name, { withFileTypes: true }).flatMap((entry) =>
      entry.isDirectory() ? filesBelow(path.join(name, entry.name)) : [path.join(name, entry.name)],
    );
  } catch {
    return [name];
  }
}
