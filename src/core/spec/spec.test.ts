import { addBlank } from '../blanks';
import { setOverrides } from '../edit';
import { resolveSlots } from '../resolve';
import { aRun, seededBytes, starterBlank } from '../test';
import {
  type OverrideSet,
  type RunSpec,
  bedRoomOf,
  columnValues,
  fitKeyIn,
  fitKeyOf,
  getsBlank,
  itemIdOf,
  letteringOfText,
  lookedKey,
  ownSettingsAt,
  pieceIdOf,
  placeNameIn,
  readItemId,
  readPieceId,
  readTextKey,
  runSpecSchema,
  takenValues,
  textKeyOf,
  variantFor,
  withoutBlank,
} from '.';

const run = aRun(['Ann', 'Bo', 'Cy', 'Di', 'Ed']);
const withColumn = (values: readonly string[]): RunSpec => ({
  ...run,
  entries: run.entries.map((entry, i) => ({ ...entry, fields: { ...entry.fields, gift: values[i] ?? '' } })),
});

test('what a column says stands by how many say it, then by name, as it was written first', () => {
  const spec = withColumn(['tag', 'Cap ', 'CAP', 'bag', '']);
  expect(columnValues(spec, 'gift')).toEqual([
    { value: 'Cap', numEntries: 2 },
    { value: '', numEntries: 1 },
    { value: 'bag', numEntries: 1 },
    { value: 'tag', numEntries: 1 },
  ]);
  const classes = columnValues(withColumn(['Class 10', 'class 2', 'class 1', 'class 10', 'crew']), 'gift');
  expect(classes.map(({ value }) => value)).toEqual(['Class 10', 'class 1', 'class 2', 'crew']);
  expect(columnValues(spec, 'no such column')).toEqual([{ value: '', numEntries: 5 }]);
});

test('a rule is everybody, what a column says, or who is named; a column that is not there says nothing', () => {
  const [ann, bo] = withColumn(['Cap', 'bag']).entries;
  const cap = { who: { kind: 'byColumn' as const, field: 'gift', values: ['cap'] } };
  expect([getsBlank(cap, ann!), getsBlank(cap, bo!), getsBlank(cap, run.entries[0]!)]).toEqual([true, false, false]);
  const nothing = { who: { kind: 'byColumn' as const, field: 'gift', values: [''] } };
  expect([getsBlank(nothing, ann!), getsBlank(nothing, run.entries[0]!)]).toEqual([false, true]);
  const named = { who: { kind: 'chosen' as const, entryIds: [bo!.id] } };
  expect([getsBlank(named, ann!), getsBlank(named, bo!)]).toEqual([false, true]);
  expect(getsBlank({ who: { kind: 'all' } }, ann!)).toBe(true);
  expect(takenValues(run, named)).toEqual([]);
});

test('those without a blank are one question for all alike, by the column that is asked about', () => {
  const spec = withColumn(['cap', 'bag', 'Bag', 'tag', 'cap']);
  const [use] = spec.uses;
  const ruled = { ...spec, uses: [{ ...use!, who: { kind: 'byColumn' as const, field: 'gift', values: ['cap'] } }] };
  const idsOf = (...at: number[]) => at.map((i) => spec.entries[i]!.id);
  expect(withoutBlank(ruled, 'gift')).toEqual([
    { field: 'gift', value: 'bag', entryIds: idsOf(1, 2) },
    { field: 'gift', value: 'tag', entryIds: idsOf(3) },
  ]);
  expect(withoutBlank(ruled, null)).toEqual([{ field: null, value: '', entryIds: idsOf(1, 2, 3) }]);
  expect(takenValues(ruled, ruled.uses[0]!)).toEqual(['cap']);
  expect(withoutBlank(spec, 'gift')).toEqual([]);
});

test('a bed holds what its margins leave, and so do the others', () => {
  const { usual: room } = bedRoomOf({ ...run, layout: { ...run.layout, bedId: 'bed-long', edgeMm: 7.5 } });
  expect(room).toMatchObject({ name: 'long bed', widthMm: 275, heightMm: 575, mayTurn: true });
  expect(room.others).toEqual([
    { name: 'small bed', widthMm: 275, heightMm: 275 },
    { name: 'roll without a bed', widthMm: 275, heightMm: 1485 },
  ]);
});

test('a place is called by its name; with its blank where there are several, numbered where one stands twice', () => {
  const [use] = run.uses;
  const placeId = use!.places[0]!.placeId;
  expect(placeNameIn(run, use!, placeId)).toBe('chest');
  const two = addBlank(run, starterBlank('cap'), seededBytes(4));
  expect(placeNameIn(two, two.uses[0]!, placeId)).toBe('Garment bag, chest');
  const twice = addBlank(two, run.shop.blanks[0]!, seededBytes(5));
  const names = [twice.uses[0]!, twice.uses[2]!].map((one) => placeNameIn(twice, one, placeId));
  expect(names).toEqual(['Garment bag 1, chest', 'Garment bag 2, chest']);
  expect(placeNameIn(run, use!, 'gone')).toBe('');
});

test('ids are put together and taken apart again; what is none is none', () => {
  const ref = { entryId: 'aentry0001', useId: 'ause000001', ordinal: 12, placeId: 'aplace0001' } as never;
  const [item, piece] = [itemIdOf(ref), pieceIdOf(ref, 'alayer0001', 3)];
  expect(readItemId(item)).toEqual({ entryId: 'aentry0001', useId: 'ause000001', ordinal: 12 });
  expect(readPieceId(piece)).toMatchObject({ itemId: item, layerId: 'alayer0001', part: 3, fitKey: fitKeyOf(ref) });
  expect(fitKeyOf(ref)).toBe(fitKeyIn(item, 'aplace0001'));
  expect(readTextKey(lookedKey(ref, 'thinStroke'))).toMatchObject({ placeId: 'aplace0001' });
  expect(lookedKey(ref, 'thinStroke')).toBe(`${textKeyOf(ref)}-thinStroke`);
  for (const wrong of ['', 'aentry0001', `${item}x`, item.replace('12', '0'), piece])
    expect(readItemId(wrong)).toBeNull();
  expect([readPieceId(item), readTextKey('aentry0001-ause000001')]).toEqual([null, null]);
});

test('exceptions of one entry at one place are read together, of others not at all', () => {
  const [ann, bo] = run.entries;
  const [use] = run.uses;
  const at = { entryId: ann!.id, useId: use!.id, placeId: use!.places[0]!.placeId } as never;
  const sets: readonly OverrideSet[] = [
    { kind: 'wording', lines: ['Annie'] },
    { kind: 'lettering', letteringId: 'stand-block' },
    { kind: 'material', materialId: 'film-white' },
    { kind: 'tracking', trackingEm: 0.1 },
    { kind: 'width', share: 0.9 },
    { kind: 'size', size: { by: 'height', mm: 12 } },
    { kind: 'lie', at: 'largest' },
  ] as never;
  const overrides = sets.map((set, i) => ({ id: `override0${i}`, at, set })) as never;
  expect(ownSettingsAt({ ...run, overrides }, at)).toEqual({
    lines: ['Annie'],
    letteringId: 'stand-block',
    materialId: 'film-white',
    trackingEm: 0.1,
    widthShare: 0.9,
    size: { by: 'height', mm: 12 },
    lie: 'largest',
  });
  expect(ownSettingsAt({ ...run, overrides }, { ...(at as object), entryId: bo!.id } as never)).toEqual({});
});

test('a text is set in its own lettering, else its place’s; of a place that is gone there is none', () => {
  const [first] = run.shop.letterings;
  const other = { ...first!, id: 'another-one', value: { ...first!.value, name: 'Another' } };
  const { ref: at } = resolveSlots(run)[1]!;
  const two = { ...run, shop: { ...run.shop, letterings: [...run.shop.letterings, other] } };
  expect(letteringOfText(two, at)).toBe(first!.value);
  const own = setOverrides(two, [at], { kind: 'lettering', letteringId: other.id }, seededBytes(6));
  expect(letteringOfText(own, at)?.name).toBe('Another');
  expect(letteringOfText(own, resolveSlots(own)[0]!.ref)).toBe(first!.value);
  expect(letteringOfText({ ...own, uses: [] }, at)).toBeNull();
});

test('the size that stands for a use is its own, or the first where each entry has one', () => {
  const shirts = addBlank(run, starterBlank('t-shirt'), seededBytes(6));
  const use = shirts.uses[1]!;
  const { variants } = starterBlank('t-shirt').value;
  const fixed = { kind: 'fixed' as const, variantId: variants[2]!.id };
  expect(variantFor(shirts, { ...use, variant: fixed })).toBe(variants[2]);
  const byColumn = { kind: 'byColumn' as const, sizeField: 'size', colourField: null };
  expect(variantFor(shirts, { ...use, variant: byColumn })).toBe(variants[0]);
});

const many = <T>(length: number, value: T): T[] => Array.from({ length }, () => value);

/** What just may be, and what may not. */
const LIMITS: readonly (readonly [
  string,
  Partial<Record<keyof RunSpec, unknown>>,
  Partial<Record<keyof RunSpec, unknown>>,
])[] = [
  ['a title', { title: 'x'.repeat(200) }, { title: 'x'.repeat(201) }],
  ['no title', { title: 'x' }, { title: '  ' }],
  ['uses', { uses: run.uses }, { uses: [] }],
  ['groups', { sizeGroups: run.sizeGroups }, { sizeGroups: [] }],
  [
    'letterings',
    { shop: { ...run.shop, letterings: run.shop.letterings.slice(0, 1) } },
    { shop: { ...run.shop, letterings: [] } },
  ],
  ['beds', { shop: { ...run.shop, beds: run.shop.beds.slice(0, 1) } }, { shop: { ...run.shop, beds: [] } }],
  ['cards', { shop: { ...run.shop, cards: [] } }, { shop: { ...run.shop, cards: many(2001, run.shop.cards[0]) } }],
  ['spares', { prepare: { spoilagePct: 50, done: [] } }, { prepare: { spoilagePct: 51, done: [] } }],
  ['margins', { layout: { ...run.layout, edgeMm: 100 } }, { layout: { ...run.layout, edgeMm: 101 } }],
  ['a language', { language: 'en' }, { language: 'e' }],
];

test.each(LIMITS)('%s within the limit make a run, and beyond it none', (_, within, beyond) => {
  expect(runSpecSchema.safeParse({ ...run, ...within }).error).toBeUndefined();
  expect(runSpecSchema.safeParse({ ...run, ...beyond }).success).toBe(false);
});
