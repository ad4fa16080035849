import { artCache } from '../artwork';
import fc from 'fast-check';
import { boxOfRings, outlineRings } from '../geometry';
import { ANCHORS } from '../shop';
import { changeLeastHeight, changePlace, changePlaceUse } from '../edit';
import { wordingOf } from '../spec';
import { type FlatFit, fitRun, aRun, shippedFaces, withPlace, withRule } from '../test';
import { UM10_PER_MM } from '../units';
import { inkOutline, placedOutline } from '.';

const cache = artCache(shippedFaces());
const byText = (fits: readonly FlatFit[], text: string) => fits.find(({ slot }) => slot.text[0] === text)!;
const name = fc.stringMatching(/^[A-ZÅÉØ][a-zéøłß]{1,14}(-[A-Z][a-z]{1,8})?$/);

test('fill: the ink touches its place in one direction and lies inside in both, at every anchor', () => {
  fc.assert(
    fc.property(
      fc.array(name, { minLength: 1, maxLength: 4 }),
      fc.integer({ min: 40, max: 300 }),
      fc.integer({ min: 20, max: 120 }),
      fc.constantFrom(...ANCHORS),
      fc.constantFrom('brass-script', 'stand-block'),
      (texts, width, height, anchor, letteringId) => {
        const spec = changePlace(withPlace(aRun(texts), width, height, letteringId), null, (place) => ({
          ...place,
          anchor,
        }));
        for (const fit of fitRun(spec, cache).fits) {
          const box = boxOfRings(outlineRings(placedOutline(fit)))!;
          // Outline and spot are each rounded to 0.1 µm: together they may be one off.
          expect(box.minX).toBeGreaterThanOrEqual(-1);
          expect(box.minY).toBeGreaterThanOrEqual(-1);
          expect(box.maxX).toBeLessThanOrEqual(width * 10_000 + 1);
          expect(box.maxY).toBeLessThanOrEqual(height * 10_000 + 1);
          expect(Math.max(fit.inkWidthMm / width, fit.inkHeightMm / height)).toBeGreaterThan(0.9999);
        }
      },
    ),
    { numRuns: 60 },
  );
});

test('a piece’s outline starts at the corner of its ink and has the size that the fit tells', () => {
  const [fit] = fitRun(aRun(['Quill']), cache).fits;
  const box = boxOfRings(outlineRings(inkOutline(fit!)))!;
  expect([box.minX, box.minY]).toEqual([0, 0]);
  expect(box.maxX / 10_000).toBeCloseTo(fit!.inkWidthMm, 3);
  expect(box.maxY / 10_000).toBeCloseTo(fit!.inkHeightMm, 3);
});

test('level: one cap height for the set, as tall as the text that holds it back allows', () => {
  const spec = withRule(aRun(['Ottoline-Hartington', 'Bo', 'Ann']), { kind: 'level', heightMm: null });
  const { fits, setSizes } = fitRun(spec, cache);
  const heights = fits.map(({ capHeightMm }) => capHeightMm);
  expect(Math.max(...heights) - Math.min(...heights)).toBeLessThan(1e-9);
  const [set] = Object.values(setSizes);
  expect(set).toMatchObject({ heldBackBy: 'Ottoline-Hartington' });
  const without = fitRun(withRule(aRun(['Bo', 'Ann']), { kind: 'level', heightMm: null }), cache);
  expect(set!.withoutItMm).toBeCloseTo(Object.values(without.setSizes)[0]!.letterMm, 9);
});

test('level: a text with a stop does not make the others small', () => {
  const texts = ['Ann', 'Bo', 'Wolfeschlegelsteinhausenbergerdorff-Ottoline'];
  const { fits } = fitRun(withRule(aRun(texts), { kind: 'level', heightMm: null }), cache);
  const withoutIt = fitRun(withRule(aRun(texts.slice(0, 2)), { kind: 'level', heightMm: null }), cache).fits;
  expect(byText(fits, texts[2]!).findings).toMatchObject([{ kind: 'tooSmall', severity: 'stop' }]);
  expect(byText(fits, 'Ann').capHeightMm).toBeCloseTo(byText(withoutIt, 'Ann').capHeightMm, 9);
});

test('level at a chosen height: what cannot reach it says so, the rest has it exactly', () => {
  const { fits } = fitRun(withRule(aRun(['Bo', 'Montgomery']), { kind: 'level', heightMm: 35 }), cache);
  expect(byText(fits, 'Bo').capHeightMm).toBeCloseTo(35, 9);
  const long = byText(fits, 'Montgomery');
  expect(long.findings).toContainEqual({
    kind: 'belowSet',
    severity: 'check',
    capHeightMm: long.capHeightMm,
    setMm: 35,
  });
});

test('a set chosen below the least height stops every fit', () => {
  const { fits } = fitRun(withRule(aRun(['Bo', 'Ann']), { kind: 'level', heightMm: 5 }), cache);
  expect(fits.map(({ findings }) => findings[0]?.kind)).toEqual(['tooSmall', 'tooSmall']);
});

test('the least letter height is the lettering’s and can be changed', () => {
  const spec = aRun(['Montgomery']);
  expect(fitRun(spec, cache).fits[0]!.findings).toEqual([]);
  expect(fitRun(changeLeastHeight(spec, null, 60), cache).fits[0]!.findings).toMatchObject([
    { kind: 'tooSmall', leastMm: 60 },
  ]);
});

test('what a descender costs is told in millimetres of letter height, and is what it really costs', () => {
  const { fits } = fitRun(withPlace(aRun(['Ag', 'AH']), 400, 40, 'stand-block'), cache);
  const finding = byText(fits, 'Ag').findings.find(({ kind }) => kind === 'extenderCosts');
  const cost = finding?.kind === 'extenderCosts' ? finding.costMm : NaN;
  expect(byText(fits, 'Ag').capHeightMm + cost).toBeCloseTo(40, 2);
  expect(byText(fits, 'AH').findings.filter(({ kind }) => kind !== 'placePast')).toEqual([]);
});

test('missing characters and empty wording are stops', () => {
  const { fits } = fitRun(aRun(['漢 Bo', 'Ann']), cache);
  expect(fits[0]!.findings).toMatchObject([{ kind: 'characterMissing', characters: ['漢'] }]);
  const empty = { ...aRun(['Ann']) };
  const entries = empty.entries.map((entry) => ({ ...entry, fields: { text: '' } }));
  expect(fitRun({ ...empty, entries }, cache).fits[0]!.findings).toEqual([{ kind: 'nothingToDraw', severity: 'stop' }]);
});

test('a quantity gives so many items, a withdrawn entry none', () => {
  const spec = aRun(['Ann', 'Bo', 'Cy']);
  const entries = spec.entries.map((entry, i) => ({ ...entry, quantity: i === 0 ? 3 : 1, withdrawn: i === 2 }));
  const { fits } = fitRun({ ...spec, entries }, cache);
  expect(fits.map(({ slot }) => [slot.text[0], slot.ref.ordinal])).toEqual([
    ['Ann', 1],
    ['Ann', 2],
    ['Ann', 3],
    ['Bo', 1],
  ]);
});

test('one letter to a blank: each copy takes as many items as the text has letters', () => {
  const spec = changePlaceUse(aRun(['Bo Li']), null, (place) => ({
    ...place,
    wording: { ...wordingOf(['{text}']), spread: 'letterPerBlank' },
  }));
  const entries = spec.entries.map((entry) => ({ ...entry, quantity: 2 }));
  const { fits } = fitRun({ ...spec, entries }, cache);
  expect(fits.map(({ slot }) => slot.text.join(''))).toEqual([...'BoLiBoLi']);
  expect(fits.map(({ slot }) => slot.ref.ordinal)).toEqual([1, 2, 3, 4, 5, 6, 7, 8]);
});

test('two lines are drawn as one text, smaller than one of them alone', () => {
  const worded = (templates: string[]) =>
    fitRun(
      changePlaceUse(aRun(['Ann Lee']), null, (place) => ({ ...place, wording: wordingOf(templates) })),
      cache,
    ).fits[0]!;
  const [one, two] = [worded(['{given}']), worded(['{given}', '{family}'])];
  expect(two.slot.text).toEqual(['Ann', 'Lee']);
  expect(two.inkHeightMm).toBeLessThanOrEqual(one.inkHeightMm * 2);
  expect(two.capHeightMm).toBeLessThan(one.capHeightMm);
});

test('what is wrong with the words keeps the piece out', () => {
  const spec = changePlaceUse(aRun(['Ann', 'Bo Lind']), null, (place) => ({
    ...place,
    wording: wordingOf(['{monogram}']),
  }));
  const { fits } = fitRun(spec, cache);
  expect(fits[0]!.findings).toEqual([{ kind: 'monogramUnmade', severity: 'stop', lacks: 'noFamily' }]);
  expect(fits[1]!.slot.text).toEqual(['BL']);
});

test('text along a strap is turned in its place, and its outline with it', () => {
  const spec = changePlace(aRun(['Ottilie']), null, (place) => ({
    ...place,
    outline: { kind: 'rect', widthMm: 40, heightMm: 180 },
    readingDeg: 90,
  }));
  const [fit] = fitRun(spec, cache).fits;
  expect(fit!.turnDeg).toBe(90);
  expect(fit!.inkWidthMm).toBeGreaterThan(fit!.inkHeightMm);
  const box = boxOfRings(outlineRings(placedOutline(fit!)))!;
  // Upright on the item: as tall as the text is wide, inside the place, where the fit says it lies.
  expect((box.maxY - box.minY) / UM10_PER_MM).toBeCloseTo(fit!.inkWidthMm, 2);
  expect((box.maxX - box.minX) / UM10_PER_MM).toBeCloseTo(fit!.inkHeightMm, 2);
  expect(box.minX / UM10_PER_MM).toBeCloseTo(fit!.xMm, 2);
  expect(box.maxX / UM10_PER_MM).toBeLessThanOrEqual(40);
  expect(box.maxY / UM10_PER_MM).toBeLessThanOrEqual(180);
});

test('a place that leaves no room, and a size that the blank does not come in, stop the fit and say so', () => {
  const crossed = changePlace(aRun(['Ann']), null, (place) => ({
    ...place,
    outline: {
      kind: 'polygon',
      corners: [
        [0, 0],
        [100, 50],
        [100, 0],
        [0, 50],
      ],
    },
  }));
  const [none] = fitRun(crossed, cache).fits;
  expect([none!.emMm, none!.findings]).toEqual([0, [{ kind: 'placeUnusable', severity: 'stop' }]]);

  const plain = aRun(['Ann', 'Bo']);
  const sized = {
    ...plain,
    entries: plain.entries.map((entry, i) => ({
      ...entry,
      fields: { ...entry.fields, size: i === 0 ? 'one size' : 'L' },
    })),
    uses: plain.uses.map((use) => ({
      ...use,
      variant: { kind: 'byColumn' as const, sizeField: 'size', colourField: null },
    })),
  };
  const [fits, missing] = fitRun(sized, cache).fits;
  expect([fits!.findings.length, fits!.emMm > 0]).toEqual([0, true]);
  expect([missing!.emMm, missing!.findings]).toEqual([
    0,
    [{ kind: 'variantMissing', severity: 'stop', part: 'size', said: 'L', has: ['one size'] }],
  ]);
});

test('a tapering place is filled along its slanted sides, not only in the rectangle inside', () => {
  const spec = changePlace(aRun(['Wilhelmina Abernethy']), null, (place) => ({
    ...place,
    outline: { kind: 'taper', topWidthMm: 220, bottomWidthMm: 120, heightMm: 80 },
  }));
  const [fit] = fitRun(spec, cache).fits;
  // At height y the strip lies between 0.625 y and 220 - 0.625 y.
  const slack = [...outlineRings(placedOutline(fit!))].flatMap((ring) =>
    Array.from({ length: ring.length / 2 }, (_, i) => {
      const [x, y] = [ring[2 * i]! / UM10_PER_MM, ring[2 * i + 1]! / UM10_PER_MM];
      return Math.min(x - 0.625 * y, 220 - 0.625 * y - x, y, 80 - y);
    }),
  );
  expect(Math.min(...slack)).toBeGreaterThanOrEqual(0);
  expect(Math.min(...slack)).toBeLessThan(0.05);
  expect(fit!.inkWidthMm).toBeGreaterThan(150);
  expect(fit!.boundBy).toBe('outline');
});
