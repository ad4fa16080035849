import fc from 'fast-check';

import { formatHeat, heatWord, readHeat } from '.';

test('degrees are whole, and never more than what is meant', () => {
  expect(formatHeat(150, 'celsius')).toBe('150');
  expect(formatHeat(150, 'fahrenheit')).toBe('302');
  expect(formatHeat(142, 'fahrenheit')).toBe('287');
  expect(formatHeat(100, 'fahrenheit')).toBe('212');
  expect([heatWord('celsius'), heatWord('fahrenheit')]).toEqual(['°C', '°F']);
  fc.assert(
    fc.property(fc.integer({ min: 20, max: 300 }), (celsius) => {
      const shown = Number(formatHeat(celsius, 'fahrenheit'));
      expect(((shown - 32) * 5) / 9).toBeLessThanOrEqual(celsius + 1e-9);
      expect(((shown + 1 - 32) * 5) / 9).toBeGreaterThan(celsius);
      expect(readHeat(formatHeat(celsius, 'celsius'), 'celsius')).toBe(celsius);
    }),
  );
});

test('heat that is typed is read in its unit, down to a whole degree; what is no number is none', () => {
  expect(readHeat('302', 'fahrenheit')).toBe(150);
  expect(readHeat('300', 'fahrenheit')).toBe(148);
  expect(readHeat(' 150,9 ', 'celsius')).toBe(150);
  expect([readHeat('', 'celsius'), readHeat('  ', 'fahrenheit'), readHeat('hot', 'celsius')]).toEqual([
    null,
    null,
    null,
  ]);
});
