import { COLOURS, aColouredRun, aRun } from '../test';
import { type RunSpec, specFaults } from '.';

/** A run whose first place says otherwise, and whose lettering of three colours does. */
const placeOf = (spec: RunSpec, change: (place: RunSpec['uses'][number]['places'][number]) => object): RunSpec => ({
  ...spec,
  uses: spec.uses.map((use) => ({
    ...use,
    places: use.places.map((place, i) => (i === 0 ? { ...place, ...change(place) } : place)),
  })),
});
const path = 'uses.0.places.0';

test('three colours with a film for each and a layer for each word are in order', () => {
  expect(specFaults(aColouredRun(['Ann', 'Bo']))).toEqual([]);
});

test('a colour without a film is told by its slot, whichever it is', () => {
  const spec = aColouredRun(['Ann']);
  for (const { slot } of COLOURS) {
    const without = placeOf(spec, ({ materials }) => ({
      materials: Object.fromEntries(Object.entries(materials).filter(([name]) => name !== slot)),
    }));
    expect(specFaults(without)).toEqual([{ kind: 'unknownId', field: `${path}.materials.${slot}`, id: '' }]);
  }
});

test('words in a colour that no layer cuts are told by line and run', () => {
  const spec = placeOf(aColouredRun(['Ann']), ({ wording }) => ({
    wording: {
      ...wording!,
      lines: wording!.lines.map((line, no) => ({
        runs: line.runs.map((run, i) => (no === 0 && i === 2 ? { ...run, slot: 'fourth' } : run)),
      })),
    },
  }));
  expect(specFaults(spec)).toEqual([{ kind: 'noLayer', field: `${path}.wording.lines.0.runs.2.slot`, id: 'fourth' }]);
});

test('an exception’s lettering has to cut every colour that is worded at its place', () => {
  const spec = aColouredRun(['Ann']);
  const [use] = spec.uses;
  const at = { entryId: spec.entries[0]!.id, useId: use!.id, placeId: use!.places[0]!.placeId };
  const asked: RunSpec = {
    ...spec,
    overrides: [{ id: 'anexception', at, set: { kind: 'lettering', letteringId: 'stand-block' } } as never],
  };
  expect(specFaults(asked)).toEqual([
    { kind: 'noLayer', field: 'overrides.0.set.letteringId.wording.lines.0.runs.1.slot', id: 'third' },
    { kind: 'noLayer', field: 'overrides.0.set.letteringId.wording.lines.0.runs.2.slot', id: 'second' },
    { kind: 'noLayer', field: 'overrides.0.set.letteringId.wording.lines.1.runs.0.slot', id: 'second' },
  ]);
});

test('layers of a lettering and clear zones of a place have ids of their own', () => {
  const spec = aColouredRun(['Ann']);
  const last = spec.shop.letterings.length - 1;
  const twice: RunSpec = {
    ...spec,
    shop: {
      ...spec.shop,
      letterings: spec.shop.letterings.map((own, i) =>
        i === last
          ? {
              ...own,
              value: {
                ...own.value,
                layers: own.value.layers.map((layer) => ({ ...layer, id: COLOURS[0].id as never })),
              },
            }
          : own,
      ),
    },
  };
  expect(specFaults(twice)).toEqual(
    [1, 2].map((no) => ({
      kind: 'idTwice',
      field: `shop.letterings.${last}.value.layers.${no}.id`,
      id: COLOURS[0].id,
    })),
  );

  const plain = aRun(['Ann']);
  const zone = {
    id: 'azone',
    name: 'seam',
    kind: 'seam',
    shape: { kind: 'rect', xMm: 1, yMm: 1, widthMm: 1, heightMm: 1 },
  };
  const zoned: RunSpec = {
    ...plain,
    shop: {
      ...plain.shop,
      blanks: plain.shop.blanks.map((own, b) =>
        b > 0
          ? own
          : {
              ...own,
              value: {
                ...own.value,
                variants: own.value.variants.map((variant) => ({
                  ...variant,
                  places: Object.fromEntries(
                    Object.entries(variant.places).map(([id, place]) => [id, { ...place, clear: [zone, zone] }]),
                  ) as never,
                })),
              },
            },
      ),
    },
  };
  const faults = specFaults(zoned);
  expect(faults.length).toBeGreaterThan(0);
  for (const fault of faults) expect([fault.kind, fault.id]).toEqual(['idTwice', 'azone']);
  expect(faults[0]!.field).toMatch(/^shop\.blanks\.0\.value\.variants\.0\.places\..+\.clear\.1\.id$/);
});

test('an id that stands twice is told wherever it does', () => {
  const run = aRun(['Ann', 'Bo']);
  const twice = <T>(list: readonly T[]) => [...list, list[0]!];
  for (const part of ['blanks', 'materials', 'beds', 'letterings', 'cards'] as const) {
    const shop = { ...run.shop, [part]: twice<unknown>(run.shop[part]) } as RunSpec['shop'];
    const { length } = run.shop[part];
    expect(specFaults({ ...run, shop })).toEqual([
      { kind: 'idTwice', field: `shop.${part}.${length}.id`, id: run.shop[part][0]!.id },
    ]);
  }
  for (const part of ['entries', 'uses', 'sizeGroups'] as const) {
    const { length } = run[part];
    expect(specFaults({ ...run, [part]: twice<unknown>(run[part]) } as RunSpec)).toEqual([
      { kind: 'idTwice', field: `${part}.${length}.id`, id: run[part][0]!.id },
    ]);
  }
});
