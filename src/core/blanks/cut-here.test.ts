import { changePlace, changePlaceUse, placeAt } from '../edit';
import { aRun, withCard } from '../test';
import { countBlanks } from '.';
import { isCutHere } from './cut-here';

const plain = aRun(['Ann', 'Bo']);
const { use, variant } = placeAt(plain, null);
const asLargeAsTheBlank = changePlace(plain, null, (place) => ({ ...place, outline: variant.body }));
const demand = { taken: [{ useId: use.id, variantId: variant.id, count: 2 }], lost: [], unusable: new Map() };
const cut = (spec: typeof plain) => isCutHere(spec, spec.uses[0]!);
const counted = (spec: typeof plain) => countBlanks(spec, demand, () => undefined).map(({ needed }) => needed);

test('a tag that is cut here is not bought, and a patch on something larger is put on what is', () => {
  const tag = withCard(asLargeAsTheBlank);
  expect([cut(tag), counted(tag)]).toEqual([true, []]);
  const patch = withCard(plain);
  expect([cut(patch), counted(patch)]).toEqual([false, [2]]);
  const backed = withCard(asLargeAsTheBlank, {}, 'draw', 'grown');
  expect([cut(backed), counted(backed)]).toEqual([false, [2]]);
  expect([cut(asLargeAsTheBlank), cut(plain)]).toEqual([false, false]);
});

test('narrower by a millimetre in one direction it is a patch; without words nothing is cut', () => {
  const narrower = (mm: number) =>
    withCard(
      changePlace(plain, null, (place) => ({
        ...place,
        outline: { kind: 'rect', widthMm: variant.body.widthMm, heightMm: variant.body.heightMm - mm },
      })),
    );
  expect([cut(narrower(0.9)), cut(narrower(1.1))]).toEqual([true, false]);
  expect(cut(changePlaceUse(withCard(asLargeAsTheBlank), null, (place) => ({ ...place, wording: null })))).toBe(false);
});
