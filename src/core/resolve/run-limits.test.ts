import { changePlaceUse, takeMotif } from '../edit';
import { STARTER_MOTIFS } from '../motifs';
import { limitSentence } from '../sentences';
import { type RunSpec, wordingOf } from '../spec';
import { aRun, seededBytes } from '../test';
import { MOST_ITEMS, MOST_TEXT, limitFaults, numItems, resolveSlots } from '.';

const withText = (spec: RunSpec, at: number, text: string): RunSpec => ({
  ...spec,
  entries: spec.entries.map((entry, i) => (i === at ? { ...entry, fields: { ...entry.fields, text } } : entry)),
});
const withQuantity = (spec: RunSpec, at: number, quantity: number): RunSpec => ({
  ...spec,
  entries: spec.entries.map((entry, i) => (i === at ? { ...entry, quantity } : entry)),
});
const withEach = (spec: RunSpec, each: number): RunSpec => ({
  ...spec,
  uses: spec.uses.map((use) => ({ ...use, each })),
});
const spread = (spec: RunSpec): RunSpec => ({
  ...spec,
  uses: spec.uses.map((use) => ({
    ...use,
    places: use.places.map((place) => ({
      ...place,
      wording: {
        lines: [{ runs: [{ template: '{text}', letteringId: null, materialId: null }] }],
        spread: 'letterPerBlank',
      },
    })),
  })) as unknown as RunSpec['uses'],
});

const spec = aRun(['Ottoline', 'Bo', 'Quim']);

test('a text of two thousand characters is taken, one more is told by its row; one that was there before may stay', () => {
  expect(limitFaults(withText(spec, 1, 'x'.repeat(MOST_TEXT)), spec)).toEqual([]);
  const long = withText(spec, 1, 'x'.repeat(MOST_TEXT + 1));
  const [fault, ...others] = limitFaults(long, spec);
  expect(others).toEqual([]);
  expect(fault).toEqual({
    kind: 'textTooLong',
    row: 2,
    field: 'text',
    start: 'x'.repeat(30),
    length: 2001,
    most: 2000,
  });
  expect(limitSentence(fault!)).toBe(
    `Row 2: “${'x'.repeat(30)}…” has 2,001 characters in text; a text may have 2,000. Shorten it.`,
  );
  expect(limitFaults({ ...long, title: 'Another' }, long)).toEqual([]);
  expect(limitFaults(withText(long, 0, 'Ann'), long)).toEqual([]);
  expect(limitFaults(withText(long, 1, 'y'.repeat(3000)), long)).toHaveLength(1);
  expect(limitFaults(long, null)).toHaveLength(1);
});

test('items are counted as they would be made, quantity × number of each × letters, without making them', () => {
  for (const one of [
    spec,
    withEach(spec, 3),
    withQuantity(withEach(spec, 2), 0, 5),
    spread(spec),
    withText(spec, 0, ''),
    withEach(spread(spec), 2),
  ]) {
    expect(numItems(one)).toBe(new Set(resolveSlots(one).map(({ itemId }) => itemId)).size);
  }
  expect(numItems(spread(spec))).toBe(8 + 2 + 4);
  const none = { ...spec, entries: spec.entries.map((entry) => ({ ...entry, withdrawn: true })) };
  expect(numItems(none)).toBe(0);
});

test('twenty thousand items are taken, more are told with the row that takes most, and a large run may not grow', () => {
  const most = withQuantity(withEach(spec, 100), 1, 198);
  expect(numItems(most)).toBe(MOST_ITEMS);
  expect(limitFaults(most, spec)).toEqual([]);
  const more = withQuantity(most, 1, 199);
  const [fault] = limitFaults(more, spec);
  expect(fault).toEqual({
    kind: 'tooManyItems',
    numItems: 20_100,
    most: MOST_ITEMS,
    row: 2,
    start: 'Bo',
    ofRow: 19_900,
  });
  expect(limitSentence(fault!)).toBe(
    'The run would have 20,100 items; one run holds 20,000. Row 2 (“Bo”) alone makes 19,900. Lower its quantity, or split the list into several runs.',
  );
  expect(limitFaults({ ...more, title: 'Another' }, more)).toEqual([]);
  expect(limitFaults(withText(more, 0, 'Ann'), more)).toEqual([]);
  expect(limitFaults(withQuantity(more, 0, 2), more)).toHaveLength(1);
  expect(limitFaults(withQuantity(withEach(spec, 100), 0, 10_000), spec)).toHaveLength(1);
});

test('what is taken out of the list counts for no items, and a count is the same when it is asked again', () => {
  const out = (of: RunSpec, at: number): RunSpec => ({
    ...of,
    entries: of.entries.map((entry, i) => (i === at ? { ...entry, withdrawn: true } : entry)),
  });
  const more = out(withQuantity(spec, 1, MOST_ITEMS + 1), 0);
  expect([numItems(more), numItems(more)]).toEqual([MOST_ITEMS + 2, MOST_ITEMS + 2]);
  expect(limitFaults(more, spec)).toMatchObject([{ numItems: MOST_ITEMS + 2, row: 2, ofRow: MOST_ITEMS + 1 }]);
  expect(limitFaults(out(withQuantity(spec, 1, MOST_ITEMS + 1), 1), spec)).toEqual([]);
});

test('blanks with a motif beside the letters of a word count as well', () => {
  const letters = withQuantity(aRun(['Bo']), 0, 197);
  const beside = (motifBlanks: number) => {
    const worded = changePlaceUse(letters, null, (place) => ({
      ...place,
      wording: { ...wordingOf(['{text}']), spread: 'letterPerBlank', motifBlanks, spacesAreBlanks: true },
    }));
    return takeMotif(worded, null, STARTER_MOTIFS[0]!, seededBytes(5));
  };
  expect(numItems(beside(99))).toBe(197 * 101);
  expect(limitFaults(beside(99), letters)).toEqual([]);
  expect(limitFaults(beside(100), letters)).toMatchObject([{ numItems: 197 * 102, row: 1, ofRow: 197 * 102 }]);
});
