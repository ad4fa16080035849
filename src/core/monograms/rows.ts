import { type Ring, boxOfRings, boxRing } from '../geometry';
import { besideEachOther } from './beside';
import type { MonogramForm } from './form';

/** A row beside another is at most so much taller or lower than by itself, so that both are as wide. */
const MOST_ROW_SHARE = 1.7;

/** Two over one: both rows as wide as each other, as far as that keeps them of a size. */
export const twoOverOne: MonogramForm = ({ letters, capHeight, gap }) => {
  if (letters.length !== 3) return null;
  const [a, b, c] = letters as [readonly Ring[], readonly Ring[], readonly Ring[]];
  const above = rowAt([a, b], capHeight, gap);
  const below = rowAt([c], capHeight, gap);
  if (!above || !below) return null;
  const share = Math.min(MOST_ROW_SHARE, Math.max(1 / MOST_ROW_SHARE, above.width / below.width));
  // Together with the gap between them they are as tall as the form.
  const unit = (capHeight - gap) / (capHeight * (1 + share));
  const [topScale, footScale] = [unit, unit * share];
  const width = Math.max(above.width * topScale, below.width * footScale);
  const head = -(capHeight * footScale + gap);
  const place = (rings: readonly Ring[], scale: number, rowWidth: number, y: number) =>
    rings.map((ring) => scaled(ring, scale, (width - rowWidth * scale) / 2, y));
  return {
    letters: [
      ...above.letters.map((rings) => place(rings, topScale, above.width, head)),
      ...below.letters.map((rings) => place(rings, footScale, below.width, 0)),
    ],
    between: [],
    lowestShare: Math.min(topScale, footScale),
  };
};

const BAR_SHARE = 0.055;
/** How far the bar reaches beyond head and foot. */
const BAR_BEYOND = 0.08;

/** Two side by side with a bar between them. */
export const twoWithBar: MonogramForm = ({ letters, capHeight, gap }) => {
  if (letters.length !== 2) return null;
  const [first] = letters.map((rings) => rowAt([rings], capHeight, gap));
  const second = rowAt([letters[1]!], capHeight, gap);
  if (!first || !second) return null;
  const [bar, beyond] = [BAR_SHARE * capHeight, BAR_BEYOND * capHeight];
  const right = first.width + 2 * gap + bar;
  return {
    letters: [first.letters[0]!, second.letters[0]!.map((ring) => scaled(ring, 1, right, 0))],
    between: [
      boxRing({
        minX: Math.round(first.width + gap),
        maxX: Math.round(first.width + gap + bar),
        minY: Math.round(-capHeight - beyond),
        maxY: Math.round(beyond),
      }),
    ],
    lowestShare: 1,
  };
};

function rowAt(letters: readonly (readonly Ring[])[], height: number, gap: number) {
  const placed = besideEachOther(letters, gap, height);
  const box = placed && boxOfRings(placed.flat());
  return placed && box && { letters: placed, width: box.maxX };
}

function scaled(ring: Ring, scale: number, dx: number, dy: number): Int32Array {
  return ring.map((value, i) => Math.round(value * scale + (i % 2 === 0 ? dx : dy)));
}
