import { readFileSync } from 'node:fs';
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
  const [use] = before.uses;
  expect(after.uses).toEqual([
    {
      ...use,
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

test('a present spec, and what is none, come back as they are', () => {
  const present = upgradeSpec(old());
  expect(upgradeSpec(present)).toBe(present);
  for (const other of [null, 7, [], {}, { format: 'knurl-run', formatVersion: 1, shop: { materials: 3 } }]) {
    expect(upgradeSpec(other)).toBe(other);
    expect(runSpecSchema.safeParse(upgradeSpec(other)).success).toBe(false);
  }
});
