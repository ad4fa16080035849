// Writes which characters each shipped face has, as ranges of hexadecimal numbers. Run after the faces change; a test
// holds the table against the files.
import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import * as hb from 'harfbuzzjs';

const faces = readdirSync('public/faces').filter((name) => name.endsWith('.ttf'));
const table = Object.fromEntries(
  faces.sort().map((name) => {
    const face = new hb.Face(new hb.Blob(readFileSync(`public/faces/${name}`)));
    return [name.replace('.ttf', ''), ranges([...face.collectUnicodes()])];
  }),
);
const body = Object.entries(table)
  .map(([sha, text]) => `  '${sha}':\n    '${text}',`)
  .join('\n');
writeFileSync(
  'src/core/faces/shipped-coverage.ts',
  `/** Characters of each shipped face as ranges of hexadecimal numbers; written by tools/write-coverage.mjs. */\nexport const SHIPPED_COVERAGE: Readonly<Record<string, string>> = {\n${body}\n};\n`,
);

function ranges(codes) {
  const parts = [];
  for (const code of codes.sort((a, b) => a - b)) {
    const last = parts.at(-1);
    if (last && last[1] === code - 1) last[1] = code;
    else parts.push([code, code]);
  }
  return parts.map(([a, b]) => (a === b ? a.toString(16) : `${a.toString(16)}-${b.toString(16)}`)).join(',');
}
