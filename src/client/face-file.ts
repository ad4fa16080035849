import { makeId } from '@/core/ids';
import { type Outcome, fail, ok } from '@/core/outcome';
import type { Copy, OwnFace } from '@/core/shop';
import { api } from './api';
import { problemSentence } from './problem-sentence';
import { randomBytes } from './random-bytes';

export interface KeptFaceFile {
  readonly copy: Copy<OwnFace>;
  /** What about its file is to be known; null: nothing. */
  readonly remark: string | null;
}

/** More is not sent: the server would not take it either. */
const MOST_BYTES = 16_000_000;

/** Reads a font file and puts its face on the shop's shelf. The problem is a sentence. */
export async function keepFaceFile(file: File): Promise<Outcome<KeptFaceFile, string>> {
  if (file.size > MOST_BYTES) {
    return fail(
      `${file.name} is larger than the ${MOST_BYTES / 1_000_000} MB that a face may have. Take one that has fewer writings.`,
    );
  }
  const read = await api.keepFace(file);
  if (!read.ok) return fail(problemSentence(read.problem));
  const { face, damaged, undrawn } = read.value;
  const kept = await api.saveThing('faces', { id: `face-${makeId(randomBytes)}`, rev: 0, value: face });
  if (!kept.ok) return fail(problemSentence(kept.problem));
  const { id, rev, value } = kept.value;
  return ok({ copy: { id, fromRev: rev, value }, remark: remarkOf(damaged, undrawn) });
}

function remarkOf(damaged: readonly string[], undrawn: readonly string[]): string | null {
  const remarks = [
    ...(undrawn.length > 0 ? [`nothing is drawn for ${undrawn.join(' ')}, which count as missing`] : []),
    ...(damaged.length > 0
      ? ['parts of the file are not what it says they are: compare its letters before you cut']
      : []),
  ];
  return remarks.length > 0 ? remarks.join('; ') : null;
}
