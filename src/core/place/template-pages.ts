/** One sheet of a template that is larger than the paper. Millimetres. */
export interface TemplatePage {
  /** From 0, rows from the top. */
  readonly column: number;
  readonly row: number;
  /** Part of the drawing that the sheet shows, margins left out: its top left corner there. */
  readonly xMm: number;
  readonly yMm: number;
}

export const PAPERS = {
  a4: { widthMm: 210, heightMm: 297 },
  letter: { widthMm: 215.9, heightMm: 279.4 },
} as const;
export type Paper = keyof typeof PAPERS;

/** Most printers leave 5 mm blank at the edges; the rest is for the marks. */
export const PAPER_MARGIN_MM = 12;
/** What two neighbouring sheets both show, to be glued over each other. */
export const OVERLAP_MM = 10;

/**
 * The sheets that cover a drawing of this size, each shifted by its printed width less the overlap. The drawing lies in the
 * middle of what the sheets can show together.
 */
export function templatePages(widthMm: number, heightMm: number, paper: Paper): readonly TemplatePage[] {
  const across = tiled(widthMm, PAPERS[paper].widthMm - 2 * PAPER_MARGIN_MM);
  const down = tiled(heightMm, PAPERS[paper].heightMm - 2 * PAPER_MARGIN_MM);
  return down.flatMap((yMm, row) => across.map((xMm, column) => ({ column, row, xMm, yMm })));
}

function tiled(lengthMm: number, shownMm: number): number[] {
  const stepMm = shownMm - OVERLAP_MM;
  const count = Math.max(1, Math.ceil((lengthMm - OVERLAP_MM) / stepMm));
  const spareMm = count * stepMm + OVERLAP_MM - lengthMm;
  return Array.from({ length: count }, (_, i) => i * stepMm - spareMm / 2);
}
