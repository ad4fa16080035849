import { type Outcome, ok, presentOrThrow } from '@/core/outcome';
import { pieceNames } from '@/core/pieces';
import { resolveSlots } from '@/core/resolve';
import type { RunSpec } from '@/core/spec';
import { type Connection, findOutlines, listReleases } from '@/store';
import type { FitsAnswer } from './compute/answers';
import { outlinesOf } from '@/core/figures';
import type { FrozenBody } from './compute/compute';
import type { Context } from './context';
import { type FrozenPiece, frozenNow, frozenOf } from './frozen';
import { type PageAsked, WHOLE } from './page';
import type { ServiceProblem } from './problem';
import { getRun } from './runs';
import { readWork } from './work';

export async function fitsOfRun(
  context: Context,
  runId: string,
  { withOutlines = false, page = WHOLE }: { readonly withOutlines?: boolean; readonly page?: PageAsked } = {},
): Promise<Outcome<FitsAnswer, ServiceProblem>> {
  const run = await getRun(context, runId);
  if (!run.ok) return run;
  const { spec } = run.value;
  const frozen = await frozenPieces(context.store.db, runId, spec);
  return ok(await context.compute.fits({ runId, spec, frozen, withOutlines, page }));
}

/** Everything of a run that was made or released, as it counts now. */
async function frozenPieces(db: Connection, runId: string, spec: RunSpec): Promise<FrozenPiece[]> {
  const { passes, state } = await readWork(db, runId);
  const frozen = frozenOf(passes, (await listReleases(db, runId)).at(-1) ?? null);
  return frozenNow(
    frozen,
    state,
    pieceNames(resolveSlots(spec)).map(({ id }) => id),
  );
}

/** The same with outlines, for what is drawn on paper; `wanted` says which. */
export async function frozenBodies(
  db: Connection,
  runId: string,
  spec: RunSpec,
  wanted: (piece: FrozenPiece) => boolean = () => true,
): Promise<FrozenBody[]> {
  const pieces = (await frozenPieces(db, runId, spec)).filter(wanted);
  const bodies = await findOutlines(db, pieces.flatMap(outlinesOf));
  const bodyOf = (sha: string) => presentOrThrow(bodies.get(sha), `outline ${sha}`);
  return pieces.map((piece) => ({
    ...piece,
    body: bodyOf(piece.outline),
    lineBodies: (piece.lines ?? []).map(({ outline }) => bodyOf(outline)),
    hex: spec.shop.materials.find(({ id }) => id === piece.materialId)?.value.colour.hex ?? null,
  }));
}
