import { MOST_FACE_BYTES } from '@/core/faces';
import { type Outcome, fail, ok } from '@/core/outcome';
import { type OwnFace, faceKeySchema } from '@/core/shop';
import { MOST_FACE_TEXTS } from '@/core/suits';
import { findAttachment, putAttachment } from '@/store';
import { z } from 'zod';
import type { FaceRow } from './compute/sample';
import type { TextsToTry } from './compute/texts-to-try';
import type { Context } from './context';
import { issuesOfZod } from './input-issues';
import type { ServiceProblem } from './problem';
import { getRun } from './runs';

export { MOST_FACE_BYTES };

export interface KeptFace {
  readonly face: OwnFace;
  readonly damaged: readonly string[];
  readonly undrawn: readonly string[];
}

/** Reads a font file and keeps it by its hash. Putting it on the shelf is another act. */
export async function keepFaceFile(
  context: Context,
  bytes: Uint8Array,
  fileName: string,
): Promise<Outcome<KeptFace, ServiceProblem>> {
  const read = await context.compute.readFace(bytes, fileName);
  if (!read.ok) return fail({ kind: 'faceRefused', fileName, face: read.problem });
  const { face, bytes: opened, damaged, undrawn } = read.value;
  await putAttachment(context.store.db, face.file, opened, context.nowIso());
  return ok({ face, damaged, undrawn });
}

/** The file of a face that somebody brought in. */
export async function faceBytes({ store }: Context, sha: string): Promise<Outcome<Uint8Array, ServiceProblem>> {
  const bytes = await findAttachment(store.db, sha);
  return bytes && !isJpeg(bytes) ? ok(bytes) : fail({ kind: 'faceNotFound', sha });
}

/** Photos are kept beside faces, and are none. */
function isJpeg(bytes: Uint8Array): boolean {
  return bytes[0] === 0xff && bytes[1] === 0xd8;
}

const limitMm = z.number().min(0).max(100);
const needSchema = z.object({
  face: faceKeySchema,
  texts: z.array(z.string().trim().min(1).max(60)).min(1).max(MOST_FACE_TEXTS),
  letterHeightMm: z.number().min(1).max(500),
  finest: z.object({ strokeMm: limitMm, gapMm: limitMm, holeMm: limitMm }),
});

export async function faceRow({ compute }: Context, candidate: unknown): Promise<Outcome<FaceRow, ServiceProblem>> {
  const parsed = needSchema.safeParse(candidate);
  if (!parsed.success) return fail({ kind: 'invalidInput', issues: issuesOfZod(parsed.error) });
  return ok(await compute.faceRow(parsed.data));
}

/** The texts of a run that tell most of a face, and what they are cut from; none of a run that is not there. */
export async function textsToTry(context: Context, runId: string): Promise<TextsToTry> {
  const run = await getRun(context, runId);
  return run.ok
    ? context.compute.textsToTry({ runId, spec: run.value.spec })
    : { texts: [], materialIds: [], roomMm: null };
}
