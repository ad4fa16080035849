import { makeId } from '@/core/ids';
import { type Outcome, fail, ok } from '@/core/outcome';
import type { Copy, Motif } from '@/core/shop';
import { api } from './api';
import { problemSentence } from './problem-sentence';
import { randomBytes } from './random-bytes';

export interface KeptMotif {
  readonly copy: Copy<Motif>;
  /** What of the drawing was not taken over; null: nothing. */
  readonly leftOut: string | null;
}

/** More is not sent: the server would not take it either. */
const MOST_BYTES = 2_000_000;

/** Reads a drawing and puts it on the shop's shelf. The problem is a sentence. */
export async function keepMotifFile(file: File): Promise<Outcome<KeptMotif, string>> {
  if (file.size > MOST_BYTES) {
    return fail(
      `${file.name} is larger than ${MOST_BYTES / 1_000_000} MB. Take pictures out of it, or make it simpler.`,
    );
  }
  const read = await api.readMotif(file);
  if (!read.ok) return fail(problemSentence(read.problem));
  const { motif, leftOut } = read.value;
  const kept = await api.saveThing('motifs', { id: `motif-${makeId(randomBytes)}`, rev: 0, value: motif });
  if (!kept.ok) return fail(problemSentence(kept.problem));
  const { id, rev, value } = kept.value;
  return ok({ copy: { id, fromRev: rev, value }, leftOut });
}
