import fc from 'fast-check';
import { STARTER_BLANKS, addBlank } from '../blanks';
import { resolveSlots } from '../resolve';
import { compareList, parseList, takeComparison } from '../roster';
import { type Copy, DEFAULT_MATERIALS, type Material } from '../shop';
import { type RunSpec, filmValues, materialIdsOf, runSpecSchema, specFaults } from '../spec';
import { aRun, seededBytes } from '../test';
import { changeFilmColumn, nameFilm, setOverrides, toggleTaker, withShop } from '.';

const film = (id: string): Copy<Material> => DEFAULT_MATERIALS.find((one) => one.id === id)!;
const OWN: Copy<Material> = {
  id: 'own-teal',
  fromRev: 3,
  value: { ...film('film-gold').value, name: 'teal flex', colour: { name: 'teal', hex: '#116677' } },
};
const AT_HAND = [...DEFAULT_MATERIALS, OWN];

/** A club whose list says which colour each wants. */
function aClub(colours: readonly string[]): RunSpec {
  const run = aRun(colours.map((_, i) => `Name${'ABCDEFGHIJKLMNOPQRSTUVWXYZ'[i]}`));
  const entries = run.entries.map((entry, i) => ({ ...entry, fields: { ...entry.fields, colour: colours[i]! } }));
  return { ...run, entries };
}

const slot = 'main';
const byColour = (spec: RunSpec) => changeFilmColumn(spec, null, { slot, field: 'colour', atHand: AT_HAND });
const cutFrom = (spec: RunSpec) => resolveSlots(spec).map(({ layers }) => layers[0]!.materialId);
const stops = (spec: RunSpec) =>
  resolveSlots(spec).map(({ findings }) =>
    findings.flatMap((one) => (one.kind === 'filmMissing' ? one.said : [])).join(),
  );
const valuesOf = (spec: RunSpec) => {
  const use = spec.uses[0]!;
  return filmValues(spec, use, use.places[0]!.films![slot]!).map((one) => [one.value, one.numEntries, one.materialId]);
};

test('a column’s words are looked for among films at hand: by name, then by colour in the same kind', () => {
  const spec = byColour(aClub(['White', 'teal flex', 'TEAL', 'burgundy', '', 'white']));
  // Burgundy is there as flock alone: that is another kind, so it is asked.
  expect(cutFrom(spec)).toEqual(['film-white', 'own-teal', 'own-teal', 'film-gold', 'film-gold', 'film-white']);
  expect(stops(spec)).toEqual(['', '', '', 'burgundy', '', '']);
  expect(valuesOf(spec)).toEqual([
    ['burgundy', 1, null],
    ['White', 2, 'film-white'],
    ['TEAL', 1, 'own-teal'],
    ['teal flex', 1, 'own-teal'],
  ]);
  // The run has a copy of what only the shop had.
  expect(spec.shop.materials.find(({ id }) => id === OWN.id)).toEqual(OWN);
  expect([runSpecSchema.safeParse(spec).success, specFaults(spec)]).toEqual([true, []]);
  const named = nameFilm(spec, null, { slot, value: 'Burgundy', film: film('film-flock') });
  expect([cutFrom(named)[3], stops(named)[3]]).toEqual(['film-flock', '']);
  const again = nameFilm(named, null, { slot, value: 'burgundy', film: film('film-gold') });
  expect(cutFrom(again)[3]).toBe('film-gold');
  expect(again.uses[0]!.places[0]!.films![slot]!.named.filter(({ value }) => /burgundy/i.test(value))).toHaveLength(1);
  const same = changeFilmColumn(again, null, { slot, field: null, atHand: AT_HAND });
  expect([new Set(cutFrom(same)), stops(same).join('')]).toEqual([new Set(['film-gold']), '']);
  // Where no column decides, nothing is named.
  expect(nameFilm(same, null, { slot, value: 'white', film: film('film-white') }).uses).toEqual(same.uses);
});

test('whose film was chosen by hand keeps it, and is asked nothing', () => {
  const spec = byColour(aClub(['white', 'plum']));
  const at = resolveSlots(spec)[1]!.ref;
  const own = setOverrides(spec, [at], { kind: 'material', materialId: 'film-metallic' }, seededBytes(5));
  expect([cutFrom(own), stops(own)]).toEqual([
    ['film-white', 'film-metallic'],
    ['', ''],
  ]);
});

test('a film that is gone is a fault; a fresh run keeps what its rule names; another blank takes the rule along', () => {
  const spec = byColour(aClub(['teal', 'white']));
  expect([...materialIdsOf(spec.uses[0]!.places[0]!)].sort()).toEqual(['film-gold', 'film-white', 'own-teal']);
  const kept = withShop(spec, { materials: [], beds: spec.shop.beds, letterings: [], cards: [] });
  expect(kept.shop.materials.map(({ id }) => id).sort()).toEqual(['film-gold', 'film-white', 'own-teal']);
  const gone = { ...spec, shop: { ...spec.shop, materials: spec.shop.materials.filter(({ id }) => id !== OWN.id) } };
  expect(specFaults(gone)).toEqual([
    { kind: 'unknownId', field: 'uses.0.places.0.films.main.named.0.materialId', id: OWN.id },
  ]);
  const two = addBlank(
    spec,
    STARTER_BLANKS.find(({ id }) => id === 'cap')!,
    seededBytes(3),
  );
  expect(new Set(cutFrom(two))).toEqual(new Set(['own-teal', 'film-white']));
  // Only those who get the blank are counted.
  const [first] = spec.entries;
  expect(valuesOf(toggleTaker(spec, spec.uses[0]!.id, first!.id)).map(([value]) => value)).toEqual(['white']);
});

test('every entry gets what the rule says after any newer list', () => {
  const COLOURS = ['white', 'Teal', 'plum', '', 'teal flex'];
  const MEANS: Record<string, string> = { white: 'film-white', Teal: 'own-teal', 'teal flex': 'own-teal' };
  fc.assert(
    fc.property(
      fc.array(fc.constantFrom(...COLOURS), { minLength: 1, maxLength: 6 }),
      fc.array(fc.constantFrom(...COLOURS), { minLength: 1, maxLength: 9 }),
      (before, after) => {
        // All words are known from the start.
        const spec = byColour(aClub([...before, 'white', 'teal', 'teal flex']));
        const list = ['Name\tcolour', ...after.map((colour, i) => `Name${'KCBAMNOPQ'[i]}\t${colour}`)].join('\n');
        const parsed = parseList(list);
        if (!parsed.ok) throw new Error('The list is one.');
        const lines = parsed.value.lines.map((line) => ({
          ...line,
          fields: { ...line.fields, colour: line.fields.colour ?? '' },
        }));
        const compared = compareList(spec.entries, lines);
        const entries = takeComparison(spec.entries, compared, () => false, seededBytes(7));
        const next = { ...spec, entries };
        for (const slotOf of resolveSlots(next)) {
          const said = (slotOf.entry.fields.colour ?? '').trim();
          expect([said, slotOf.layers[0]!.materialId]).toEqual([
            said,
            MEANS[said] ?? (/^teal/i.test(said) ? 'own-teal' : 'film-gold'),
          ]);
          expect(slotOf.findings.some(({ kind }) => kind === 'filmMissing')).toBe(said === 'plum');
        }
      },
    ),
    { numRuns: 40 },
  );
});
