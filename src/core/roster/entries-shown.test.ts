import { aRun } from '../test';
import { WHOLE_ROSTER, entriesShown, isWholeRoster, takeOut } from '.';

const spec = aRun(['Wilhelmina', 'Åse Krüger', 'Bo', 'Ann Krug']);
const needy = new Set([spec.entries[2]!.id as string]);
const shown = (view: Partial<typeof WHOLE_ROSTER>, entries = spec.entries) =>
  entriesShown(entries, { ...WHOLE_ROSTER, ...view }, needy).map(({ fields }) => fields.text);

test('words are looked for wherever they stand, whatever their case and accents', () => {
  expect(shown({})).toEqual(['Wilhelmina', 'Åse Krüger', 'Bo', 'Ann Krug']);
  expect(shown({ search: ' krug ' })).toEqual(['Åse Krüger', 'Ann Krug']);
  expect(shown({ search: 'KRÜG as' })).toEqual(['Åse Krüger']);
  expect(shown({ search: 'x' })).toEqual([]);
  const fields = spec.entries.map((entry, i) => ({
    ...entry,
    fields: { ...entry.fields, part: i === 2 ? 'Horn' : '' },
  }));
  expect(shown({ search: 'horn' }, fields)).toEqual(['Bo']);
  // Also as it came.
  const came = spec.entries.map((entry, i) => (i === 0 ? { ...entry, raw: 'W. Tolva' } : entry));
  expect(shown({ search: 'tolva' }, came)).toEqual(['Wilhelmina']);
});

test('only those that need a look, or that are out', () => {
  expect(shown({ only: 'needy' })).toEqual(['Bo']);
  expect(shown({ only: 'withdrawn' })).toEqual([]);
  const { entries } = takeOut(spec, new Set([spec.entries[1]!.id]), () => true);
  expect(shown({ only: 'withdrawn' }, entries)).toEqual(['Åse Krüger']);
});

test('in the order of the list, of the alphabet, or the longest first', () => {
  expect(shown({ order: 'text' })).toEqual(['Ann Krug', 'Åse Krüger', 'Bo', 'Wilhelmina']);
  expect(shown({ order: 'longest' })).toEqual(['Wilhelmina', 'Åse Krüger', 'Ann Krug', 'Bo']);
  expect([WHOLE_ROSTER, { ...WHOLE_ROSTER, order: 'text' as const }].map(isWholeRoster)).toEqual([true, true]);
  expect(isWholeRoster({ ...WHOLE_ROSTER, search: 'a' })).toBe(false);
  expect(isWholeRoster({ ...WHOLE_ROSTER, only: 'needy' })).toBe(false);
});
