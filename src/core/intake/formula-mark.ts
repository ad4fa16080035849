/** What a spreadsheet takes for the beginning of a formula, also behind white space that it skips. */
const FORMULA = /^[=+\-@\t\r＝＋－＠]/;
const MARKED = /^'+[=+\-@\t\r＝＋－＠]/;

/** A cell of a text file that no spreadsheet will compute: an apostrophe before it, as by hand. */
export function markFormula(cell: string): string {
  return FORMULA.test(cell) || MARKED.test(cell) ? `'${cell}` : cell;
}

export function isMarkedFormula(cell: string): boolean {
  return MARKED.test(cell);
}

/** The cell as it was before it was marked. */
export function unmarkFormula(cell: string): string {
  return isMarkedFormula(cell) ? cell.slice(1) : cell;
}
