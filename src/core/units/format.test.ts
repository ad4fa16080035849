import fc from 'fast-check';
import { formatApart, formatLength, formatMm, formatMmPair, mmToUm10, um10ToMm, writeMm } from '.';

test('a measure for a person keeps its decimals and has no negative zero', () => {
  expect(formatMm(12)).toBe('12.0');
  expect(formatMm(-0.01)).toBe('0.0');
  expect(formatMmPair(180, 46.25, 2)).toBe('180.00 × 46.25');
});

test('a figure beside its limit has as many decimals as it takes to differ from it, and no more', () => {
  expect(formatApart(11.6, 12)).toEqual(['11.6', '12.0']);
  expect(formatApart(11.96, 12)).toEqual(['11.96', '12.00']);
  expect(formatApart(0.9996, 1, 2)).toEqual(['0.9996', '1.0000']);
  expect(formatApart(12, 12)).toEqual(['12.0', '12.0']);
  expect(formatApart(12 - 1e-9, 12)).toEqual(['12.000000', '12.000000']);
  const [inch] = formatApart(0.996, 1, 2, (mm, decimals) => formatLength(mm, 'inch', decimals));
  expect(inch).not.toBe(formatLength(1, 'inch', 2));
  fc.assert(
    fc.property(
      fc.double({ min: 0.01, max: 100, noNaN: true }),
      fc.double({ min: 0.01, max: 100, noNaN: true }),
      (mm, limit) => {
        const [figure, shown] = formatApart(mm, limit, 2);
        if (Math.abs(mm - limit) > 1e-5) expect(Number(figure) < Number(shown)).toBe(mm < limit);
      },
    ),
  );
});

test('a measure for a file has at most three decimals and no needless zeros', () => {
  expect(writeMm(0)).toBe('0');
  expect(writeMm(-0)).toBe('0');
  expect(writeMm(-4)).toBe('0');
  expect(writeMm(2_900_000)).toBe('290');
  expect(writeMm(12_340)).toBe('1.234');
  expect(writeMm(-12_345)).toBe('-1.235');
  expect(writeMm(100)).toBe('0.01');
});

test('what is written reads back to within half a micrometre, whatever the number', () => {
  fc.assert(
    fc.property(fc.integer({ min: -30_000_000, max: 30_000_000 }), (um10) => {
      const text = writeMm(um10);
      expect(text).toMatch(/^-?\d+(\.\d{1,3})?$/);
      expect(text).not.toMatch(/^-0(\.0*)?$/);
      expect(Math.abs(Number(text) - um10ToMm(um10))).toBeLessThanOrEqual(0.00051);
    }),
  );
});

test('millimetres survive the trip through integers to a tenth of a micrometre', () => {
  fc.assert(
    fc.property(fc.double({ min: -2000, max: 2000, noNaN: true }), (mm) => {
      expect(Math.abs(um10ToMm(mmToUm10(mm)) - mm)).toBeLessThanOrEqual(0.00005001);
      expect(Object.is(mmToUm10(mm), -0)).toBe(false);
    }),
  );
});
