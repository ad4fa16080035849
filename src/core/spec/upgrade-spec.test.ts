import { readFileSync } from 'node:fs';
import { DEFAULT_CARDS, fabricClassOf } from '../shop';
import { SPEC_VERSION, runSpecSchema, specFaults, upgradeSpec } from '.';

/** As version 1 wrote it. */
const old = () => JSON.parse(readFileSync('e2e/fixtures/step-1a/garment-bags.knurl.json', 'utf8')).spec;

test('a spec of version 1 is brought up: nothing that was chosen changes, what is new has its defaults', () => {
  const before = old();
  const after = runSpecSchema.parse(upgradeSpec(before));
  expect(before.formatVersion).toBe(1);
  expect(after.formatVersion).toBe(SPEC_VERSION);
  expect(specFaults(after)).toEqual([]);
  expect(after.entries).toEqual(before.entries);
  const added = { motifBlanks: 0, spacesAreBlanks: true };
  const [{ onlyEntries, ...use }] = before.uses;
  expect(onlyEntries).toBeNull();
  expect(after.uses).toEqual([
    {
      ...use,
      who: { kind: 'all' },
      places: use.places.map((place: { wording: object }) => ({ ...place, wording: { ...place.wording, ...added } })),
    },
  ]);
  expect(after).toMatchObject({ overrides: [], proof: {}, list: { keyColumn: null, dateOrder: null } });
  expect(after.sizeGroups).toEqual(before.sizeGroups.map((group: object) => ({ ...group, letter: 'cap', lie: 'ink' })));
  expect(after).toMatchObject({ looked: {}, remedies: { condenseTo: 0.85 } });
  expect(after.layout).toMatchObject({ ...before.layout, mayTurn: true, heldBack: [] });
  expect(after.shop.materials.slice(0, 2).map(({ value }) => value)).toEqual([
    {
      name: 'gold heat-transfer film',
      kind: 'standardFilm',
      colour: { name: 'gold', hex: '#e0b25a' },
      finest: { strokeMm: 1, gapMm: 0.8, holeMm: 1 },
      bought: null,
      priceCents: null,
      currency: 'EUR',
      blade: '',
      note: '',
    },
    expect.objectContaining({ name: 'white heat-transfer film', kind: 'standardFilm' }),
  ]);
  expect(after.shop.materials.find(({ id }) => id === 'adhesive-silver')!.value.kind).toBe('adhesiveFilm');
  expect(after.shop.letterings).toHaveLength(8);
});

test('a place of version 3 lies where it lay, measured from the top edge; nothing is claimed of the blank', () => {
  const before = old();
  const [blank] = before.shop.blanks;
  const [variant] = blank.value.variants;
  const after = runSpecSchema.parse(upgradeSpec(before));
  const [place] = Object.values(after.shop.blanks[0]!.value.variants[0]!.places);
  const [was] = Object.values(variant.places) as { outline: object; datum: { leftMm: number; topMm: number } }[];
  expect(place).toMatchObject({
    outline: was!.outline,
    datum: { kind: 'edge', lineMm: 0, dropMm: was!.datum.topMm, leftMm: was!.datum.leftMm },
    anchorGapMm: 0,
    centring: null,
  });
  expect(after.shop.blanks[0]!.value).toMatchObject({ kind: 'other', bearsC: null, preparation: [], photo: null });
  expect(after.prepare).toEqual({ spoilagePct: 0, done: [] });
});

test('a spec of version 6 gets press cards and the class of each fabric, and loses nothing', () => {
  const before = JSON.parse(readFileSync('e2e/fixtures/spec-6/kit-bags.knurl.json', 'utf8')).spec;
  expect(before.formatVersion).toBe(6);
  const after = runSpecSchema.parse(upgradeSpec(before));
  const uses = before.uses.map(({ onlyEntries: _, ...use }: Record<string, unknown>) => ({
    ...use,
    who: { kind: 'all' },
  }));
  expect(after).toMatchObject({ ...before, uses, formatVersion: SPEC_VERSION });
  const [first, ...rest] = before.uses;
  const some = { ...before, uses: [{ ...first, onlyEntries: [before.entries[0].id] }, ...rest] };
  expect(runSpecSchema.parse(upgradeSpec(some)).uses[0]!.who).toEqual({
    kind: 'chosen',
    entryIds: [before.entries[0].id],
  });
  expect(after.shop.cards).toEqual(DEFAULT_CARDS);
  expect(after.shop.blanks.map(({ value }) => [value.fabric, value.fabricClass])).toEqual(
    before.shop.blanks.map(({ value }: { value: { fabric: string } }) => [value.fabric, fabricClassOf(value.fabric)]),
  );
  expect(after.shop.blanks.some(({ value }) => value.fabricClass !== null)).toBe(true);
  // What is broken is left for the schema to judge.
  const broken = { ...before, shop: { ...before.shop, materials: 3 } };
  expect(upgradeSpec(broken)).toBe(broken);
});

test('a present spec, and what is none, come back as they are', () => {
  const present = upgradeSpec(old());
  expect(upgradeSpec(present)).toBe(present);
  for (const other of [null, 7, [], {}, { format: 'knurl-run', formatVersion: 1, shop: { materials: 3 } }]) {
    expect(upgradeSpec(other)).toBe(other);
    expect(runSpecSchema.safeParse(upgradeSpec(other)).success).toBe(false);
  }
});

test('of an older spec what is broken comes back as it is, part by part, for the schema to judge', () => {
  const spec = { format: 'knurl-run', formatVersion: 2 };
  for (const uses of [undefined, 3, {}]) {
    const broken = { ...spec, uses };
    expect(upgradeSpec(broken)).toBe(broken);
  }
  // A use that is none, or has no places, is left; one beside it is brought up.
  const mixed = { ...spec, uses: [7, { places: 3 }, { places: [{ wording: { lines: [] } }, { wording: null }] }] };
  expect(upgradeSpec(mixed)).toMatchObject({
    formatVersion: 3,
    uses: [
      7,
      { places: 3 },
      { places: [{ wording: { motifBlanks: 0, spacesAreBlanks: true, lines: [] } }, { wording: null }] },
    ],
  });
});

test('an older spec that is broken is left as it is at the step that cannot bring it up, for the schema to judge', () => {
  const broken = (formatVersion: number, part: object = {}) => ({ format: 'knurl-run', formatVersion, ...part });
  for (const formatVersion of [1, 2, 3, 4, 5, 6, 8]) {
    for (const part of [{}, { shop: null }, { shop: 'none', remedies: {}, layout: {} }]) {
      const spec = broken(formatVersion, part);
      expect(upgradeSpec(spec)).toMatchObject({ format: 'knurl-run', ...part });
    }
  }
  // One of its shelves is none.
  const spec = broken(1, { shop: { materials: [], beds: 'none', letterings: [] }, layout: {} });
  expect(upgradeSpec(spec)).toBe(spec);
});
