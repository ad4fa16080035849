import fc from 'fast-check';
import {
  exactDecimals,
  areaWords,
  MM_PER_INCH,
  formatAtLeast,
  formatLength,
  readInches,
  readMm,
  snapLength,
  stepMm,
  writeInches,
} from '.';

test.each([
  ['5', 5],
  [' 5.25 ', 5.25],
  ['5,25', 5.25],
  ['5 1/4', 5.25],
  ['5-1/4"', 5.25],
  ['1/4', 0.25],
  ['5¼', 5.25],
  ['½', 0.5],
  ['3/16 in', 0.1875],
  ['2 in.', 2],
  ['7⅞”', 7.875],
  ['1/3', 1 / 3],
])('%s is read as inches', (typed, inches) => {
  expect(readInches(typed)).toBeCloseTo(inches * MM_PER_INCH, 12);
});

test.each(['', 'a', '1/0', '1//2', '5 1', '-', '1/4/2', '1 2/', '0x10', '1e3'])(
  '%p is no measure in inches',
  (typed) => {
    expect(readInches(typed)).toBeNull();
  },
);

test('what is written on the grid of sixteenths reads back as the very same length', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 16 * 200 }), (sixteenths) => {
      const mm = (sixteenths / 16) * MM_PER_INCH;
      expect(readInches(writeInches(mm))).toBe(mm);
      expect(readInches(formatLength(mm, 'inch', 0))).toBe(mm);
    }),
  );
});

test('off the grid a length is shown to a thousandth of an inch, not pulled onto the ruler', () => {
  expect(writeInches(180)).toBe('7.087');
  expect(writeInches(133.35)).toBe('5 1/4');
  fc.assert(
    fc.property(fc.double({ min: 0, max: 3000, noNaN: true }), (mm) => {
      expect(Math.abs(readInches(writeInches(mm))! - mm)).toBeLessThanOrEqual(0.0005001 * MM_PER_INCH);
    }),
  );
});

test('millimetres are read with a point or a comma', () => {
  expect([readMm('180'), readMm('46,5'), readMm('46.5 mm'), readMm('1/4'), readMm('')]).toEqual([
    180,
    46.5,
    46.5,
    null,
    null,
  ]);
});

test('figures for the eye: sixteenths for a ruler, decimals for the rest', () => {
  expect([formatLength(180, 'inch', 0), formatLength(12.7, 'inch'), formatLength(1.27, 'inch', 2)]).toEqual([
    '7 1/16',
    '0.50',
    '0.050',
  ]);
  expect([formatLength(0.2, 'inch', 0), formatLength(180, 'mm', 0), formatLength(-0.01, 'mm')]).toEqual([
    '0',
    '180',
    '0.0',
  ]);
});

test('what is cut off is never shorter than needed', () => {
  expect([formatAtLeast(244, 'mm'), formatAtLeast(244.2, 'mm')]).toEqual(['244', '245']);
  fc.assert(
    fc.property(fc.double({ min: 0, max: 3000, noNaN: true }), (mm) => {
      const shown = readInches(formatAtLeast(mm, 'inch'))!;
      expect(shown - mm).toBeGreaterThanOrEqual(-0.0001);
      expect(shown - mm).toBeLessThanOrEqual(MM_PER_INCH / 16 + 0.0001);
    }),
  );
});

test('what is dragged stands on whole millimetres, or on sixteenths of an inch', () => {
  fc.assert(
    fc.property(fc.double({ min: -500, max: 5000, noNaN: true }), (mm) => {
      expect(Number.isInteger(snapLength(mm, 'mm'))).toBe(true);
      expect(Math.abs(snapLength(mm, 'mm') - mm)).toBeLessThanOrEqual(0.5);
      const sixteenths = (snapLength(mm, 'inch') / MM_PER_INCH) * 16;
      expect(Math.abs(sixteenths - Math.round(sixteenths))).toBeLessThan(1e-6);
      expect(Math.abs(snapLength(mm, 'inch') - mm)).toBeLessThanOrEqual(stepMm('inch') / 2 + 1e-9);
    }),
  );
});

test('an area is said in square centimetres or square inches', () => {
  expect([areaWords(1234, 'mm'), areaWords(645.16, 'inch'), areaWords(0, 'mm')]).toEqual([
    '12.3 cm²',
    '1.00 in²',
    '0.0 cm²',
  ]);
});

test('what was typed in hundredths is shown in hundredths, what was worked out in tenths', () => {
  expect([26, 26.5, 26.65, 26.654, 83.75, 100 / 3, 0.1 + 0.2].map(exactDecimals)).toEqual([0, 1, 2, 1, 2, 1, 1]);
});
