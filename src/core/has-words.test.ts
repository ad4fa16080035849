import { hasWords } from './has-words';

test.each<[string, string, boolean]>([
  ['Tote bag, cotton', 'cot BAG', true],
  ['Tote bag, cotton', 'cotton shirt', false],
  ['Åse Krüger', 'ase krug', true],
  ['Ase Kruger', 'Krüg', true],
  ['Bo', '  ', true],
  ['', 'x', false],
])('“%s” with “%s” looked for: %s', (text, lookedFor, isIn) => {
  expect(hasWords(text, lookedFor)).toBe(isIn);
});
