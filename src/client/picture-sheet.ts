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
