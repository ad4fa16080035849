import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { facesCovering, loadFace } from '../../src/core/faces';
import { SHIPPED_FACES, faceFilePath } from '../../src/core/shop';

/**
 * Holds how texts are shaped against the `hb-shape` of the machine, another build of the engine of another year: the same glyphs at the
 * same spots, in every shipped face. Wants `libharfbuzz-bin`.
 */
const COUNT = Number(process.argv[2] ?? 100);

const LATIN = [
  'Ottoline',
  'AVATAR',
  'Tófi',
  'Wylfa',
  'Åse',
  'Łucja',
  'Zoë & Noé',
  'fi ffl',
  'O’Dell',
  '14.6.1996',
  'Ty Vo Ko',
];
const OTHER = ['Ελένη', 'Δώρα', 'Юлія', 'Ёлка', 'נועה', 'יעל', 'سلمى', 'ليلى', 'ẞ', 'e\u0301te\u0301'];

function texts(sha: string): readonly string[] {
  const able = [...LATIN, ...OTHER].filter((text) => facesCovering(text.replaceAll(/\s/gu, '')).includes(sha));
  return Array.from({ length: COUNT }, (_, i) => {
    const [a, b] = [able[i % able.length]!, able[(i * 7 + Math.floor(i / able.length)) % able.length]!];
    return i < able.length ? a : `${a} ${b}`;
  });
}

interface TheirGlyph {
  readonly g: number;
  readonly dx: number;
  readonly dy: number;
  readonly ax: number;
}

let numUnlike = 0;
let num = 0;
for (const { sha, name } of SHIPPED_FACES) {
  const file = path.join('public', faceFilePath(sha));
  const loaded = loadFace(new Uint8Array(readFileSync(file)));
  if (!loaded.ok) throw new Error(`${name} cannot be opened`);
  const all = texts(sha);
  const answer = execFileSync('hb-shape', [file, '--no-glyph-names', '--output-format=json', '--text-file=-'], {
    input: all.join('\n'),
    encoding: 'utf8',
  });
  const lines = answer.trim().split('\n');
  for (const [i, text] of all.entries()) {
    const theirs = JSON.parse(lines[i]!) as TheirGlyph[];
    let pen = 0;
    const expected = theirs.map(({ g, dx, dy, ax }) => {
      const at = `${g}@${pen + dx},${dy}`;
      pen += ax;
      return at;
    });
    const { glyphs, advance } = loaded.value.shape(text, [], 0);
    const ours = glyphs.map(({ glyphId, x, y }) => `${glyphId}@${x},${y}`);
    num++;
    if (ours.join(' ') === expected.join(' ') && advance === pen) continue;
    numUnlike++;
    if (numUnlike <= 10)
      process.stderr.write(
        `${name}, “${text}”: ${ours.join(' ')} (${advance}) against ${expected.join(' ')} (${pen})\n`,
      );
  }
}
process.stdout.write(`${num} texts in ${SHIPPED_FACES.length} faces shaped by both: ${numUnlike} unlike\n`);
if (numUnlike > 0) process.exitCode = 1;
