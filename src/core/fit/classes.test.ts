import { artCache } from '../artwork';
import { changeLettering, changeSizeGroup, mainPlace, setOverrides, withClassHeight } from '../edit';
import { changeField } from '../roster';
import type { RunSpec } from '../spec';
import { aRun, fitRun, seededBytes, shippedFaces, withPlace, withRule } from '../test';

const cache = artCache(shippedFaces());
const NAMES = ['Bo', 'Ivo', 'Wilhelmina Abernethy', 'Una', 'Maximiliane', 'Ada'];
const SAID = ['Child', 'child', 'adult', 'child ', 'Adult', ''];

function classed(heights: readonly { value: string; heightMm: number | null }[] = []): RunSpec {
  const plain = withPlace(aRun(NAMES), 200, 60, 'stand-block');
  const said = plain.entries.reduce((spec, entry, i) => changeField(spec, entry.id, 'class', SAID[i]!), plain);
  return withRule(said, { kind: 'classes', field: 'class', heights: [...heights] });
}
const capOf = (spec: RunSpec) => {
  const { fits } = fitRun(spec, cache);
  return NAMES.map((name) => fits.find(({ slot }) => slot.text[0] === name)!.capHeightMm);
};

test('each class of the list is level by itself, as tall as its longest text allows', () => {
  const [bo, ivo, wilhelmina, una, maximiliane, ada] = capOf(classed());
  const alone = capOf(withRule(classed(), { kind: 'fill' }));
  expect([bo, ivo, una]).toEqual([bo, bo, bo]);
  expect(bo).toBeCloseTo(Math.min(alone[0]!, alone[1]!, alone[3]!), 6);
  expect([wilhelmina, maximiliane]).toEqual([alone[2], alone[2]]);
  // Of whom the list says nothing is a class of its own.
  expect(ada).toBe(alone[5]);
  expect(bo).toBeGreaterThan(wilhelmina!);
});

test('a height chosen for a class is its height alone, however the list writes it', () => {
  const chosen = capOf(classed([{ value: 'CHILD', heightMm: 9 }]));
  const free = capOf(classed());
  for (const i of [0, 1, 3]) expect(chosen[i]).toBeCloseTo(9, 6);
  for (const i of [2, 4, 5]) expect(chosen[i]).toBe(free[i]);
  const rule = { kind: 'classes', field: 'class', heights: [{ value: 'child', heightMm: 9 }] } as const;
  expect(withClassHeight(rule, 'Child', 12).heights).toEqual([{ value: 'Child', heightMm: 12 }]);
  expect(withClassHeight(rule, 'Child', null).heights).toEqual([]);
});

test('a class has one circle, and a text of its own size stays out of it', () => {
  const bent = changeLettering(classed(), null, (lettering) => ({
    ...lettering,
    bend: { way: 'arch', curve: { by: 'radius', capitals: 6 }, letters: 'bent' },
  }));
  const { fits } = fitRun(bent, cache);
  const radii = NAMES.map((name) => {
    const fit = fits.find(({ slot }) => slot.text[0] === name)!;
    return Math.round(fit.artwork.bent!.radiusEm * fit.emMm * 1e4) / 1e4;
  });
  expect(radii[1]).toBe(radii[0]);
  expect(radii[3]).toBe(radii[0]);
  expect(radii[2]).not.toBe(radii[0]);

  const [entry] = bent.entries;
  const { at } = mainPlace(bent);
  const own = setOverrides(
    classed(),
    [{ entryId: entry!.id, useId: at.useId, placeId: at.placeId } as never],
    { kind: 'size', size: { by: 'height', mm: 5 } },
    seededBytes(3),
  );
  expect(capOf(own)[0]).toBeCloseTo(5, 6);
  expect(capOf(own)[1]).toBeGreaterThan(5);
});

test('two groups by the same column do not share their classes', () => {
  const spec = classed();
  const [group] = spec.sizeGroups;
  const changed = changeSizeGroup(spec, null, { letter: 'x' });
  expect(changed.sizeGroups[0]).toMatchObject({ id: group!.id, letter: 'x' });
  expect(new Set(Object.keys(fitRun(spec, cache).setSizes))).toEqual(
    new Set(['child', 'adult', ''].map((value) => `${group!.id}/${value}`)),
  );
});
