import { contrastOf, contrastProblem, lightnessOf } from '.';

test('distance is 100 between black and white, nothing between equals, and the same both ways', () => {
  expect(contrastOf('#000000', '#ffffff')).toBeCloseTo(100, 3);
  expect(contrastOf('#8a5d0c', '#8a5d0c')).toBe(0);
  expect(contrastOf('#b23a34', '#24344f')).toBeCloseTo(contrastOf('#24344f', '#b23a34'), 9);
});

test.each([
  ['gold on black', '#e0b25a', '#26292e', null],
  ['white on navy', '#f7f5ee', '#24344f', null],
  ['red on cream', '#b23a34', '#efe3c2', null],
  ['white on red', '#ffffff', '#b23a34', null],
  ['navy on black', '#24344f', '#26292e', 'alike'],
  ['cream on white', '#efe3c2', '#f7f5ee', 'alike'],
  ['silver on grey', '#b9bfc4', '#a3a8ad', 'alike'],
  ['red on another red', '#b23a34', '#6d2234', 'clash'],
  ['bright red on red', '#d8282a', '#b23a34', 'clash'],
  ['blue on another blue', '#1f4fb4', '#3f8fe0', 'clash'],
])('%s', (_, film, blank, why) => {
  expect(contrastProblem(film, blank)?.why ?? null).toBe(why);
});

test('a colour on itself is alike, never a clash', () => {
  expect(contrastProblem('#b23a34', '#b23a34')).toEqual({ why: 'alike', difference: 0 });
});

test('how light a colour looks goes from black to white, and is the same when it is asked again', () => {
  expect(lightnessOf('#000000')).toBeCloseTo(0, 6);
  expect(lightnessOf('#ffffff')).toBeCloseTo(100, 3);
  const grey = lightnessOf('#777777');
  expect(grey).toBeGreaterThan(50);
  expect(grey).toBeLessThan(65);
  expect(lightnessOf('#777777')).toBe(grey);
});

test('the very same colours compare alike however many are asked in between', () => {
  const before = contrastOf('#b23a34', '#24344f');
  for (let i = 0; i < 1200; i++) contrastOf(`#${i.toString(16).padStart(6, '0')}`, '#ffffff');
  expect(contrastOf('#b23a34', '#24344f')).toBe(before);
});
