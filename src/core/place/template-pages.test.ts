import fc from 'fast-check';
import { OVERLAP_MM, PAPERS, PAPER_MARGIN_MM, templatePages } from '.';

test('the sheets cover the whole drawing, and neighbours show the same strip', () => {
  const length = fc.double({ min: 20, max: 1500, noNaN: true });
  fc.assert(
    fc.property(length, length, fc.constantFrom('a4' as const, 'letter' as const), (width, height, paper) => {
      const pages = templatePages(width, height, paper);
      const shown = PAPERS[paper].widthMm - 2 * PAPER_MARGIN_MM;
      const tall = PAPERS[paper].heightMm - 2 * PAPER_MARGIN_MM;
      expect(Math.min(...pages.map(({ xMm }) => xMm))).toBeLessThanOrEqual(1e-9);
      expect(Math.max(...pages.map(({ xMm }) => xMm)) + shown).toBeGreaterThanOrEqual(width - 1e-9);
      expect(Math.max(...pages.map(({ yMm }) => yMm)) + tall).toBeGreaterThanOrEqual(height - 1e-9);
      for (const { column, row, xMm } of pages) {
        const next = pages.find((page) => page.row === row && page.column === column + 1);
        if (next) expect(xMm + shown - next.xMm).toBeCloseTo(OVERLAP_MM, 9);
      }
      expect(new Set(pages.map(({ column, row }) => `${column} ${row}`)).size).toBe(pages.length);
    }),
  );
});

test('what fits on one sheet takes one, in its middle', () => {
  expect(templatePages(100, 100, 'a4')).toEqual([{ column: 0, row: 0, xMm: -43, yMm: -86.5 }]);
  expect(templatePages(400, 100, 'a4').map(({ column }) => column)).toEqual([0, 1, 2]);
});
