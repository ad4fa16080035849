import fc from 'fast-check';

import { STARTER_BLANKS, addBlank } from '../blanks';
import { compareList, parseList, takeComparison } from '../roster';
import { resolveSlots } from '../resolve';
import { type RunSpec, columnValues, getsBlank, runSpecSchema, specFaults, takenValues, withoutBlank } from '../spec';
import { aRun, seededBytes } from '../test';
import { changeWho, toggleTaker, toggleValue } from '.';

/** A club whose list says what each gets; the first blank is the run's own, the second a cap. */
function aClub(gets: readonly string[]): RunSpec {
  const run = aRun(gets.map((_, i) => `Name${'ABCDEFGHIJKLMNOPQRSTUVWXYZ'[i]}`));
  const entries = run.entries.map((entry, i) => ({ ...entry, fields: { ...entry.fields, gift: gets[i]! } }));
  const cap = STARTER_BLANKS.find(({ id }) => id === 'cap')!;
  return addBlank({ ...run, entries }, cap, seededBytes(3));
}

const [BAG, CAP] = [0, 1];
const takers = (spec: RunSpec, use: number) =>
  spec.entries.filter((entry) => getsBlank(spec.uses[use]!, entry)).map(({ fields }) => fields.text);
const idOf = (spec: RunSpec, use: number) => spec.uses[use]!.id;

test('by a column everybody gets what their cell says, however it is written; several blanks may take one value', () => {
  const club = aClub(['bag', 'Bag ', 'cap', 'both', '']);
  const byGift = (spec: RunSpec, use: number) => changeWho(spec, idOf(spec, use), { kind: 'byColumn', field: 'gift' });
  let spec = byGift(byGift(club, BAG), CAP);
  // It begins with all that the column says.
  expect(takers(spec, BAG)).toHaveLength(5);
  for (const value of ['CAP', '']) spec = toggleValue(spec, idOf(spec, BAG), value);
  for (const value of ['bag', '']) spec = toggleValue(spec, idOf(spec, CAP), value);
  expect(takers(spec, BAG)).toEqual(['NameA', 'NameB', 'NameD']);
  expect(takers(spec, CAP)).toEqual(['NameC', 'NameD']);
  expect([runSpecSchema.safeParse(spec).success, specFaults(spec)]).toEqual([true, []]);
  const items = new Set(resolveSlots(spec).map(({ ref, entry }) => `${entry.fields.text} ${ref.useId}`));
  expect(items).toEqual(
    new Set([BAG, CAP].flatMap((use) => takers(spec, use).map((text) => `${text} ${idOf(spec, use)}`))),
  );
  expect(takenValues(spec, spec.uses[BAG]!)).toEqual(['bag', 'both']);
  expect(takenValues(spec, club.uses[BAG]!)).toEqual([]);
  // Nobody is forgotten in silence: those that are alike are one question.
  expect(withoutBlank(spec, 'gift')).toEqual([{ field: 'gift', value: '', entryIds: [spec.entries[4]!.id] }]);
  expect(withoutBlank(toggleValue(spec, idOf(spec, CAP), ''), 'gift')).toEqual([]);
  // By another column, or by none, they are as many.
  expect(withoutBlank(spec, 'text')).toMatchObject([{ field: 'text', value: 'NameE' }]);
  expect(withoutBlank(spec, null)).toMatchObject([{ field: null, value: '' }]);
  expect(columnValues(spec, 'gift')).toEqual([
    { value: 'bag', numEntries: 2 },
    { value: '', numEntries: 1 },
    { value: 'both', numEntries: 1 },
    { value: 'cap', numEntries: 1 },
  ]);
});

test('chosen people are those who had it, and one more or less; back to all is all', () => {
  const club = aClub(['bag', 'cap', 'cap']);
  const byGift = toggleValue(
    changeWho(club, idOf(club, CAP), { kind: 'byColumn', field: 'gift' }),
    idOf(club, CAP),
    'bag',
  );
  const chosen = changeWho(byGift, idOf(club, CAP), { kind: 'chosen' });
  expect(takers(chosen, CAP)).toEqual(['NameB', 'NameC']);
  const [a, b] = club.entries;
  expect(takers(toggleTaker(chosen, idOf(club, CAP), a!.id), CAP)).toEqual(['NameA', 'NameB', 'NameC']);
  expect(takers(toggleTaker(byGift, idOf(club, CAP), b!.id), CAP)).toEqual(['NameC']);
  expect(takers(changeWho(chosen, idOf(club, CAP), { kind: 'all' }), CAP)).toHaveLength(3);
  // Where the other is for everybody, nobody is without one; a value is not toggled where no column decides.
  expect(withoutBlank(chosen, null)).toEqual([]);
  expect(toggleValue(chosen, idOf(club, CAP), 'cap')).toEqual(chosen);
  const onlyCap = { ...chosen, uses: chosen.uses.slice(CAP) };
  expect(withoutBlank(onlyCap, null)).toEqual([{ field: null, value: '', entryIds: [a!.id] }]);
  const away = { ...onlyCap, entries: onlyCap.entries.map((entry) => ({ ...entry, withdrawn: true })) };
  expect([withoutBlank(away, null), columnValues(away, 'gift')]).toEqual([[], []]);
});

const aGift = fc.constantFrom('bag', 'BAG', 'cap', 'Cap ', 'both', 'none', '');

test('after any newer list every entry gets what the rule says, newcomers as well', () => {
  fc.assert(
    fc.property(
      fc.array(aGift, { minLength: 1, maxLength: 8 }),
      fc.array(fc.tuple(fc.integer({ min: 0, max: 12 }), aGift), { minLength: 1, maxLength: 10 }),
      (first, newer) => {
        const club = aClub(first);
        const values = { [BAG]: ['bag', 'both'], [CAP]: ['cap', 'both'] } as const;
        const ruled = {
          ...club,
          uses: club.uses.map((use, i) => ({
            ...use,
            who: { kind: 'byColumn' as const, field: 'gift', values: [...(values[i as 0 | 1] ?? [])] },
          })),
        };
        const rows = [...new Map(newer).entries()];
        const text = ['Name\tGift', ...rows.map(([no, gift]) => `Name${'ABCDEFGHIJKLMNOPQ'[no]}\t${gift}`)].join('\n');
        const parsed = parseList(text);
        if (!parsed.ok) throw new Error('The list is one.');
        const lines = parsed.value.lines.map((line) => ({
          ...line,
          fields: { ...line.fields, gift: line.fields.Gift ?? line.fields.gift ?? '' },
        }));
        const compared = compareList(ruled.entries, lines);
        const entries = takeComparison(ruled.entries, compared, () => false, seededBytes(9));
        const merged = { ...ruled, entries };
        for (const entry of merged.entries.filter(({ withdrawn }) => !withdrawn)) {
          const said = entry.fields.gift?.trim().toLowerCase() ?? '';
          expect(getsBlank(merged.uses[BAG]!, entry)).toBe(said === 'bag' || said === 'both');
          expect(getsBlank(merged.uses[CAP]!, entry)).toBe(said === 'cap' || said === 'both');
        }
        const forgotten = withoutBlank(merged, 'gift').flatMap(({ entryIds }) => entryIds);
        const bare = merged.entries.filter(({ withdrawn, fields }) => {
          const said = fields.gift?.trim().toLowerCase() ?? '';
          return !withdrawn && !['bag', 'cap', 'both'].includes(said);
        });
        expect(forgotten.sort()).toEqual(bare.map(({ id }) => id).sort());
      },
    ),
    { numRuns: 60 },
  );
});
