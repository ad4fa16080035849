import { type Outcome, fail, ok } from '@/core/outcome';
import type { TemplateWish } from './compute/compute';
import { readPieceId } from '@/core/spec';
import type { Context } from './context';
import { frozenBodies } from './fits';
import type { ServiceProblem } from './problem';
import type { FileBytes } from './roster-files';
import { getRun } from './runs';

/** A place of a run on paper at its true size. */
export async function templateOfPlace(
  context: Context,
  runId: string,
  wish: TemplateWish,
): Promise<Outcome<FileBytes, ServiceProblem>> {
  const run = await getRun(context, runId);
  if (!run.ok) return run;
  const { spec } = run.value;
  const use = spec.uses.find(({ id }) => id === wish.useId);
  if (!use?.places.some(({ placeId }) => placeId === wish.placeId)) {
    return fail({ kind: 'unknownTarget', what: 'place', id: `${wish.useId}, ${wish.placeId}` });
  }
  if (wish.entryId !== null && !spec.entries.some(({ id }) => id === wish.entryId)) {
    return fail({ kind: 'unknownTarget', what: 'entry', id: wish.entryId });
  }
  const today = context.nowIso().slice(0, 10);
  const frozen = await frozenBodies(context.store.db, runId, spec, ({ pieceId }) => {
    const id = readPieceId(pieceId);
    return id?.useId === wish.useId && id.placeId === wish.placeId;
  });
  return ok({ bytes: new Uint8Array(await context.compute.templatePdf({ runId, spec, wish, frozen, today })) });
}
