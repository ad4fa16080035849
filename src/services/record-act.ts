import type { Act, NewAct } from '@/core/ledger';
import { type Outcome, fail, ok } from '@/core/outcome';
import { readPieceId } from '@/core/spec';
import { type Connection, appendAct, filesTaken, findAct, findRun, inTransaction } from '@/store';
import { type BenchChange, benchAfterAct } from './bench';
import { type ActAnswers, checkDeeds } from './check-deeds';
import type { PlanAnswer } from './compute/answers';
import type { Context } from './context';
import { stillRunning } from './countdowns';
import { passChanges } from './pass-changes';
import { settleAfterAct } from './leftovers';
import { makePassOfPiece } from './passes';
import { openInPasses, planOfRun } from './plan';
import type { ServiceProblem } from './problem';
import { readWork } from './work';

export interface ActAnswer {
  readonly act: Act;
  /** The same act had been recorded before; nothing was done again. */
  readonly isRepeat: boolean;
  /** Numbers of passes that were made because a piece of them was marked. */
  readonly madePasses: readonly number[];
  readonly bench: BenchChange;
}

const NO_ANSWERS: ActAnswers = { mayMake: false, notCut: false };

/** A piece marked without a made pass makes its pass; this many of those rounds at most, against a run that keeps changing. */
const MOST_ROUNDS = 8;

/**
 * Records an act, durably, before it answers. The same id again is harmless. Marking a piece whose pass is only planned
 * makes that pass, since what was cut must be frozen; it is asked first, unless the act says that it may.
 */
export async function recordAct(
  context: Context,
  runId: string,
  act: NewAct,
  answers: ActAnswers = NO_ANSWERS,
): Promise<Outcome<ActAnswer, ServiceProblem>> {
  const madePasses: number[] = [];
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const tried = await inTransaction(context.store.db, (db) =>
      tryRecord(db, runId, { act, answers, nowIso: context.nowIso() }),
    );
    if (tried.kind === 'refused') return fail(tried.problem);
    if (tried.kind === 'recorded') {
      if (!tried.isRepeat) {
        context.events.changed(runId);
        await settleAfterAct(context, runId, tried.act);
      }
      const bench = await benchAfterAct(context, runId, tried.act, madePasses);
      return bench.ok ? ok({ act: tried.act, isRepeat: tried.isRepeat, madePasses, bench: bench.value }) : bench;
    }
    const made = await makePassesWith(context, runId, tried.notMade, {
      forAct: answers.mayMake ? act.id : null,
      // What is left of it once a pass is made is laid out anew.
      shown: madePasses.length === 0 ? (answers.plan ?? null) : null,
    });
    if (!made.ok) return made;
    madePasses.push(...made.value);
  }
  throw new Error(`the run ${runId} kept changing while an act was recorded`);
}

type Tried =
  | { readonly kind: 'recorded'; readonly act: Act; readonly isRepeat: boolean }
  | { readonly kind: 'needsPass'; readonly notMade: readonly string[] }
  | { readonly kind: 'refused'; readonly problem: ServiceProblem };

interface Sent {
  readonly act: NewAct;
  readonly answers: ActAnswers;
  readonly nowIso: string;
}

async function tryRecord(db: Connection, runId: string, { act, answers, nowIso }: Sent): Promise<Tried> {
  const run = await findRun(db, runId);
  if (!run) return { kind: 'refused', problem: { kind: 'runNotFound', runId } };
  const earlier = await findAct(db, runId, act.id);
  if (earlier) {
    return isSameAct(earlier, act)
      ? { kind: 'recorded', act: earlier, isRepeat: true }
      : { kind: 'refused', problem: { kind: 'idTaken', what: 'act', id: act.id } };
  }
  const work = await readWork(db, runId);
  const taken = await filesTaken(db, runId);
  const checked = checkDeeds(act.deeds, run.spec, work, { answers, filesTaken: taken });
  if (checked.kind !== 'fine') return checked;
  const held = await stillRunning(db, runId, act.deeds, { spec: run.spec, nowIso });
  if (held) return { kind: 'refused', problem: held };
  const changes = passChanges(work, act, taken);
  if (changes.kind === 'refused') return changes;
  const { unmade } = changes;
  const recorded = await appendAct(db, runId, unmade.length > 0 ? { ...act, unmade } : act, nowIso);
  return { kind: 'recorded', act: recorded, isRepeat: false };
}

function isSameAct(recorded: Act, sent: NewAct): boolean {
  const essence = ({ by, deeds }: NewAct) => JSON.stringify([by.who, by.station, deeds]);
  return essence(recorded) === essence(sent);
}

/**
 * Makes the planned passes that the pieces lie in, and no others, for the act that may make them; makes none when a piece lies in no
 * planned pass, or when no act may.
 */
async function makePassesWith(
  context: Context,
  runId: string,
  pieceIds: readonly string[],
  { forAct, shown }: { readonly forAct: string | null; readonly shown: string | null },
): Promise<Outcome<number[], ServiceProblem>> {
  const plan = await planOfRun(context, runId);
  if (!plan.ok) return plan;
  const passOf = new Map(
    plan.value.passes.flatMap(({ no, patches }) =>
      patches.flatMap(({ pieces }) => pieces.map((piece) => [piece.pieceId, no] as const)),
    ),
  );
  const missing = pieceIds.find((id) => !passOf.has(id));
  if (missing !== undefined) return fail(notCuttable(plan.value, missing));
  const ask = async () => {
    const open = await openInPasses(context, runId, pieceIds);
    return open.ok ? fail({ kind: 'needsPass', ...open.value } as const) : open;
  };
  if (forAct === null) return ask();
  const numbers: number[] = [];
  // One piece for each pass: the others in it come along. Making one may lay the rest out anew, so the caller looks again.
  for (const pieceId of new Map(pieceIds.map((id) => [passOf.get(id), id])).values()) {
    const made = await makePassOfPiece(context, runId, pieceId, {
      forAct,
      shown: numbers.length === 0 ? shown : null,
    });
    // Laid out otherwise since it was asked about: that was no yes to this.
    if (!made.ok && made.problem.kind === 'otherPlan') return ask();
    if (!made.ok && made.problem.kind !== 'nothingToMake') return made;
    if (made.ok) numbers.push(made.value.pass.no);
  }
  return ok(numbers);
}

function notCuttable({ stopped, unplaced }: PlanAnswer, pieceId: string): ServiceProblem {
  const text =
    stopped.find(({ fitKey }) => fitKey === readPieceId(pieceId)?.fitKey)?.text ??
    unplaced.find((piece) => piece.pieceId === pieceId)?.text ??
    [];
  return { kind: 'notCuttable', pieceId, text: text.join(' ') };
}
