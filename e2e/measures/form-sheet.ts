import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { type Artwork, drawArtwork, isJoinedFace } from '../../src/core/artwork';
import { pathData } from '../../src/core/cutfile';
import { type Face, loadFace } from '../../src/core/faces';
import {
  FRAMES,
  type LetteringForm,
  MONOGRAM_SHAPES,
  OTHER_LINES,
  SHIPPED_FACES,
  faceFilePath,
} from '../../src/core/shop';

/**
 * Every monogram form, frame, stack and bend in several faces at reading size, to be looked at: `npm run contact-sheet` writes
 * `build/form-sheet.svg`.
 */
const INITIALS = ['MFH', 'SPM', 'JIL', 'OQA', 'WMW', 'TLV', 'AB', 'LJ', 'I', 'Åß', 'ÉŞÅ'];
/** Of slab, block, capitals, serif and script. */
const FACES = ['Alfa Slab One Regular', 'Nunito Black', 'Bebas Neue Regular', 'Cinzel Bold'];
/** Pixels of a capital's height, and of a cell. */
const [CAP, CELL_WIDTH, CELL_HEIGHT] = [56, 130, 130];
/** Path data are written as millimetres of 10,000 units. */
const UNITS_TO_EM = 100;

const faces = new Map<string, Face>();
function faceOf(sha: string): Face {
  const known = faces.get(sha);
  if (known) return known;
  const loaded = loadFace(new Uint8Array(readFileSync(path.join('public', faceFilePath(sha)))));
  if (!loaded.ok) throw new Error(`${sha} cannot be opened`);
  faces.set(sha, loaded.value);
  return loaded.value;
}

interface Sample {
  readonly lines: readonly { readonly text: string; readonly isMonogram?: true; readonly sizeShare?: number }[];
  readonly form: LetteringForm;
}

function drawn(sha: string, { lines, form }: Sample): Artwork {
  const run = (text: string, isMonogram?: true) => ({
    text,
    face: sha,
    colourSlot: 'main',
    trackingEm: 0,
    features: [],
    isTall: false,
    ...(isMonogram ? { isMonogram } : {}),
  });
  const job = {
    leadFace: sha,
    lines: lines.map(({ text, isMonogram, sizeShare = 1 }, no) => ({ no, sizeShare, runs: [run(text, isMonogram)] })),
    form,
    layers: [{ colourSlot: 'main', make: { kind: 'text' as const } }],
    widthShare: 1,
  };
  return drawArtwork(job, faceOf);
}

interface Cell {
  readonly sha: string;
  readonly sample: Sample;
  readonly cap?: number;
}

function cellAt({ sha, sample, cap = CAP }: Cell, x: number, y: number): string {
  const art = drawn(sha, sample);
  const { inkBox } = art;
  if (!inkBox) return '';
  const scale = (cap / art.capHeightEm) * (UNITS_TO_EM / 10_000) * 1;
  const middle = [(inkBox.minX + inkBox.maxX) / 2e4, (inkBox.minY + inkBox.maxY) / 2e4] as const;
  return `<path transform="translate(${x} ${y}) scale(${scale}) translate(${-middle[0]} ${-middle[1]})" d="${pathData(art.outline)}"/>`;
}

const shas = FACES.flatMap((name) => SHIPPED_FACES.filter((face) => face.name === name).map(({ sha }) => sha));
const rows: string[] = [];
let y = 0;
const row = (words: string, cells: readonly Cell[], width = CELL_WIDTH, height = CELL_HEIGHT) => {
  y += height;
  rows.push(`<text x="10" y="${y - height + 24}" font-size="11" fill="#5a6064">${words}</text>`);
  cells.forEach((cell, i) => rows.push(cellAt(cell, 100 + (i + 0.5) * width, y - height / 2 + 16)));
};
for (const shape of MONOGRAM_SHAPES) {
  for (const [i, sha] of shas.entries()) {
    if (i > 1 && shape !== 'circle' && shape !== 'lozenge') continue;
    const monogram = { shape, gapShare: 0.07, frame: null };
    row(
      `${shape} ${FACES[i]}`,
      INITIALS.map((text) => ({ sha, sample: { lines: [{ text, isMonogram: true }], form: { monogram } } })),
    );
  }
}
/** Lines round a monogram, or across its letters. */
for (const others of OTHER_LINES) {
  for (const [i, sha] of shas.entries()) {
    const frame = others === 'round' && i % 2 === 0 ? 'ring' : null;
    const monogram = { shape: others === 'round' ? 'circle' : null, gapShare: 0.07, frame, others } as const;
    const cell = (first: string, ...further: readonly string[]) => ({
      sha,
      cap: 50,
      sample: {
        lines: [
          { text: first, isMonogram: true as const },
          ...further.map((text) => ({ text, sizeShare: others === 'round' ? 0.28 : 0.2 })),
        ],
        form: { monogram },
      },
    });
    row(
      `${others} ${FACES[i]}`,
      others === 'round'
        ? [cell('MFH', 'Marlstone Band', '1898'), cell('GÅM', 'Gwendolen Åse'), cell('AB', 'Anna & Bo', '2026')]
        : [...'HESABFGRQW'].map((text) => cell(text, 'Solveig')),
      others === 'round' ? 220 : CELL_WIDTH,
      others === 'round' ? 190 : 150,
    );
  }
}
for (const frame of FRAMES) {
  const sha = shas[0]!;
  const shape = frame === 'lozenge' || frame === 'shield' ? frame : 'circle';
  const monogram = { shape, gapShare: 0.07, frame } as const;
  const withDate = { monogram, stack: { gapShare: 0.25, widths: 'own', between: 'nothing' } } as const;
  row(
    `frame ${frame}`,
    [
      ...['MFH', 'SPM', 'JIL', 'AB', 'Q', 'I'].map((text) => ({
        sha,
        sample: { lines: [{ text, isMonogram: true as const }], form: { monogram } },
      })),
      {
        sha,
        cap: 40,
        sample: {
          lines: [
            { text: 'MFH', isMonogram: true },
            { text: '12 · IX · 1998', sizeShare: 0.25 },
          ],
          form: withDate,
        },
      },
      {
        sha,
        cap: 40,
        sample: {
          lines: [
            { text: 'JIL', isMonogram: true },
            { text: '7.2.2013', sizeShare: 0.3 },
          ],
          form: withDate,
        },
      },
    ],
    170,
    210,
  );
}
for (const between of ['nothing', 'rule', 'dot', 'lozenge'] as const) {
  for (const widths of ['own', 'equal'] as const) {
    const lines = [{ text: 'Ottoline' }, { text: 'Fenwater', sizeShare: 0.6 }, { text: '1996', sizeShare: 0.4 }];
    const form = { stack: { gapShare: 0.3, widths, between } };
    row(
      `stack ${between} ${widths}`,
      [...shas, ...SHIPPED_FACES.filter(({ sha }) => isJoinedFace(faceOf(sha))).map(({ sha }) => sha)].map((sha) => ({
        sha,
        cap: 22,
        sample: { lines, form },
      })),
      170,
      140,
    );
  }
}
const named = SHIPPED_FACES.filter(({ name }) => FACES.includes(name) || /script/i.test(name)).map(({ sha }) => sha);
const bent = [...named, ...SHIPPED_FACES.filter(({ sha }) => isJoinedFace(faceOf(sha))).map(({ sha }) => sha)].slice(
  0,
  7,
);
for (const way of ['arch', 'dip'] as const) {
  for (const letters of ['bent', 'turned'] as const) {
    for (const curve of [
      { by: 'rise', share: 0.2 },
      { by: 'radius', capitals: 5 },
    ] as const) {
      row(
        `${way} ${letters} ${curve.by}`,
        bent.map((sha) => ({
          sha,
          cap: 22,
          sample: { lines: [{ text: 'Wilhelmina' }], form: { bend: { way, curve, letters } } },
        })),
        190,
        110,
      );
    }
  }
}
writeFileSync(
  'build/form-sheet.svg',
  `<svg xmlns="http://www.w3.org/2000/svg" width="${100 + INITIALS.length * CELL_WIDTH + 60}" height="${y + 40}"><rect width="100%" height="100%" fill="#fbf8f0"/>${rows.join('')}</svg>`,
);
process.stdout.write(`build/form-sheet.svg: ${rows.length} drawings\n`);
