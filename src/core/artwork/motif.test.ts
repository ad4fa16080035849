import fc from 'fast-check';
import { EM_UNITS } from '../faces';
import { type Outline, boxOfRings, outlineArea, outlineRings } from '../geometry';
import { STARTER_MOTIFS } from '../motifs';
import { type Motif, MOTIF_UNITS, STAND_BLOCK_SHA } from '../shop';
import type { SlotMotif } from '../resolve';
import { aBorder, aRunOfLetters, distanceToEdges, isOnInk, shippedFaces } from '../test';
import { artJobKey, drawArtwork } from '.';

const named = (name: string): Motif => STARTER_MOTIFS.find(({ value }) => value.name === name)!.value;

function job(
  text: string,
  motif: Partial<SlotMotif> & Pick<SlotMotif, 'spot'>,
  more: { border?: number; widthShare?: number; lines?: number } = {},
) {
  const whole: SlotMotif = { motif: named('lyre'), parts: [0], share: 1.5, gapShare: 0.4, ...motif };
  const layers = [
    ...(more.border === undefined ? [] : [{ colourSlot: 'border', make: aBorder(more.border) }]),
    ...whole.parts.map((part) => ({
      colourSlot: `motif ${part}`,
      make: { kind: 'motif' as const, part, isBehind: whole.spot === 'behind' },
    })),
    { colourSlot: 'main', make: { kind: 'text' as const } },
  ];
  const lines =
    text === ''
      ? []
      : Array.from({ length: more.lines ?? 1 }, (_, no) => ({ no, runs: [aRunOfLetters(text, STAND_BLOCK_SHA)] }));
  return { leadFace: STAND_BLOCK_SHA, lines, layers, motif: whole, widthShare: more.widthShare ?? 1 };
}

function drawn(...args: Parameters<typeof job>) {
  const artwork = drawArtwork(job(...args), shippedFaces());
  const at = args[2]?.border === undefined ? artwork : artwork.at(40);
  const motif = at.layers.find((_, i) => job(...args).layers[i]!.make.kind === 'motif')!;
  return {
    artwork: at,
    cap: at.capHeightEm * EM_UNITS,
    motif: motif.inkBox!,
    shape: motif.outline,
    text: at.layers.at(-1)!.inkBox!,
  };
}

const middle = (min: number, max: number) => (min + max) / 2;

test('beside a line it is as tall as asked, so far from its ink, and in the middle of the capitals', () => {
  fc.assert(
    fc.property(
      fc.stringMatching(/^[A-Zg]{1,6}$/),
      fc.double({ min: 0.3, max: 4, noNaN: true }),
      fc.double({ min: 0, max: 2, noNaN: true }),
      fc.constantFrom('before' as const, 'after' as const),
      (text, share, gapShare, spot) => {
        const { motif, text: letters, cap } = drawn(text, { spot, share, gapShare });
        expect((motif.maxY - motif.minY) / cap).toBeCloseTo(share, 3);
        expect(middle(motif.minY, motif.maxY) / cap).toBeCloseTo(-0.5, 3);
        const gap = spot === 'before' ? letters.minX - motif.maxX : motif.minX - letters.maxX;
        expect(gap / cap).toBeCloseTo(gapShare, 3);
      },
    ),
    { numRuns: 40 },
  );
});

test('above and below it is in the middle of the text; of several lines it stands in the middle beside them', () => {
  for (const text of ['ODALYS', 'Bo']) {
    const above = drawn(text, { spot: 'above' });
    const below = drawn(text, { spot: 'below' });
    for (const { motif, text: letters } of [above, below]) {
      expect(Math.abs(middle(motif.minX, motif.maxX) - middle(letters.minX, letters.maxX))).toBeLessThan(3);
    }
    expect((above.text.minY - above.motif.maxY) / above.cap).toBeCloseTo(0.4, 3);
    expect((below.motif.minY - below.text.maxY) / below.cap).toBeCloseTo(0.4, 3);
  }
  const two = drawn('BO', { spot: 'before' }, { lines: 2 });
  expect(middle(two.motif.minY, two.motif.maxY) / EM_UNITS).toBeCloseTo((1.2 - two.artwork.capHeightEm) / 2, 3);
});

test('at a corner it stands clear of the text both ways, on the right turned to the middle', () => {
  const plain = drawn('BO', { spot: 'topLeft', motif: named('cornet') });
  for (const spot of ['topLeft', 'topRight', 'bottomLeft', 'bottomRight'] as const) {
    const { motif, text, cap, shape } = drawn('BO', { spot, motif: named('cornet') });
    const [across, down] = [
      spot.endsWith('Left') ? text.minX - motif.maxX : motif.minX - text.maxX,
      spot.startsWith('top') ? text.minY - motif.maxY : motif.minY - text.maxY,
    ];
    expect([across / cap, down / cap]).toEqual([expect.closeTo(0.4, 3), expect.closeTo(0.4, 3)]);
    // The same shape, or its mirror image about the middle between both.
    const axis = motif.minX + plain.motif.maxX;
    const dy = motif.minY - plain.motif.minY;
    for (const ring of outlineRings(plain.shape)) {
      for (let i = 0; i < ring.length; i += 16) {
        const x = spot.endsWith('Left') ? ring[i]! : axis - ring[i]!;
        expect(distanceToEdges(shape, x, ring[i + 1]! + dy)).toBeLessThan(5);
      }
    }
  }
});

test('on both sides the right one is the left one reversed, as far away', () => {
  const { motif, shape, text: letters } = drawn('BO', { spot: 'both', motif: named('cornet') });
  expect(letters.minX - motif.minX).toBeCloseTo(motif.maxX - letters.maxX, -1);
  const axis = middle(letters.minX, letters.maxX);
  let count = 0;
  for (const ring of outlineRings(shape)) {
    for (let i = 0; i < ring.length; i += 8, count++) {
      expect(distanceToEdges(shape, 2 * axis - ring[i]!, ring[i + 1]!)).toBeLessThan(5);
    }
  }
  expect(count).toBeGreaterThan(50);
});

test('around a text it is as small as its inside takes it, and touches no letter', () => {
  fc.assert(
    fc.property(fc.stringMatching(/^[A-Z][a-z]{1,5}$/), fc.double({ min: 0.5, max: 1, noNaN: true }), (text, share) => {
      const { shape, text: letters, motif } = drawn(text, { spot: 'around', motif: named('laurel'), share });
      const box = (grown: number): Outline => {
        const [x, y] = [middle(letters.minX, letters.maxX), middle(letters.minY, letters.maxY)];
        const [w, h] = [((letters.maxX - letters.minX) / 2) * grown, ((letters.maxY - letters.minY) / 2) * grown];
        return {
          islands: [{ outer: Int32Array.of(x - w, y - h, x + w, y - h, x + w, y + h, x - w, y + h), holes: [] }],
        };
      };
      const isFree = (grown: number) => {
        const room = box(grown);
        const corners = [...outlineRings(room)][0]!;
        const isOut = [0, 2, 4, 6].every((i) => !isOnInk(shape, corners[i]!, corners[i + 1]!));
        return (
          isOut &&
          [...outlineRings(shape)].every((ring) => {
            for (let i = 0; i < ring.length; i += 2) if (isOnInk(room, ring[i]!, ring[i + 1]!)) return false;
            return true;
          })
        );
      };
      expect(isFree(0.99 / share)).toBe(true);
      expect(isFree(1.05 / share)).toBe(false);
      expect(motif.minX).toBeLessThan(letters.minX);
    }),
    { numRuns: 15 },
  );
});

test('what has no inside is laid behind instead of being made as small as nothing', () => {
  const around = drawn('BO', { spot: 'around', motif: named('star'), share: 3 });
  const behind = drawn('BO', { spot: 'behind', motif: named('star'), share: 3 });
  expect(around.motif).toEqual(behind.motif);
  expect(
    Math.abs(middle(behind.motif.minX, behind.motif.maxX) - middle(behind.text.minX, behind.text.maxX)),
  ).toBeLessThan(3);
});

test('alone it stands on the line, as tall as asked; nothing of it is missing', () => {
  const artwork = drawArtwork(job('', { spot: 'alone', share: 2 }), shippedFaces());
  const { inkBox, outline, missing, layers } = artwork;
  expect((inkBox!.maxY - inkBox!.minY) / EM_UNITS).toBeCloseTo(2 * artwork.capHeightEm, 4);
  expect([Math.abs(inkBox!.minX), Math.abs(inkBox!.maxY)]).toEqual([0, 0]);
  expect(missing).toEqual([]);
  expect(layers.at(-1)!.inkBox).toBeNull();
  expect(outline).toEqual(layers[0]!.outline);
});

test('a border goes around letters and motif alike, and around parts that are cut alone', () => {
  const banner = named('banner');
  const whole = drawn('BO', { spot: 'before', motif: banner, parts: [0, 1] }, { border: 2 });
  const body = drawn('BO', { spot: 'before', motif: banner, parts: [0] }, { border: 2 });
  const around = ({ artwork }: typeof whole) => artwork.layers[0]!;
  for (const one of [whole, body]) {
    for (const ring of outlineRings(one.shape)) {
      for (let i = 0; i < ring.length; i += 6) expect(isOnInk(around(one).outline, ring[i]!, ring[i + 1]!)).toBe(true);
    }
    expect(one.artwork.inkBox).toEqual(around(one).inkBox);
  }
  // Its tails hang 46 of 62 high, and are as tall as asked where they are cut alone.
  const height = ({ motif, cap }: typeof whole) => (motif.maxY - motif.minY) / cap;
  expect(height(body)).toBeCloseTo(1.5, 3);
  expect(height(whole)).toBeCloseTo((1.5 * 46) / 62, 3);
  expect(outlineArea(around(whole).outline)).not.toBeCloseTo(outlineArea(around(body).outline), -6);
});

test('letters that are drawn narrower leave it as it is', () => {
  const plain = drawn('BOB', { spot: 'before' });
  const narrow = drawn('BOB', { spot: 'before' }, { widthShare: 0.8 });
  const width = ({ motif }: typeof plain) => motif.maxX - motif.minX;
  expect(Math.abs(width(narrow) - width(plain))).toBeLessThan(3);
  expect((narrow.text.maxX - narrow.text.minX) / (plain.text.maxX - plain.text.minX)).toBeCloseTo(0.8, 3);
  expect((narrow.text.minX - narrow.motif.maxX) / narrow.cap).toBeCloseTo(0.4, 3);
});

test('jobs are one where the motifs are drawn alike, whatever object they are', () => {
  const key = (part: Partial<SlotMotif> = {}) => artJobKey(job('BO', { spot: 'before', ...part }));
  expect(key({ motif: structuredClone(named('lyre')) as Motif })).toBe(key());
  const others = [
    key({ share: 2 }),
    key({ gapShare: 0.1 }),
    key({ spot: 'after' }),
    key({ motif: named('note') }),
    artJobKey({ ...job('BO', { spot: 'before' }), motif: null }),
  ];
  expect(new Set([key(), ...others]).size).toBe(others.length + 1);
});

test('every starter stands in its frame', () => {
  for (const { value } of STARTER_MOTIFS) {
    const box = boxOfRings(value.parts.flatMap(({ outline }) => outline.flat().map((ring) => Int32Array.from(ring))))!;
    expect([value.name, box.minX, box.minY, box.maxY]).toEqual([value.name, 0, 0, MOTIF_UNITS]);
  }
});
