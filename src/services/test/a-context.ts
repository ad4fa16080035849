import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { type Outcome, presentOrThrow } from '@/core/outcome';
import { seededBytes } from '@/core/test';
import { outlineReader } from '@/store';
import { directCompute } from '../compute/direct';
import { type Context, contextOn } from '../context';
import { faceReader } from '../face-file/face-reader';

/** For tests: a context on a fresh folder with the real database, the real core and a clock that stands still. */
export async function aContext(seed = 1, dataDir = freshFolder()): Promise<Context> {
  const context = await contextOn(dataDir, {
    compute: directCompute(faceReader(dataDir), outlineReader(dataDir)),
    nowIso: () => '2026-05-04T08:00:00.000Z',
    randomBytes: seededBytes(seed),
  });
  return valueOf(context);
}

const folders: string[] = [];

export function freshFolder(): string {
  const folder = mkdtempSync(path.join(tmpdir(), 'knurl-test-'));
  folders.push(folder);
  return folder;
}

/** Removes every folder that was handed out; call it after all tests of a file. */
export function removeFolders(): void {
  for (const folder of folders) rmSync(folder, { recursive: true, force: true });
}

export function valueOf<T>(outcome: Outcome<T, unknown>): T {
  if (!outcome.ok) throw new Error(`expected a value, got ${JSON.stringify(outcome.problem)}`);
  return outcome.value;
}

export function problemOf<P>(outcome: Outcome<unknown, P>): P {
  return presentOrThrow(outcome.ok ? null : outcome.problem, 'a problem');
}
