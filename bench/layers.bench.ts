import { artCache } from '@/core/artwork';
import { checkedReport, measuredReport } from '@/core/checks';
import { addLayer, changeMotifSpot, changeRule, setLetters, takeMotif } from '@/core/edit';
import { EM_UNITS } from '@/core/faces';
import { largestDisc } from '@/core/geometry';
import { STARTER_MOTIFS, readMotif } from '@/core/motifs';
import { presentOrThrow } from '@/core/outcome';
import { resolveSlots } from '@/core/resolve';
import { STAND_BLOCK_SHA } from '@/core/shop';
import type { RunSpec } from '@/core/spec';
import { aRun, anArtwork, seededBytes, shippedFaces } from '@/core/test';
import { randomNames } from '../e2e/cut-file-checker/random-names';
import { type Bench, cpuMs } from './bench';

const faces = shippedFaces();
const random = seededBytes(20);
const plain = changeRule(aRun(randomNames(200, 20_261_129)), null, { kind: 'level', heightMm: null });
const laurel = presentOrThrow(
  STARTER_MOTIFS.find(({ value }) => value.name === 'laurel'),
  'the laurel',
);

function fitted(spec: RunSpec, withMeasures = false): number {
  const cache = artCache(faces);
  const report = checkedReport(resolveSlots(spec), cache);
  return (withMeasures ? measuredReport(report, cache) : report).fits.length;
}

/** So many leaves of so many cubics each, in three colours. */
function segmentedDrawing(numPaths: number, numSegments: number): string {
  const paths = Array.from({ length: numPaths }, (_, i) => {
    const [x, y] = [(i % 25) * 12, Math.floor(i / 25) * 12];
    const curves = Array.from({ length: numSegments }, (__, k) => {
      const at = (turn: number, r: number) => {
        const angle = (2 * Math.PI * (k + turn)) / numSegments;
        return `${(x + r * Math.cos(angle)).toFixed(3)} ${(y + r * Math.sin(angle)).toFixed(3)}`;
      };
      return `C${at(0.3, 6.5)} ${at(0.7, 6.5)} ${at(1, 5)}`;
    });
    return `<path fill="${['#a02020', '#20a020', '#2020a0'][i % 3]}" d="M${x + 5} ${y}${curves.join('')}z"/>`;
  });
  return `<svg xmlns="http://www.w3.org/2000/svg">${paths.join('')}</svg>`;
}

const timed = (name: string, spec: RunSpec, withMeasures = false): Bench => ({
  name: `layers: 200 script names ${name}`,
  target: 'measured',
  run: () => ({ ms: cpuMs(() => fitted(spec, withMeasures)), note: '' }),
});

export const LAYER_BENCHES: readonly Bench[] = [
  timed('with a cast edge, cold', addLayer(plain, null, 'castEdge', random)),
  timed('with a line inside, cold', addLayer(plain, null, 'inside', random)),
  timed('left open in a plate, cold', setLetters(plain, null, { slot: 'main', are: 'plate' }, seededBytes(4))),
  timed(
    'left open in a plate, with all measures',
    setLetters(plain, null, { slot: 'main', are: 'plate' }, seededBytes(4)),
    true,
  ),
  timed('within a laurel, cold', changeMotifSpot(takeMotif(plain, null, laurel, random), null, 'around')),
  {
    name: 'layers: the largest disc in each of 200 holes',
    target: '≤ 60 ms',
    run: () => {
      const { outline } = anArtwork(STAND_BLOCK_SHA, ['Bo8ae'.repeat(20)]);
      const holes = outline.islands.flatMap((island) => island.holes);
      const ms = cpuMs(() => holes.forEach((hole) => largestDisc(hole, 0.0003 * EM_UNITS)));
      return { ms: (ms / holes.length) * 200, note: `${holes.length} looked at` };
    },
  },
  {
    name: 'motifs: 5,000 segments in 500 paths read',
    target: '≤ 500 ms',
    run: () => {
      const text = segmentedDrawing(500, 10);
      let told = '';
      const ms = cpuMs(() => {
        const read = readMotif(text, 'many');
        told = read.ok ? `${read.value.motif.parts.length} parts` : read.problem.kind;
      });
      return { ms, note: told };
    },
  },
];
