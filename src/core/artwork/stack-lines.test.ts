import fc from 'fast-check';
import { EM_UNITS } from '../faces';
import { boxOfRings } from '../geometry';
import { type LineStand, type Stack, STAND_BLOCK_SHA } from '../shop';
import { aRunOfLetters, anArtwork, shippedFaces } from '../test';
import { artJobKey } from './art-job';
import type { Artwork } from './draw-artwork';

const block = STAND_BLOCK_SHA;
const cap = shippedFaces()(block).capHeightEm * EM_UNITS;
/** How far the round ends of this face reach beyond its line, of its capitals. */
const ROUNDED = 0.03;
const PLAIN: Stack = { gapShare: 0.5, widths: 'own', between: 'nothing' };

const line = (text: string, no: number, sizeShare?: number) => ({
  no,
  runs: [aRunOfLetters(text, block)],
  ...(sizeShare === undefined ? {} : { sizeShare }),
});

function stacked(texts: readonly (readonly [text: string, share?: number])[], stack: Partial<Stack> = {}): Artwork {
  const lines = texts.map(([text, share], no) => line(text, no, share));
  return anArtwork(block, [], 1, { lines, form: { stack: { ...PLAIN, ...stack } } });
}

/** Boxes of the islands, from the top down. */
const boxesOf = (art: Artwork) =>
  art.outline.islands.map(({ outer }) => boxOfRings([outer])!).sort((a, b) => a.minY - b.minY || a.minX - b.minX);

test('capitals of a smaller line stand clear of the first by the asked share, centred beneath it', () => {
  const art = stacked([['HEH'], ['IE', 0.4]], { gapShare: 0.3 });
  const boxes = boxesOf(art);
  const [above, below] = [boxes.slice(0, 3), boxes.slice(3)];
  expect(below).toHaveLength(2);
  const head = Math.min(...below.map(({ minY }) => minY));
  expect(Math.abs(head / cap - 0.3)).toBeLessThan(ROUNDED);
  expect(Math.abs((below[0]!.maxY - below[0]!.minY) / cap - 0.4)).toBeLessThan(ROUNDED);
  const middle = (some: typeof boxes) =>
    (Math.min(...some.map((b) => b.minX)) + Math.max(...some.map((b) => b.maxX))) / 2;
  expect(Math.abs(middle(above) - middle(below))).toBeLessThan(3);
  expect(art.lastBaselineEm * EM_UNITS).toBeCloseTo(0.7 * cap, -3);
  expect(art.lineScales).toEqual([1, 0.4]);
});

test('what hangs below a line takes half of the room and never more', () => {
  const room = (text: string) => {
    const art = stacked([[text], ['H', 0.5]], { gapShare: 0.4 });
    const last = boxesOf(art).at(-1)!;
    const lowest = Math.max(
      ...boxesOf(art)
        .slice(0, -1)
        .map(({ maxY }) => maxY),
    );
    return (last.minY - Math.max(0, lowest)) / cap;
  };
  expect(Math.abs(room('HH') - 0.4)).toBeLessThan(ROUNDED);
  expect(room('Hg')).toBeGreaterThanOrEqual(0.2 - 1e-3);
  expect(room('Hg')).toBeLessThan(0.4);
});

test('the least capitals are those of the smallest line, and it is named', () => {
  expect(stacked([['Ada'], ['1996', 0.3]]).lowest).toEqual({
    capHeightEm: expect.closeTo((0.3 * cap) / EM_UNITS, 6),
    line: 1,
  });
  expect(stacked([['Ada'], ['1996']]).lowest.line).toBe(0);
});

test('equally wide: every line is as wide as the widest, unless it would be four times as large', () => {
  const widthOf = (text: string) => {
    const { minX, maxX } = anArtwork(block, [text]).inkBox!;
    return maxX - minX;
  };
  const lineText = fc.string({ unit: fc.constantFrom(...'ABEHMNRagi'), minLength: 3, maxLength: 9 });
  fc.assert(
    fc.property(fc.array(lineText, { minLength: 2, maxLength: 4 }), (texts) => {
      const art = stacked(
        texts.map((text) => [text]),
        { widths: 'equal' },
      );
      const widest = Math.max(...texts.map(widthOf));
      texts.forEach((text, i) => {
        const scale = art.lineScales[i]!;
        expect(scale).toBeLessThanOrEqual(4);
        if (scale < 4) expect((widthOf(text) * scale) / widest).toBeCloseTo(1, 5);
      });
      expect((art.inkBox!.maxX - art.inkBox!.minX) / widest).toBeCloseTo(1, 4);
    }),
    { numRuns: 30, seed: 5 },
  );
  expect(stacked([['I'], ['MMMMMMMMMM']], { widths: 'equal' }).lineScales).toEqual([4, 1]);
});

test('a line has room and a mark of its own above it, and what comes below stands as all lines do', () => {
  const three = (second: Partial<LineStand>) => {
    const lines = ['HH', 'HH', 'HH'].map((text, no) => ({ ...line(text, no, 0.5), ...(no === 1 ? second : {}) }));
    return boxesOf(anArtwork(block, [], 1, { lines, form: { stack: { ...PLAIN, gapShare: 0.4, between: 'rule' } } }));
  };
  const shares = (boxes: ReturnType<typeof three>) =>
    boxes
      .slice(1)
      .map(({ minY }, i) =>
        Math.round((100 * (minY - Math.max(...boxes.slice(0, i + 1).map(({ maxY }) => maxY)))) / cap),
      );
  // Two letters, a rule, two letters, a rule, two letters; letters of one line stand beside each other.
  const gaps = (boxes: ReturnType<typeof three>) => shares(boxes).filter((share) => share > -20);
  const near = (found: number[], wanted: number[]) => {
    expect(found).toHaveLength(wanted.length);
    found.forEach((share, i) => expect(Math.abs(share - wanted[i]!)).toBeLessThan(100 * ROUNDED));
  };
  near(gaps(three({})), [40, 40, 40, 40]);
  near(gaps(three({ gapAboveShare: 0.1 })), [10, 10, 40, 40]);
  near(gaps(three({ above: 'nothing' })), [40, 40, 40]);
  near(gaps(three({ above: 'nothing', gapAboveShare: 1 })), [100, 40, 40]);
  expect(three({ above: 'dot' })).toHaveLength(8);
  // Equal jobs are drawn once, and these are not equal.
  const keyOf = (stand: Partial<LineStand>) =>
    artJobKey({ leadFace: block, lines: [line('H', 0), { ...line('H', 1), ...stand }], layers: [], widthShare: 1 });
  expect(
    new Set([{}, { gapAboveShare: 0.5 }, { above: 'rule' as const }, { above: 'nothing' as const }].map(keyOf)).size,
  ).toBe(4);
});

test('an ornament stands clear of both lines, in the middle of the room between them', () => {
  for (const between of ['rule', 'dot', 'lozenge'] as const) {
    const boxes = boxesOf(stacked([['HH'], ['HH', 0.5]], { gapShare: 0.3, between }));
    expect(boxes).toHaveLength(5);
    const mark = boxes[2]!;
    expect(mark.minX + mark.maxX).toBeLessThan(10);
    expect(Math.abs(mark.minY / cap - 0.3)).toBeLessThan(ROUNDED);
    expect(Math.abs((boxes[3]!.minY - mark.maxY - mark.minY) / cap)).toBeLessThan(ROUNDED);
  }
  expect(boxesOf(stacked([['HH'], ['HH', 0.5]], { between: 'nothing' }))).toHaveLength(4);
});
