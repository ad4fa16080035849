import { pieceStage } from '@/core/ledger';
import { type Outcome, fail, ok } from '@/core/outcome';
import { pieceNames } from '@/core/pieces';
import { type Release, attemptKey, placedIn } from '@/core/freeze';
import type { ReleaseChange, ReleasedOutline } from '@/core/release';
import { resolveSlots } from '@/core/resolve';
import { type Connection, findRun, inTransaction, insertRelease, listReleases, putOutlines } from '@/store';
import type { CutSoFar } from './compute/compute';
import type { Context } from './context';
import type { ServiceProblem } from './problem';
import { getRun } from './runs';
import { readWork } from './work';

/** A release without its pieces, for the screen. */
export interface ReleaseHead {
  readonly no: number;
  readonly at: string;
  readonly who: string;
  readonly numPieces: number;
  readonly numTicked: number;
  /** Pieces with a check that was open then; null where an earlier Knurl did not keep that. */
  readonly numOpen: number | null;
}

/** How a run stands to its last release. */
export interface ReleaseView {
  /** Null: nothing was released yet. */
  readonly last: ReleaseHead | null;
  readonly changes: readonly (ReleaseChange & {
    /** It is cut already, or lies in a made pass: there it stays as it was made. */
    readonly isMade: boolean;
  })[];
}

function headOf({ no, at, by, pieces }: Release): ReleaseHead {
  const numTicked = pieces.filter(({ proof }) => proof === 'ticked').length;
  const isKept = pieces.every(({ open }) => open !== null);
  const numOpen = isKept ? pieces.filter(({ open }) => (open?.length ?? 0) > 0).length : null;
  return { no, at, who: by.who, numPieces: pieces.length, numTicked, numOpen };
}

export async function releaseOfRun(context: Context, runId: string): Promise<Outcome<ReleaseView, ServiceProblem>> {
  const run = await getRun(context, runId);
  if (!run.ok) return run;
  const { db } = context.store;
  const last = (await listReleases(db, runId)).at(-1);
  if (!last) return ok({ last: null, changes: [] });
  const changes = await context.compute.changesSince({ runId, spec: run.value.spec, release: last });
  const { passes, state } = await readWork(db, runId);
  const made = new Set(passes.flatMap((pass) => [...placedIn(pass)].map(({ placed }) => placed.pieceId)));
  return ok({
    last: headOf(last),
    changes: changes.map((change) => ({
      ...change,
      isMade: made.has(change.pieceId) || pieceStage(state, change.pieceId) !== null,
    })),
  });
}

export interface ReleaseInput {
  /** From the caller, which makes sending twice harmless. */
  readonly id: string;
  readonly by: Release['by'];
}

const MOST_TRIES = 8;

/** Freezes every fit without a stop as it stands. Computing happens outside the transaction; a run that changed meanwhile is computed again. */
export async function releaseRun(
  context: Context,
  runId: string,
  { id, by }: ReleaseInput,
): Promise<Outcome<ReleaseView, ServiceProblem>> {
  const { db } = context.store;
  for (let tries = 0; tries < MOST_TRIES; tries++) {
    const run = await findRun(db, runId);
    if (!run) return fail({ kind: 'runNotFound', runId });
    const releases = await listReleases(db, runId);
    if (releases.some((release) => release.id === id)) return releaseOfRun(context, runId);
    const { release, outlines } = await context.compute.freezeRelease({
      runId,
      spec: run.spec,
      head: { id, no: releases.length + 1, at: context.nowIso(), by, version: context.version },
    });
    if (release.pieces.length === 0)
      return fail({ kind: 'nothingToRelease', numStopped: pieceNames(resolveSlots(run.spec)).length });
    const isKept = await inTransaction(db, async (transaction) => {
      const now = await findRun(transaction, runId);
      const known = await listReleases(transaction, runId);
      if (now?.counter !== run.counter || known.length !== releases.length) return false;
      await putOutlines(transaction, outlines);
      await insertRelease(transaction, runId, release);
      return true;
    });
    if (!isKept) continue;
    context.events.changed(runId);
    return releaseOfRun(context, runId);
  }
  throw new Error(`the run ${runId} kept changing while it was released`);
}

/** Pieces of the last release that are still to be cut; what lies in a made pass needs none. */
export async function releasedToCut(
  db: Connection,
  runId: string,
  { made, attempts }: CutSoFar,
): Promise<readonly ReleasedOutline[]> {
  const last = (await listReleases(db, runId)).at(-1);
  if (!last) return [];
  const isMade = new Set(made);
  return last.pieces
    .filter(({ pieceId }) => !isMade.has(attemptKey(pieceId, attempts[pieceId] ?? 1)))
    .map(({ pieceId, text, materialId, outline, lines, spot, proof, open }) => {
      const drawn = lines ? { lines } : {};
      return { pieceId, text, materialId, outline, ...drawn, spot, proof, open };
    });
}
