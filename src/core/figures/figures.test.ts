import fc from 'fast-check';
import type { Finding } from '../finding';
import {
  type LayerNumbers,
  awaitsMeasure,
  countDecisions,
  factsOf,
  findingsByEntry,
  firstCopy,
  gravestFirst,
  isOpen,
  layerWord,
  longestFit,
  lookedWord,
  nameOfFit,
  oneGap,
  saidBeside,
  shownMeasures,
  whoseElse,
  wordsAsCut,
} from '.';

const STOP: Finding = { kind: 'tooSmall', severity: 'stop', capHeightMm: 3, leastMm: 8 };
const CHECK: Finding = { kind: 'belowSet', severity: 'check', capHeightMm: 10, setMm: 12 };
const NOTE: Finding = { kind: 'extenderCosts', severity: 'note', costMm: 1 };
const anyFindings = fc.array(fc.constantFrom(STOP, CHECK, NOTE), { maxLength: 3 });

function aLayer(part: Partial<LayerNumbers> = {}): LayerNumbers {
  return {
    layerId: 'alayer0001',
    kind: 'text',
    colourSlot: 'main',
    materialId: 'film-gold',
    part: { leftMm: 0, topMm: 0, widthMm: 10, heightMm: 5 },
    spot: null,
    onBlank: null,
    numIslands: 1,
    numHoles: 2,
    edgeMm: 30,
    areaMm2: 40,
    measures: null,
    ...part,
  };
}

test('what is to be decided is counted by entry, whatever order its places and items come in', () => {
  const fits = fc.array(fc.record({ entryId: fc.constantFrom('a', 'b', 'c'), findings: anyFindings }));
  fc.assert(
    fc.property(fits, (all) => {
      const open = ['a', 'b', 'c'].filter((id) =>
        all.some(({ entryId, findings }) => entryId === id && findings.some(({ severity }) => severity !== 'note')),
      );
      expect(countDecisions(all)).toBe(open.length);
      expect(countDecisions([...all].reverse())).toBe(open.length);
      // The list under the roster's rows asks for just the same entries.
      const byEntry = findingsByEntry(all);
      expect(['a', 'b', 'c'].filter((id) => isOpen({ findings: byEntry.get(id) ?? [] }))).toEqual(open);
    }),
  );
});

test('an entry’s findings are those of all its places, gravest first, and what they say alike stands once', () => {
  const other: Finding = { ...CHECK, setMm: 14 };
  const fits = [
    { entryId: 'a', findings: [NOTE, CHECK] },
    { entryId: 'a', findings: [STOP] },
    { entryId: 'a', findings: [CHECK, other] },
    { entryId: 'b', findings: [] },
  ];
  const byEntry = findingsByEntry(fits);
  expect(byEntry.get('a')).toEqual([STOP, CHECK, other, NOTE]);
  expect(byEntry.has('b')).toBe(false);
  // A clean second place hides nothing.
  expect(findingsByEntry([...fits, { entryId: 'a', findings: [] }]).get('a')).toEqual(byEntry.get('a'));
});

test('sorting by gravity keeps all of them, each kind in its own order', () => {
  fc.assert(
    fc.property(anyFindings, (findings) => {
      const sorted = gravestFirst(findings);
      for (const severity of ['stop', 'check', 'note']) {
        expect(sorted.filter((one) => one.severity === severity)).toEqual(
          findings.filter((one) => one.severity === severity),
        );
      }
      const ranks = sorted.map(({ severity }) => ['stop', 'check', 'note'].indexOf(severity));
      expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
    }),
  );
});

test('facts are those of all layers together', () => {
  const second = aLayer({ layerId: 'alayer0002', numIslands: 4, numHoles: 0, edgeMm: 5, areaMm2: 6 });
  expect(factsOf({ layers: [aLayer(), second] })).toEqual({ numIslands: 5, numHoles: 2, edgeMm: 35, areaMm2: 46 });
});

test('every layer’s measures are shown, each with the check that its own material makes of it', () => {
  const spot = { widthMm: 0.4, xMm: 1, yMm: 2 };
  const measures = { stroke: spot, gap: null, notch: spot, hole: spot };
  const broken = (layerId: string): Finding => ({
    kind: 'thinStroke',
    severity: 'check',
    widthMm: 0.4,
    leastMm: 0.5,
    passesAtMm: null,
    at: { layerId },
  });
  const layers = [aLayer({ measures }), aLayer({ layerId: 'alayer0002', measures: { ...measures, hole: null } })];
  const shown = shownMeasures({ layers, findings: [CHECK, broken('alayer0002')] });
  expect(shown.map(({ key, broken: found }) => [key, found?.kind ?? null])).toEqual([
    ['alayer0001-stroke', null],
    ['alayer0001-hole', null],
    ['alayer0002-stroke', 'thinStroke'],
  ]);
});

test('a text has one gap, its narrowest: along its edges, or where two letters come nearer', () => {
  const spot = (widthMm: number) => ({ xMm: 1, yMm: 2, widthMm });
  const measures = { stroke: null, gap: spot(0.59), notch: null, hole: null };
  const near = (gapMm: number): Finding => ({
    kind: 'lettersNear',
    severity: 'check',
    letters: ['G', 'u'],
    gapMm,
    leastMm: 0.8,
  });
  const narrow = { kind: 'narrowGap', severity: 'check', widthMm: 0.59, leastMm: 0.6 } as unknown as Finding;
  const layers = [aLayer({ measures: measures as never })];
  const gapOf = (findings: readonly Finding[], of = layers) => shownMeasures({ layers: of, findings }).at(0);
  expect(gapOf([near(0.42), narrow])).toMatchObject({ widthMm: 0.42, between: 'Gu', leastMm: 0.8, isAtSpot: true });
  expect(gapOf([near(0.42)])).toMatchObject({ widthMm: 0.42, between: 'Gu', isAtSpot: false });
  // As near or farther: what was measured stands.
  expect(gapOf([near(0.59), narrow])).toMatchObject({ widthMm: 0.59, between: null, broken: narrow, isAtSpot: true });
  expect(gapOf([])).toMatchObject({ widthMm: 0.59, broken: null, leastMm: null, isAtSpot: false });
  // A border has no letters.
  expect(gapOf([near(0.42)], [aLayer({ kind: 'border' as never, measures: measures as never })])).toMatchObject({
    between: null,
  });
  const asked = (...findings: readonly Finding[]) => oneGap({ layers, findings });
  expect(asked(CHECK, narrow, near(0.42))).toEqual([CHECK, near(0.42)]);
  expect(asked(near(0.7), narrow, CHECK)).toEqual([narrow, CHECK]);
  expect([asked(CHECK), asked()]).toEqual([[CHECK], []]);
  // The narrower was let stand: what is still asked is told.
  expect(gapOf([near(0.7)])).toMatchObject({ widthMm: 0.7, between: 'Gu', isAtSpot: false });
  expect(asked(near(0.7))).toEqual([near(0.7)]);
  // What a border asks is another matter.
  const border = aLayer({ layerId: 'alayer0002', kind: 'border' as never, measures: measures as never });
  const ofBorder = { ...narrow, widthMm: 0.1, at: { layerId: 'alayer0002' } } as Finding;
  const ofLetters = { ...narrow, at: { layerId: 'alayer0001' } } as Finding;
  const both = [...layers, border];
  expect(oneGap({ layers: both, findings: [ofBorder, ofLetters, near(0.42)] })).toEqual([ofBorder, near(0.42)]);
  expect(oneGap({ layers: both, findings: [ofBorder, ofLetters] })).toEqual([ofBorder, ofLetters]);
  // Letters of two colours: whose gap it is is not known, so all is told.
  const colours = [...layers, aLayer({ layerId: 'alayer0003', measures: measures as never })];
  expect(oneGap({ layers: colours, findings: [ofLetters, near(0.42)] })).toEqual([ofLetters, near(0.42)]);
  expect(saidBeside({ layers: colours, findings: [ofLetters, near(0.42)] })).toEqual([near(0.42)]);
  expect(saidBeside({ layers, findings: [near(0.42), narrow, CHECK] })).toEqual([CHECK]);
  expect(saidBeside({ layers: [aLayer()], findings: [near(0.42), narrow, CHECK] })).toEqual([near(0.42), CHECK]);
});

test('a text is called by itself, or by whose it is while nothing can be drawn', () => {
  expect(nameOfFit({ text: ['AL', '1998'], whose: 'Ann Lind' }, ' / ')).toBe('AL / 1998');
  expect(nameOfFit({ text: ['', '1998'], whose: 'Ann Lind' })).toBe('1998');
  expect(nameOfFit({ text: ['', ' '], whose: 'Ann Lind' })).toBe('Ann Lind');
  expect(nameOfFit({ text: [], whose: '' })).toBe('(empty)');
  expect(whoseElse({ text: ['AL'], whose: 'Ann Lind' })).toBe('Ann Lind');
  expect(whoseElse({ text: ['ANN', 'LIND'], whose: 'Ann Lind' })).toBeNull();
  expect(whoseElse({ text: [''], whose: 'Ann Lind' })).toBeNull();
});

test('a fit awaits its measure as long as one layer with ink has none', () => {
  const measures = { stroke: null, gap: null, notch: null, hole: null };
  expect(awaitsMeasure({ emMm: 10, layers: [aLayer({ measures }), aLayer()] })).toBe(true);
  expect(awaitsMeasure({ emMm: 10, layers: [aLayer({ measures }), aLayer({ part: null })] })).toBe(false);
  expect(awaitsMeasure({ emMm: 0, layers: [aLayer()] })).toBe(false);
});

test('the longest is the widest at a common size among those that may be cut', () => {
  const fit = (emMm: number, inkWidthMm: number, findings: readonly Finding[] = []) => ({ emMm, inkWidthMm, findings });
  const long = fit(10, 80);
  expect(longestFit([fit(40, 120), long, fit(10, 90, [STOP]), fit(0, 0)])).toBe(long);
  expect(longestFit([fit(10, 90, [STOP])])).toBeNull();
});

test('of several copies the first says what is cut; letters on blanks of their own are put together', () => {
  const spread = (copy: number, letter: string) => ({ isSpread: true, copy, letter });
  const all = [spread(1, 'A'), spread(1, 'B'), spread(2, 'A'), spread(2, 'B')];
  expect(firstCopy(all, (one) => one).map(({ letter }) => letter)).toEqual(['A', 'B']);
  const whole = [1, 2, 3].map((copy) => ({ isSpread: false, copy }));
  expect(firstCopy(whole, (one) => one)).toEqual([{ isSpread: false, copy: 1 }]);
  expect(firstCopy([], () => ({ isSpread: true, copy: 1 }))).toEqual([]);
  expect([wordsAsCut([['Ann', 'Lee']]), wordsAsCut([['A'], ['B']]), wordsAsCut([])]).toEqual(['Ann / Lee', 'AB', '']);
});

test('a finding of one layer among several is let stand for that layer alone', () => {
  const finding: Finding = { ...STOP, at: { layerId: 'alayer0002' } };
  expect(lookedWord({ layers: [1] }, finding)).toBe('tooSmall');
  expect(lookedWord({ layers: [1, 2] }, finding)).toBe('tooSmall-alayer0002');
  expect(lookedWord({ layers: [1, 2] }, STOP)).toBe('tooSmall');
});

test('layers are called by their colours, plain letters and parts of a motif by what they are', () => {
  const word = (kind: string, colourSlot: string) => layerWord({ kind, colourSlot });
  expect([word('text', 'main'), word('text', 'second'), word('border', 'border'), word('plate', 'main')]).toEqual([
    'letters',
    'second',
    'border',
    'main',
  ]);
  expect([word('motif', 'main'), word('motif', 'motif'), word('motif', 'motif 2')]).toEqual([
    'motif',
    'motif',
    'motif 2',
  ]);
});
