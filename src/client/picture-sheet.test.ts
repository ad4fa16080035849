import { MOST_ON_SHEET, fitIn, laidInCell, numSheets, sheetCells, sheetOf, sheetStart } from './picture-sheet';

test('a picture is as large as its cell lets it, in its middle', () => {
  const cell = { x: 10, y: 20, width: 100, height: 50 };
  expect(fitIn(cell, 1)).toEqual({ x: 35, y: 20, width: 50, height: 50 });
  expect(fitIn(cell, 4)).toEqual({ x: 10, y: 32.5, width: 100, height: 25 });
});

test('cells lie row by row', () => {
  expect(sheetCells(5, 4, { width: 30, height: 20 }).map(({ x, y }) => [x, y])).toEqual([
    [0, 0],
    [30, 0],
    [60, 0],
    [90, 0],
    [0, 20],
  ]);
});

test('the sides of an item share its cell evenly, with a margin all round, and its words stand beneath', () => {
  const cell = { x: 100, y: 200, width: 500, height: 300 };
  // A margin of 20, words of 36.
  expect(laidInCell(cell, 1)).toEqual({
    sides: [{ x: 120, y: 220, width: 460, height: 224 }],
    words: { x: 120, y: 454, width: 460, height: 36 },
  });
  expect(laidInCell(cell, 2).sides.map(({ x, width }) => [x, width])).toEqual([
    [120, 220],
    [360, 220],
  ]);
});

test('every item is on one sheet, and turning sheets leads to the first of the next', () => {
  const ids = Array.from({ length: 2 * MOST_ON_SHEET + 3 }, (_, i) => `i${i}`);
  expect([numSheets(ids.length), numSheets(MOST_ON_SHEET), numSheets(0)]).toEqual([3, 1, 1]);
  expect(sheetOf(ids, MOST_ON_SHEET - 1)).toEqual({ no: 0, ids: ids.slice(0, MOST_ON_SHEET) });
  expect(sheetOf(ids, sheetStart(2))).toEqual({ no: 2, ids: ids.slice(-3) });
});
