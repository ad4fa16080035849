import { placedLetters } from '@/core/artwork';
import { EM_UNITS } from '@/core/faces';
import { formMonogram } from '@/core/monograms';
import { type MonogramShape, MONOGRAM_SHAPES, STAND_BLOCK_SHA } from '@/core/shop';
import { aRunOfLetters, shippedFaces } from '@/core/test';
import { type Bench, cpuMs } from './bench';

const NUM_MONOGRAMS = 200;
const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ';

/** Letters of two hundred monograms, drawn before anything is timed. */
function inputs(numLetters: number) {
  const faceOf = shippedFaces();
  const capHeight = faceOf(STAND_BLOCK_SHA).capHeightEm * EM_UNITS;
  return Array.from({ length: NUM_MONOGRAMS }, (_, i) => {
    const text = Array.from({ length: numLetters }, (__, k) => LETTERS[(i * (7 + 4 * k) + 3 * k) % 26]).join('');
    const run = aRunOfLetters(text, STAND_BLOCK_SHA);
    const letters = placedLetters({ no: 0, runs: [run] }, faceOf).map(({ rings }) => rings);
    return { letters, capHeight, gap: 0.06 * capHeight };
  });
}

function msEach(shape: MonogramShape): string {
  const three = inputs(3);
  const taken = formMonogram(shape, three[0]!) ? three : inputs(2);
  const rounds = [1, 2, 3].map(() => cpuMs(() => taken.forEach((input) => formMonogram(shape, input))));
  const ms = Math.min(...rounds);
  return `${shape} ${(ms / NUM_MONOGRAMS).toFixed(2)}`;
}

export const FORM_BENCHES: readonly Bench[] = [
  {
    name: 'forms: each form alone, ms a monogram',
    target: '≤ 1 ms each',
    run: () => ({ ms: null, note: MONOGRAM_SHAPES.map(msEach).join(', ') }),
  },
];
