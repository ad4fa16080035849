import { STARTER_BLANKS, changeFabric } from '../blanks';
import { fabricClassOf, upgradeBlank, usualCeilingC } from '.';

test.each([
  ['cotton', 'cotton', 200],
  ['brushed cotton canvas', 'cotton', 200],
  ['terry towelling', 'cotton', 200],
  ['linen', 'linen', 200],
  ['poly-cotton', 'polyCotton', 175],
  ['65 % polyester, 35 % cotton', 'polyCotton', 175],
  ['cotton with polyester', 'polyCotton', 175],
  ['Polyester', 'polyester', 165],
  ['nylon ripstop', 'nylon', 140],
  ['polyamide', 'nylon', 140],
  ['acrylic pile', 'acrylicPile', 140],
  ['wool felt', 'wool', 160],
  ['imitation leather', 'leatherette', 140],
  ['coated steel', 'hardCoated', 205],
  ['glass', null, null],
  ['', null, null],
] as const)('“%s” is %s and usually bears %s °C', (written, fabric, bearsC) => {
  expect(fabricClassOf(written)).toBe(fabric);
  expect(usualCeilingC(written)).toBe(bearsC);
});

test('words that say what a blank is of choose how it is pressed, unless somebody chose otherwise', () => {
  const blank = STARTER_BLANKS[0]!.value;
  const linen = changeFabric({ ...blank, fabric: 'cotton', fabricClass: 'cotton' }, 'linen');
  expect(linen).toMatchObject({ fabric: 'linen', fabricClass: 'linen' });
  expect(changeFabric(linen, 'shiny stuff').fabricClass).toBeNull();
  expect(changeFabric({ ...blank, fabric: 'shiny stuff', fabricClass: null }, 'nylon').fabricClass).toBe('nylon');
  expect(changeFabric({ ...blank, fabric: 'cotton', fabricClass: 'wool' }, 'linen').fabricClass).toBe('wool');
});

test('a blank from before fabrics had a class gets the one that its words say; one that has one keeps it', () => {
  const { fabricClass: _, ...old } = STARTER_BLANKS[0]!.value;
  expect(upgradeBlank({ ...old, fabric: 'felt' })).toMatchObject({ fabricClass: 'wool' });
  expect(upgradeBlank({ ...old, fabric: 'felt', fabricClass: null })).toMatchObject({ fabricClass: null });
  expect(upgradeBlank({ ...old, fabric: 7 })).toMatchObject({ fabricClass: null });
});
