import { type ReadMotif, MOST_SVG_BYTES, writeMotif } from '@/core/motifs';
import { fileStem } from '@/core/names';
import { type Outcome, fail, ok } from '@/core/outcome';
import type { Context } from './context';
import type { ServiceProblem } from './problem';
import { getThing } from './shop';

/** More is not even taken off the wire: a drawing that names shapes has a tenth of it. */
export const MOST_MOTIF_BYTES = MOST_SVG_BYTES;

/** A drawing as a motif of its file's name. Nothing of the file is kept, and it is never handed out again. */
export async function readMotifFile(
  context: Context,
  bytes: Uint8Array,
  fileName: string,
): Promise<Outcome<ReadMotif, ServiceProblem>> {
  const text = textOf(bytes);
  if (text === null) return fail({ kind: 'motifRefused', fileName, drawing: { kind: 'unreadable', line: 1 } });
  const read = await context.compute.readMotif(text, nameOf(fileName));
  return read.ok ? ok(read.value) : fail({ kind: 'motifRefused', fileName, drawing: read.problem });
}

/** SVG is written in UTF-8 by everything that writes it; null for what is not. */
function textOf(bytes: Uint8Array): string | null {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return null;
  }
}

const MOST_NAME = 60;

function nameOf(fileName: string): string {
  const name = fileName
    .replace(/\.svg$/i, '')
    .replace(/[_-]+/g, ' ')
    .trim();
  return name.slice(0, MOST_NAME) || 'motif';
}

/** A motif of the shop as Knurl writes it, with the name that its file gets. */
export async function motifDrawing(
  context: Context,
  id: string,
): Promise<Outcome<{ readonly svg: string; readonly fileName: string }, ServiceProblem>> {
  const found = await getThing(context, 'motifs', id);
  if (!found.ok) return found;
  const { value } = found.value;
  return ok({ svg: writeMotif(value), fileName: `${fileStem(value.name) || id}.svg` });
}
