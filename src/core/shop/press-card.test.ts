import { changeRange } from '.';

test('a range stays one, whichever of its values is changed', () => {
  const range = { least: 140, chosen: 150, most: 165 };
  expect(changeRange(range, 'chosen', 155)).toEqual({ ...range, chosen: 155 });
  expect(changeRange(range, 'chosen', 170)).toEqual({ least: 140, chosen: 170, most: 170 });
  expect(changeRange(range, 'chosen', 130)).toEqual({ least: 130, chosen: 130, most: 165 });
  expect(changeRange(range, 'least', 152)).toEqual({ least: 152, chosen: 152, most: 165 });
  expect(changeRange(range, 'least', 170)).toEqual({ least: 170, chosen: 170, most: 170 });
  expect(changeRange(range, 'most', 145)).toEqual({ least: 140, chosen: 145, most: 145 });
  expect(changeRange(range, 'most', 120)).toEqual({ least: 120, chosen: 120, most: 120 });
});
