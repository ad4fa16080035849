import { placeGeometry } from '../place';
import { findBlank, runSpecSchema, specFaults } from '../spec';
import { blankSchema, measuredOf } from '../shop';
import { changeMeasures, mainPlace } from '../edit';
import { chooseVariant } from '../resolve';
import { aRun, seededBytes, aZone, aRect, shirtRun, starterBlank, takenBy } from '../test';
import {
  STARTER_BLANKS,
  addBlank,
  addPlace,
  addVariant,
  changeRunBlank,
  blankKey,
  countBlanks,
  matchMarks,
  numUncounted,
  packsToBuy,
  preparationList,
  removePlace,
  removeUse,
  removeVariant,
  replaceBlank,
} from '.';

const bytes = seededBytes(3);

test('the starter catalogue has at least 14 kinds over cloth, hard goods, leatherette, card and wood', () => {
  expect(STARTER_BLANKS.length).toBeGreaterThanOrEqual(14);
  const fabrics = new Set(STARTER_BLANKS.map(({ value }) => value.fabric));
  for (const one of ['cotton', 'linen', 'coated steel', 'glass', 'leatherette', 'card', 'wood'])
    expect(fabrics).toContain(one);
  expect(new Set(STARTER_BLANKS.map(({ id }) => id)).size).toBe(STARTER_BLANKS.length);
});

test.each(STARTER_BLANKS.map((blank) => [blank.id, blank.value] as const))(
  '%s can be lettered in every size',
  (_, blank) => {
    expect(blankSchema.safeParse(blank).error).toBeUndefined();
    const ids = [...blank.variants, ...blank.places].map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    for (const variant of blank.variants) {
      for (const { id } of blank.places) {
        const { problems, usable } = placeGeometry(variant, measuredOf(blank, variant, id)!);
        expect([id, variant.size, problems]).toEqual([id, variant.size, []]);
        expect(usable!.widthMm).toBeGreaterThan(25);
      }
    }
  },
);

test('the list says which size and colour an entry gets, however it writes them', () => {
  const spec = shirtRun([
    ['Wanda', 'm', 'Navy'],
    ['Ivo', 'Extra Large', 'white'],
    ['Pim', '0-3 months', 'navy'],
    ['Odd', 'XXXL', 'navy'],
    ['Una', 'L', 'pink'],
    ['Nil', '', 'navy'],
  ]);
  expect(spec.uses[0]!.variant).toEqual({ kind: 'byColumn', sizeField: 'size', colourField: 'colour' });
  const got = spec.entries.map((entry) => {
    const chosen = chooseVariant(spec, spec.uses[0]!, entry);
    return chosen.ok ? `${chosen.value.size} ${chosen.value.colour.name}` : [chosen.problem.part, chosen.problem.said];
  });
  expect(got).toEqual(['M navy', 'XL white', '0–3 m navy', ['size', 'XXXL'], ['colour', 'pink'], ['size', '']]);
});

test('a run that takes another blank, or one more, is a run that can be saved', () => {
  const spec = aRun(['Ann', 'Bo']);
  const socks = addBlank(spec, starterBlank('socks'), bytes);
  expect(specFaults(socks)).toEqual([]);
  expect(runSpecSchema.safeParse(socks).success).toBe(true);
  // A pair is lettered on both; the places of the first blank stay as they were.
  expect(socks.uses[1]!.places.map(({ wording }) => wording !== null)).toEqual([true, true]);
  expect(socks.uses[0]).toBe(spec.uses[0]);
  const folder = replaceBlank(socks, socks.uses[1]!.id, starterBlank('music-folder'));
  expect(folder.uses[1]!.places.map(({ wording }) => wording !== null)).toEqual([true, false]);
  expect(folder.shop.blanks.map(({ id }) => id)).toEqual(['garment-bag', 'music-folder']);
  expect(specFaults(folder)).toEqual([]);
  const back = removeUse(folder, folder.uses[1]!.id);
  expect([back.uses.length, back.shop.blanks.length]).toEqual([1, 1]);
  expect(removeUse(back, back.uses[0]!.id)).toBe(back);
});

test('a size that a use stood on can go: the use takes the first one left', () => {
  const spec = replaceBlank(aRun(['Ann']), aRun(['Ann']).uses[0]!.id, starterBlank('cap'));
  const [first, second] = findBlank(spec, 'cap').variants;
  expect(spec.uses[0]!.variant).toEqual({ kind: 'fixed', variantId: first!.id });
  const less = changeRunBlank(spec, 'cap', (blank) => removeVariant(blank, first!.id));
  expect(less.uses[0]!.variant).toEqual({ kind: 'fixed', variantId: second!.id });
  expect(specFaults(less)).toEqual([]);
});

test('towels are lettered in the middle of what is seen of them', () => {
  for (const id of ['tea-towel', 'bath-towel']) {
    for (const variant of starterBlank(id).value.variants) {
      const [place] = Object.values(variant.places);
      const { body, box, leftMm } = placeGeometry(variant, place!);
      expect(leftMm + box.widthMm / 2).toBeCloseTo(body.widthMm / 2, 6);
    }
  }
});

test('a twin is the mirror image until it has measures of its own', () => {
  const bag = starterBlank('tote-bag').value;
  const [variant] = bag.variants;
  const [front] = bag.places;
  const wide = changeMeasures(bag, variant!.id, front!.id, (place) => ({
    ...place,
    anchor: 'left',
    datum: { ...place.datum, leftMm: 20 },
    clear: [aZone('badge', aRect(30, 30), 10, 5)],
  }));
  const { blank, placeId } = addPlace(wide, 'other side', front!.id, bytes);
  const mirror = measuredOf(blank, blank.variants[0]!, placeId)!;
  // 380 wide, the place 220: 20 from the left becomes 20 from the right.
  expect([mirror.datum.leftMm, mirror.anchor, mirror.clear[0]!.leftMm]).toEqual([140, 'right', 180]);
  const own = changeMeasures(blank, variant!.id, placeId, (place) => ({ ...place, anchor: 'top' }));
  expect(own.variants[0]!.places[placeId]).toMatchObject({ anchor: 'top', datum: { leftMm: 140 } });
  // Without the one it leaned on, the twin keeps what it had.
  const alone = removePlace(blank, front!.id);
  expect(measuredOf(alone, alone.variants[1]!, placeId)?.datum.leftMm).toBe(80);
  expect(blankSchema.safeParse(alone).success).toBe(true);
  expect(removePlace(alone, placeId)).toBe(alone);
});

test('a new size starts with the measures of the one beside it and with none on hand', () => {
  const cap = starterBlank('cap').value;
  const more = addVariant(cap, cap.variants[0]!.id, bytes);
  expect(more.variants).toHaveLength(3);
  expect(more.variants[1]).toMatchObject({ places: cap.variants[0]!.places, stock: { onHand: 0 } });
  expect(blankSchema.safeParse(more).success).toBe(true);
});

test('blanks are counted by size and colour, with spares for each and whole packs', () => {
  const spec = shirtRun([
    ['A', 'M', 'navy'],
    ['B', 'M', 'navy'],
    ['C', 'L', 'navy'],
    ['D', 'M', 'white'],
    ['E', 'XXXL', 'navy'],
  ]);
  const demand = { taken: takenBy(spec), lost: [], unusable: new Map<string, number>() };
  const shirt = starterBlank('t-shirt').value;
  const stocked = {
    ...shirt,
    variants: shirt.variants.map((v) => (v.size === 'M' ? { ...v, stock: { onHand: 1, seconds: 1, marked: [] } } : v)),
  };
  const counts = countBlanks({ ...spec, prepare: { spoilagePct: 10, done: [] } }, demand, () => stocked);
  const short = counts.map(({ size, colour, needed, spares, onHand, missing, packs, priceCents }) => [
    `${size} ${colour}`,
    needed,
    spares,
    onHand,
    missing,
    packs,
    priceCents,
  ]);
  expect(short).toEqual([
    ['M navy', 2, 1, 1, 2, 1, 2450],
    ['L navy', 1, 1, 0, 2, 1, 2450],
    ['M white', 1, 1, 1, 1, 1, 2450],
  ]);
  expect(packsToBuy(counts)).toEqual({ count: 3, costs: [{ currency: 'EUR', cents: 7350 }] });
  // The one who asks for a size that there is none of is told, not forgotten.
  expect(numUncounted(demand.taken)).toBe(1);
  // Enough on hand: nothing is bought.
  const plenty = { ...stocked, variants: stocked.variants.map((v) => ({ ...v, stock: { ...v.stock, onHand: 9 } })) };
  expect(packsToBuy(countBlanks(spec, demand, () => plenty))).toEqual({ count: 0, costs: [] });
});

test('what was lost is needed once more, and what is marked for nobody is not on hand', () => {
  const spec = shirtRun([
    ['A', 'M', 'navy'],
    ['B', 'M', 'navy'],
    ['C', 'L', 'navy'],
  ]);
  const [use] = spec.uses;
  const shirt = starterBlank('t-shirt').value;
  const stocked = {
    ...shirt,
    variants: shirt.variants.map((v) => ({ ...v, stock: { onHand: 3, seconds: 0, marked: [] } })),
  };
  const navy = (size: string) => shirt.variants.find((v) => v.size === size && v.colour.name === 'navy')!.id;
  const demand = {
    taken: takenBy(spec),
    lost: [{ useId: use!.id, variantId: navy('M'), count: 2 }],
    unusable: new Map([[blankKey('t-shirt', navy('L')), 5]]),
  };
  const counts = (sharesSpares: boolean) =>
    countBlanks({ ...spec, prepare: { spoilagePct: 5, sharesSpares, done: [] } }, demand, () => stocked).map(
      ({ size, needed, lost, spares, onHand, unusable, missing }) => [
        size,
        needed,
        lost,
        spares,
        onHand,
        unusable,
        missing,
      ],
    );
  expect(counts(false)).toEqual([
    ['M', 4, 2, 1, 3, 0, 2],
    ['L', 1, 0, 1, 3, 3, 2],
  ]);
  // One spare in twenty of all: it lies with the size that takes most.
  expect(counts(true)).toEqual([
    ['M', 4, 2, 1, 3, 0, 2],
    ['L', 1, 0, 0, 3, 3, 1],
  ]);
  const half = countBlanks(
    { ...spec, prepare: { spoilagePct: 50, sharesSpares: true, done: [] } },
    demand,
    () => stocked,
  );
  expect(half.map(({ spares }) => spares)).toEqual([2, 1]);
});

test('a blank that carries a mark goes to who gets just that, then to whose initials it is, once', () => {
  const taker = (itemId: string, text: string, name: string, variantId = 'v1') => ({
    itemId,
    blankId: 'pouch',
    variantId,
    texts: [text],
    names: [name],
  });
  const marked = (mark: string, variantId = 'v1') => ({ blankId: 'pouch', variantId, mark });
  const takers = [taker('1', 'Mara', 'Mara Elden'), taker('2', 'M', 'Milo Roe'), taker('3', 'Ada', 'Ada Moor', 'v2')];
  const matches = matchMarks([marked('m'), marked('ME'), marked('A'), marked('A', 'v2'), marked('M')], takers);
  expect(matches.map(({ itemId, why }) => [itemId, why])).toEqual([
    ['2', 'sameText'],
    ['1', 'initials'],
    [null, 'none'],
    ['3', 'initials'],
    [null, 'none'],
  ]);
});

test('what the run letters follows the size of its entry', () => {
  const spec = shirtRun([['Ann', 'S', 'white']]);
  expect(mainPlace(spec).role.name).toBe('front');
  const chosen = chooseVariant(spec, spec.uses[0]!, spec.entries[0]!);
  expect(chosen.ok && chosen.value.body.widthMm).toBe(470);
});

test('the run’s preparation is listed blank by blank, and ticks of blanks that are gone count for nothing', () => {
  const spec = addBlank(
    replaceBlank(aRun(['Ann']), aRun(['Ann']).uses[0]!.id, starterBlank('t-shirt')),
    starterBlank('pennant'),
    bytes,
  );
  const useId = spec.uses[0]!.id;
  const ticked = { ...spec, prepare: { spoilagePct: 0, done: [`${useId}-tuckTags`, 'agoneuse01-clean'] } };
  expect(preparationList(ticked)).toEqual([
    {
      useId,
      name: 'T-shirt',
      steps: [
        { id: `${useId}-preWash`, step: 'preWash', isDone: false },
        { id: `${useId}-tuckTags`, step: 'tuckTags', isDone: true },
      ],
    },
  ]);
});
