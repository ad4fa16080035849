import { artCache } from '../artwork';
import { resolveSlots } from '../resolve';
import { aRun, shippedFaces, shirtRun, starterBlank } from '../test';
import { checkedReport, fitNumbers, measureFit } from '.';

const cache = artCache(shippedFaces());
const numbersOf = (spec: Parameters<typeof resolveSlots>[0]) =>
  checkedReport(resolveSlots(spec), cache).fits.map((checked) => ({ checked, numbers: fitNumbers(checked) }));

test('a fit says which variant of its blank it stands on, none where the list asks for one that is not', () => {
  const [variant, ...more] = starterBlank('t-shirt').value.variants;
  const other = more.find(({ size }) => size !== variant!.size)!;
  const shirts = shirtRun([
    ['Ottoline', variant!.size, variant!.colour.name],
    ['Bo', other.size, other.colour.name],
    ['Cy', 'no such size', other.colour.name],
  ]);
  expect(numbersOf(shirts).map(({ numbers }) => numbers.variantId)).toEqual([variant!.id, other.id, null]);
});

test('measures come to the layer that they are of; before, there are none', () => {
  const [{ checked, numbers }] = numbersOf(aRun(['Ottoline'])) as [ReturnType<typeof numbersOf>[number]];
  expect(numbers.layers.map(({ measures }) => measures)).toEqual([null]);
  const { measures } = measureFit(checked.fit, cache);
  expect(fitNumbers({ ...checked, measures }).layers.map((layer) => layer.measures)).toEqual(measures);
  expect(measures).toHaveLength(1);
});
