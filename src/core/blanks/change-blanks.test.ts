import { blankSchema } from '../shop';
import { findBlank, runSpecSchema, specFaults, type RunSpec, type TextRef } from '../spec';
import { setOverrides } from '../edit';
import { aRun, seededBytes, shirtRun, starterBlank, takenBy } from '../test';
import {
  STARTER_BLANKS,
  addBlank,
  addPlace,
  addVariant,
  changeRunBlank,
  countBlanks,
  putBlankCopy,
  removePlace,
  removeUse,
  removeVariant,
  replaceBlank,
} from '.';
import { changeRole } from './change-blank';

const bytes = seededBytes(5);

const isFine = (spec: RunSpec) => [runSpecSchema.safeParse(spec).success, specFaults(spec)];

test('a place of its own lies in the middle of every size, half as wide and a quarter as high as the blank', () => {
  const bag = starterBlank('tote-bag').value;
  const { blank, placeId } = addPlace(bag, 'pocket', null, bytes);
  expect(blank.places.at(-1)).toEqual({ id: placeId, name: 'pocket', side: 'back', twinOf: null });
  expect(blankSchema.safeParse(blank).success).toBe(true);
  for (const { body, places } of blank.variants) {
    const { outline, datum, clear, anchor } = places[placeId]!;
    const [widthMm, heightMm] = [Math.round(body.widthMm / 2), Math.round(body.heightMm / 4)];
    expect([outline, clear, anchor]).toEqual([{ kind: 'rect', widthMm, heightMm }, [], 'centre']);
    expect([datum.kind, datum.lineMm]).toEqual(['edge', 0]);
    expect(Math.abs(2 * datum.leftMm + widthMm - body.widthMm)).toBeLessThanOrEqual(1);
    expect(Math.abs(2 * datum.dropMm + heightMm - body.heightMm)).toBeLessThanOrEqual(1);
  }
});

test('a twin lies on the other side; a role changes alone', () => {
  const bag = starterBlank('tote-bag').value;
  const front = bag.places[0]!;
  const sideOf = (side: 'left' | 'right') => {
    const turned = changeRole(bag, front.id, { side });
    expect(turned.places.slice(1)).toEqual(bag.places.slice(1));
    return addPlace(turned, 'twin', front.id, bytes).blank.places.at(-1)!.side;
  };
  expect([sideOf('left'), sideOf('right')]).toEqual(['right', 'left']);
});

test('a place that goes takes its own measures along and nobody else’s', () => {
  const bag = starterBlank('tote-bag').value;
  const { blank, placeId } = addPlace(bag, 'pocket', null, bytes);
  const without = removePlace(blank, bag.places[0]!.id);
  for (const [i, { places }] of without.variants.entries()) {
    expect(places).toEqual({ [placeId]: blank.variants[i]!.places[placeId] });
  }
  expect(removePlace(blank, placeId)).toEqual(bag);
});

test('a size goes by its name, and the last one stays', () => {
  const cap = starterBlank('cap').value;
  const [first, ...others] = cap.variants;
  expect(removeVariant(cap, first!.id).variants).toEqual(others);
  const one = { ...cap, variants: [first!] };
  expect(removeVariant(one, first!.id)).toBe(one);
  const named = addVariant({ ...cap, variants: [{ ...first!, size: 'M' }] }, first!.id, bytes);
  expect(named.variants.map(({ size }) => size)).toEqual(['M', 'M (new)']);
  const plain = addVariant({ ...cap, variants: [{ ...first!, size: '' }] }, 'none', bytes);
  expect(plain.variants.map(({ size }) => size)).toEqual(['', 'new size']);
});

test('one more blank is one for every entry, in a size group of its own; it goes with what was said of it alone', () => {
  const run = aRun(['Ann', 'Bo']);
  const two = addBlank(run, starterBlank('cap'), bytes);
  const [first, second] = two.uses;
  expect(second).toMatchObject({ blankId: 'cap', each: 1, who: { kind: 'all' } });
  expect(two.sizeGroups).toHaveLength(run.sizeGroups.length + 1);
  expect(second!.places.every(({ sizeGroupId }) => sizeGroupId === two.sizeGroups.at(-1)!.id)).toBe(true);
  expect(isFine(two)).toEqual([true, []]);
  const at = (use: typeof first) =>
    ({ entryId: two.entries[0]!.id, useId: use!.id, placeId: use!.places[0]!.placeId }) as TextRef;
  const said = setOverrides(two, [at(first), at(second)], { kind: 'width', share: 0.9 }, bytes);
  const left = removeUse(said, second!.id);
  expect(left.uses).toEqual([first]);
  expect(left.overrides.map(({ at: { useId } }) => useId)).toEqual([first!.id]);
  expect(left.shop.blanks.map(({ id }) => id)).toEqual([first!.blankId]);
  expect(removeUse(said, first!.id).uses).toEqual([second]);
  expect(removeUse(left, first!.id)).toBe(left);
});

test('another blank in a use’s place keeps how its first place is worded, and leaves the other uses alone', () => {
  const two = addBlank(aRun(['Ann', 'Bo']), starterBlank('cap'), bytes);
  const [first, second] = two.uses;
  const other = replaceBlank(two, first!.id, starterBlank('tote-bag'));
  expect(other.uses.map(({ id, blankId }) => [id, blankId])).toEqual([
    [first!.id, 'tote-bag'],
    [second!.id, 'cap'],
  ]);
  expect(other.uses[1]).toEqual(second);
  expect(other.uses[0]!.places[0]).toMatchObject({
    wording: first!.places[0]!.wording,
    letteringId: first!.places[0]!.letteringId,
  });
  expect(isFine(other)).toEqual([true, []]);
});

test('a place that goes from a run’s blank is lettered no more, of that blank alone', () => {
  const two = addBlank(
    replaceBlank(aRun(['Ann']), aRun(['Ann']).uses[0]!.id, starterBlank('tote-bag')),
    starterBlank('cap'),
    bytes,
  );
  const more = changeRunBlank(two, 'tote-bag', (blank) => addPlace(blank, 'pocket', null, bytes).blank);
  expect(more.uses).toBe(two.uses);
  const front = findBlank(more, 'tote-bag').places[0]!.id;
  const less = changeRunBlank(more, 'tote-bag', (blank) => removePlace(blank, front));
  expect(less.uses[0]!.places.map(({ placeId }) => placeId)).not.toContain(front);
  expect(less.uses[0]!.variant).toEqual(two.uses[0]!.variant);
  expect(less.uses[1]).toBe(more.uses[1]);
});

test('starters: natural fabrics hold no polyester, and what is bought singly comes in packs of one', () => {
  for (const { value } of STARTER_BLANKS) {
    const { fabric, polyesterPct, pack } = value;
    if (['cotton', 'linen'].includes(fabric)) expect([value.name, polyesterPct ?? 0]).toEqual([value.name, 0]);
    if (fabric === 'poly-cotton') expect(polyesterPct).toBeGreaterThan(0);
    if (pack.priceCents === null) expect([value.name, pack.count]).toEqual([value.name, 1]);
    expect(pack.count).toBeGreaterThanOrEqual(1);
  }
});

test('of several twins only those of the place that goes stand alone', () => {
  const bag = starterBlank('tote-bag').value;
  const front = bag.places[0]!.id;
  const one = addPlace(bag, 'other side', front, bytes);
  const second = addPlace(one.blank, 'strap', null, bytes);
  const third = addPlace(second.blank, 'other strap', second.placeId, bytes);
  const twins = (of: typeof bag) => of.places.map(({ id, twinOf }) => [id, twinOf]);
  expect(twins(removePlace(third.blank, front))).toEqual([
    [one.placeId, null],
    [second.placeId, null],
    [third.placeId, second.placeId],
  ]);
});

test('shared spares go to the largest first, and round again', () => {
  const spec = shirtRun([
    ['A', 'L', 'navy'],
    ['B', 'M', 'navy'],
    ['C', 'M', 'navy'],
    ['D', 'M', 'navy'],
    ['E', 'S', 'navy'],
    ['F', 'S', 'navy'],
  ]);
  const shirt = starterBlank('t-shirt').value;
  const demand = { taken: takenBy(spec), lost: [], unusable: new Map<string, number>() };
  const spares = (spoilagePct: number) =>
    Object.fromEntries(
      countBlanks({ ...spec, prepare: { spoilagePct, sharesSpares: true, done: [] } }, demand, () => shirt).map(
        ({ size, spares: count }) => [size, count],
      ),
    );
  expect(spares(10)).toEqual({ M: 1, S: 0, L: 0 });
  expect(spares(30)).toEqual({ M: 1, S: 1, L: 0 });
  expect(spares(80)).toEqual({ M: 2, S: 2, L: 1 });
});

test('a copy that the run has is replaced, another comes beside it', () => {
  const spec = shirtRun([['A', 'M', 'navy']]);
  const [copy] = spec.shop.blanks;
  const renamed = { ...copy!, value: { ...copy!.value, name: 'Another name' } };
  expect(putBlankCopy(spec, renamed).shop.blanks.map(({ value }) => value.name)).toEqual(['Another name']);
  const cap = { ...copy!, id: 'another' };
  const two = putBlankCopy(spec, cap);
  expect(two.shop.blanks.map(({ id }) => id)).toEqual([copy!.id, 'another']);
  expect(putBlankCopy(two, renamed).shop.blanks.map(({ id, value }) => [id, value.name === 'Another name'])).toEqual([
    [copy!.id, true],
    ['another', false],
  ]);
});

test.each(STARTER_BLANKS.map((blank) => [blank.id, blank.value] as const))(
  '%s: no size is smaller than the one before it',
  (_, blank) => {
    const byColour = new Map<string, (typeof blank.variants)[number][]>();
    for (const variant of blank.variants)
      byColour.set(variant.colour.name, [...(byColour.get(variant.colour.name) ?? []), variant]);
    for (const variants of byColour.values()) {
      variants.slice(1).forEach((variant, i) => {
        const before = variants[i]!;
        expect(variant.body.widthMm).toBeGreaterThanOrEqual(before.body.widthMm);
        for (const [id, { outline }] of Object.entries(variant.places)) {
          const smaller = before.places[id]?.outline;
          if (outline.kind !== 'rect' || smaller?.kind !== 'rect') continue;
          expect([id, outline.widthMm >= smaller.widthMm, outline.heightMm >= smaller.heightMm]).toEqual([
            id,
            true,
            true,
          ]);
        }
      });
    }
  },
);
