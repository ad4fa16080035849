/** Pictures of one sheet, and how they are laid: in cells of one size, row by row. */
export const SHEET_COLUMNS = 4;
export const MOST_ON_SHEET = 24;

export interface Cell {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Where pictures of their own proportions lie, each as large as its cell lets it and in its middle. */
export function fitIn({ x, y, width, height }: Cell, aspect: number): Cell {
  const wide = Math.min(width, height * aspect);
  const high = wide / aspect;
  return { x: x + (width - wide) / 2, y: y + (height - high) / 2, width: wide, height: high };
}

export function sheetCells(num: number, columns: number, cell: Pick<Cell, 'width' | 'height'>): readonly Cell[] {
  return Array.from({ length: num }, (_, i) => ({
    x: (i % columns) * cell.width,
    y: Math.floor(i / columns) * cell.height,
    ...cell,
  }));
}

/** Height of the words beneath a picture, as a share of its cell. */
const WORDS_SHARE = 0.12;
const MARGIN_SHARE = 0.04;

/** Where the sides of an item lie in its cell, one beside the other, and the words beneath them. */
export function laidInCell(cell: Cell, numSides: number): { readonly sides: readonly Cell[]; readonly words: Cell } {
  const [margin, foot] = [cell.width * MARGIN_SHARE, cell.height * WORDS_SHARE];
  const width = (cell.width - margin) / numSides - margin;
  const sides = Array.from({ length: numSides }, (_, k) => ({
    x: cell.x + margin + k * (width + margin),
    y: cell.y + margin,
    width,
    height: cell.height - foot - 2 * margin,
  }));
  const top = cell.y + cell.height - foot - margin / 2;
  return { sides, words: { x: cell.x + margin, y: top, width: cell.width - 2 * margin, height: foot } };
}

/** Sheets that so many items take. */
export function numSheets(num: number): number {
  return Math.max(1, Math.ceil(num / MOST_ON_SHEET));
}

/** The sheet that an item is on, with the ids of all that are on it. */
export function sheetOf(
  itemIds: readonly string[],
  at: number,
): { readonly no: number; readonly ids: readonly string[] } {
  const no = Math.floor(at / MOST_ON_SHEET);
  return { no, ids: itemIds.slice(no * MOST_ON_SHEET, (no + 1) * MOST_ON_SHEET) };
}

/** The first item of a sheet. */
export function sheetStart(no: number): number {
  return no * MOST_ON_SHEET;
}
