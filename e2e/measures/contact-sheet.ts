import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { facesCovering, loadFace } from '../../src/core/faces';
import { SHIPPED_FACES, faceFilePath } from '../../src/core/shop';

/**
 * Every shipped face on one sheet at reading size, by its own outlines: a long name, accents, a year, capitals that want kerning, and
 * what else it covers. To be looked at: `npm run contact-sheet` writes `build/contact-sheet.svg`.
 */
const LINES = ['Ottoline Fenwater', 'Åse Łucja Zoë', '14.6.1996', 'AVATAR QWM'];
const OTHER = ['Ελένη Δώρα', 'Юлія Ёлка', 'נועה יעל', 'سلمى ليلى'];
/** Pixels of a capital's height, of a row and of a column. */
const [CAP, ROW, COLUMN] = [20, 62, 290];

const rows = SHIPPED_FACES.map(({ sha, name }, i) => {
  const loaded = loadFace(new Uint8Array(readFileSync(path.join('public', faceFilePath(sha)))));
  if (!loaded.ok) throw new Error(`${name} cannot be opened`);
  const face = loaded.value;
  const scale = CAP / (face.capHeightEm * face.unitsPerEm);
  const others = OTHER.filter((text) => facesCovering(text.replaceAll(' ', '')).includes(sha));
  const drawn = [...LINES, ...others].map((text, column) => {
    const { glyphs } = face.shape(text, [], 0);
    const rings = glyphs.flatMap(({ glyphId, x, y }) =>
      face.glyphRings(glyphId).map((ring) => {
        const points: string[] = [];
        for (let k = 0; k < ring.length; k += 2)
          points.push(`${(ring[k]! + x) * scale} ${-(ring[k + 1]! + y) * scale}`);
        return `M${points.join('L')}Z`;
      }),
    );
    return `<path transform="translate(${column * COLUMN} 0)" d="${rings.join('')}"/>`;
  });
  return `<g transform="translate(20 ${(i + 1) * ROW})"><text y="${-CAP - 12}" font-size="10" fill="#5a6064">${name}</text>${drawn.join('')}</g>`;
});
mkdirSync('build', { recursive: true });
const [width, height] = [20 + (LINES.length + 2) * COLUMN, (SHIPPED_FACES.length + 1) * ROW];
writeFileSync(
  'build/contact-sheet.svg',
  `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}"><rect width="100%" height="100%" fill="#fbf8f0"/>${rows.join('')}</svg>`,
);
process.stdout.write(`build/contact-sheet.svg: ${SHIPPED_FACES.length} faces\n`);
