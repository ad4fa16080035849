import fc from 'fast-check';
import { EM_UNITS } from '../faces';
import { type Outline, boxOfRings, outlineRings, ringArea, writeOutline } from '../geometry';
import { type SetRun, resolveSlots } from '../resolve';
import { BRASS_SCRIPT_SHA, HEAVY_SLAB_SHA, STAND_BLOCK_SHA } from '../shop';
import { COLOURS, aColouredRun, aRun, aRunOfLetters, anArtwork, shippedFaces } from '../test';
import { type ArtJob, artCache, artJobKey, artJobOf, drawArtwork, facesOfJob } from '.';

const faceOf = shippedFaces();
const areaOf = ({ islands }: Outline) =>
  islands.reduce(
    (sum, { outer, holes }) => sum + ringArea(outer) + holes.reduce((all, hole) => all + ringArea(hole), 0),
    0,
  );

function drawn(lines: readonly (readonly SetRun[])[], slots: readonly string[], widthShare = 1) {
  const job: ArtJob = {
    leadFace: STAND_BLOCK_SHA,
    lines: lines.map((runs, no) => ({ no, runs })),
    layers: slots.map((colourSlot) => ({ colourSlot, make: { kind: 'text' } })),
    widthShare,
  };
  return drawArtwork(job, faceOf);
}

test('a word in two colours stands as the word does: its layers are its letters, none lost and none moved', () => {
  fc.assert(
    fc.property(fc.stringMatching(/^[ATVLYPoa]{2,6}$/), fc.nat(5), (text, at) => {
      const cut = Math.min(at, text.length - 1);
      const runs = [
        aRunOfLetters(text.slice(0, cut), STAND_BLOCK_SHA),
        aRunOfLetters(text.slice(cut), STAND_BLOCK_SHA, { colourSlot: 'second' }),
      ];
      const { layers, inkBox, outline } = drawn([runs], ['main', 'second']);
      const whole = anArtwork(STAND_BLOCK_SHA, [text]);
      expect(inkBox).toEqual(whole.inkBox);
      expect(areaOf(layers[0]!.outline) + areaOf(layers[1]!.outline)).toBeCloseTo(areaOf(outline), -3);
      // The second colour ends where the word ends, the first begins where it begins.
      expect(layers[1]!.inkBox!.maxX).toBe(whole.inkBox!.maxX);
      if (cut > 0) expect(layers[0]!.inkBox!.minX).toBe(whole.inkBox!.minX);
      else expect(layers[0]!.inkBox).toBeNull();
    }),
    { numRuns: 40 },
  );
});

test('neighbours in two colours are spaced as one word, those of two faces each by its own', () => {
  const gap = (...runs: SetRun[]) => {
    const { layers } = drawn([runs], ['main', 'second']);
    return layers[1]!.inkBox!.minX - layers[0]!.inkBox!.maxX;
  };
  const second = { colourSlot: 'second' };
  const asOne = gap(aRunOfLetters('A', STAND_BLOCK_SHA), aRunOfLetters('V', STAND_BLOCK_SHA, second));
  const [a, v] = [anArtwork(STAND_BLOCK_SHA, ['A']).inkBox!, anArtwork(STAND_BLOCK_SHA, ['AV']).inkBox!];
  const vAlone = anArtwork(STAND_BLOCK_SHA, ['V']).inkBox!;
  expect(asOne).toBe(v.maxX - (vAlone.maxX - vAlone.minX) - a.maxX);
  // Spaced apart on purpose, the pair is not drawn together.
  const apart = gap(
    aRunOfLetters('A', STAND_BLOCK_SHA),
    aRunOfLetters('V', STAND_BLOCK_SHA, { ...second, trackingEm: 0.001 }),
  );
  expect(apart).toBeGreaterThan(asOne + 10_000);
  const other = gap(aRunOfLetters('A', STAND_BLOCK_SHA), aRunOfLetters('V', HEAVY_SLAB_SHA, second));
  expect(other).not.toBe(asOne);
});

test('three lines stand a line apart, the ink of each in the middle, whatever colours and faces they are of', () => {
  const { layers, lastBaselineEm } = drawn(
    [
      [aRunOfLetters('HIH', STAND_BLOCK_SHA)],
      [aRunOfLetters('I', HEAVY_SLAB_SHA, { colourSlot: 'second' })],
      [aRunOfLetters('HH', STAND_BLOCK_SHA, { colourSlot: 'third' })],
    ],
    ['main', 'second', 'third'],
  );
  expect(lastBaselineEm).toBeCloseTo(2.4, 9);
  for (const { inkBox } of layers) expect(Math.abs(inkBox!.minX + inkBox!.maxX)).toBeLessThanOrEqual(1);
  const feet = layers.map(({ inkBox }) => inkBox!.maxY);
  expect(feet[2]! - feet[0]!).toBeCloseTo(2.4 * EM_UNITS, -4);
  expect(feet[1]!).toBeCloseTo(1.2 * EM_UNITS, -4);
  expect(drawn([], ['main']).lastBaselineEm).toBe(0);
  expect(drawn([[aRunOfLetters('H', STAND_BLOCK_SHA)]], ['main']).lastBaselineEm).toBe(0);
});

test('drawn narrower, every layer is by that share, and as tall as before', () => {
  const runs = [aRunOfLetters('Ho', STAND_BLOCK_SHA), aRunOfLetters('gy', STAND_BLOCK_SHA, { colourSlot: 'second' })];
  const [plain, narrow] = [drawn([runs], ['main', 'second']), drawn([runs], ['main', 'second'], 0.8)];
  plain.layers.forEach(({ inkBox, outline }, i) => {
    const other = narrow.layers[i]!;
    expect(Math.abs(other.inkBox!.minX - inkBox!.minX * 0.8)).toBeLessThanOrEqual(1);
    expect(Math.abs(other.inkBox!.maxX - inkBox!.maxX * 0.8)).toBeLessThanOrEqual(1);
    expect([other.inkBox!.minY, other.inkBox!.maxY]).toEqual([inkBox!.minY, inkBox!.maxY]);
    expect(areaOf(other.outline) / areaOf(outline)).toBeCloseTo(0.8, 3);
  });
});

test('beside a taller centre there is clear room, as wide on both sides', () => {
  const tall = aRunOfLetters('T', STAND_BLOCK_SHA, { isTall: true });
  const { outline } = drawn(
    [[aRunOfLetters('A', STAND_BLOCK_SHA), tall, aRunOfLetters('V', STAND_BLOCK_SHA)]],
    ['main'],
  );
  const [left, centre, right] = [...outlineRings(outline)]
    .map((ring) => boxOfRings([ring])!)
    .filter(({ minX, maxX }, _, all) => !all.some((box) => box.minX < minX && box.maxX > maxX))
    .sort((a, b) => a.minX - b.minX);
  expect(centre!.minX - left!.maxX).toBeCloseTo(0.06 * EM_UNITS, -1);
  expect(right!.minX - centre!.maxX).toBeCloseTo(0.06 * EM_UNITS, -1);
});

test('what is missing is named with its line and run, once a run', () => {
  const { missing } = drawn(
    [
      [aRunOfLetters('A漢漢', STAND_BLOCK_SHA), aRunOfLetters('漢', HEAVY_SLAB_SHA, { colourSlot: 'second' })],
      [aRunOfLetters('字', STAND_BLOCK_SHA)],
    ],
    ['main', 'second'],
  );
  expect(missing).toEqual([
    { character: '漢', run: 0, line: 0 },
    { character: '漢', run: 1, line: 0 },
    { character: '字', run: 0, line: 1 },
  ]);
});

describe('jobs', () => {
  const spec = aColouredRun(['Ann']);
  const [slot] = resolveSlots(spec);
  const job = artJobOf(slot!);

  test('a slot’s job names its faces, and is the same one each time', () => {
    expect(artJobOf(slot!)).toBe(job);
    expect([...facesOfJob(job)].sort()).toEqual([STAND_BLOCK_SHA, BRASS_SCRIPT_SHA, HEAVY_SLAB_SHA].sort());
    expect(job.layers.map(({ colourSlot }) => colourSlot)).toEqual(COLOURS.map(({ slot: colour }) => colour));
  });

  test('a line that is too long for a name is not drawn', () => {
    const [long] = resolveSlots(aRun(['x'.repeat(300)]));
    expect(artJobOf(long!).lines).toEqual([]);
  });

  test('whatever is drawn otherwise has a key of its own; what is drawn alike has the same', () => {
    const runWith = (part: Partial<SetRun>): ArtJob => ({
      ...job,
      lines: job.lines.map((line, i) =>
        i === 1 ? { ...line, runs: line.runs.map((run, k) => (k === 0 ? { ...run, ...part } : run)) } : line,
      ),
    });
    const others: ArtJob[] = [
      { ...job, widthShare: 0.9 },
      { ...job, leadFace: HEAVY_SLAB_SHA },
      { ...job, layers: job.layers.slice(1) },
      { ...job, layers: [...job.layers].reverse() },
      { ...job, lines: job.lines.slice(1) },
      runWith({ text: 'CA' }),
      runWith({ face: BRASS_SCRIPT_SHA }),
      runWith({ colourSlot: 'main' }),
      runWith({ trackingEm: 0.1 }),
      runWith({ features: ['liga'] }),
      runWith({ isTall: true }),
    ];
    const keys = new Set([job, ...others].map(artJobKey));
    expect(keys.size).toBe(others.length + 1);
    expect(artJobKey({ ...job, lines: [...job.lines] })).toBe(artJobKey(job));
    // Asked again it is the same word.
    expect(artJobKey(job)).toBe(artJobKey(job));
  });

  test('the cache draws each once, also for another entry that says the same', () => {
    const cache = artCache(faceOf);
    const both = aColouredRun(['Ann', 'Ann']);
    const drawings = resolveSlots(both).map((one) => cache.draw(artJobOf(one)));
    expect(cache.numDrawn()).toBe(1);
    expect(drawings[1]).toBe(drawings[0]);
    expect(drawings[0]!.layers.map(({ outline }) => writeOutline(outline))).toEqual(
      drawArtwork(job, faceOf).layers.map(({ outline }) => writeOutline(outline)),
    );
  });
});
