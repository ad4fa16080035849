import Papa from 'papaparse';
import writeXlsx from 'write-excel-file/node';
import { markFormula } from '@/core/intake';
import { type Outcome, ok } from '@/core/outcome';
import { rosterSheet } from '@/core/roster';
import type { Context } from './context';
import type { ServiceProblem } from './problem';
import { getRun } from './runs';

export type FileBytes = { readonly bytes: Uint8Array<ArrayBuffer> };

/** The roster as text with commas. Cells that a spreadsheet would compute carry an apostrophe, which reading takes off again. */
export async function rosterCsv(context: Context, runId: string): Promise<Outcome<FileBytes, ServiceProblem>> {
  const run = await getRun(context, runId);
  if (!run.ok) return run;
  const { header, rows } = rosterSheet(run.value.spec.entries);
  const text = Papa.unparse([header, ...rows].map((row) => row.map(markFormula)));
  // Spreadsheets take a file without the mark for an old encoding.
  return ok({ bytes: new TextEncoder().encode(`\ufeff${text}\r\n`) });
}

/** The roster as a spreadsheet in which every cell is text, so that nothing in it can be computed. */
export async function rosterXlsx(context: Context, runId: string): Promise<Outcome<FileBytes, ServiceProblem>> {
  const run = await getRun(context, runId);
  if (!run.ok) return run;
  const { header, rows } = rosterSheet(run.value.spec.entries);
  const cells = [header, ...rows].map((row, i) =>
    row.map((value) => ({ value: cellText(value), type: String, ...(i === 0 ? { fontWeight: 'bold' as const } : {}) })),
  );
  const file = await writeXlsx(cells, { sheet: 'Roster', stickyRowsCount: 1 });
  return ok({ bytes: new Uint8Array(await file.toBuffer()) });
}

/** Signs that XML cannot hold would make the file unreadable; they are named by number. */
function cellText(value: string): string {
  return value.replace(
    /[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]|[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/g,
    (sign) => {
      return `U+${sign.charCodeAt(0).toString(16).toUpperCase().padStart(4, '0')}`;
    },
  );
}
