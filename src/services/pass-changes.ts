import { type MadePass, attemptKey, madeAttempts, placedIn } from '@/core/freeze';
import { type Act, type NewAct, actsInForce, isMarked } from '@/core/ledger';
import type { ServiceProblem } from './problem';
import { type RunWork, workOf } from './work';

export type PassChanges =
  | {
      readonly kind: 'fine';
      /** Passes that the act unmakes, since what it takes back was all that they had been made for. */
      readonly unmade: readonly string[];
    }
  | { readonly kind: 'refused'; readonly problem: ServiceProblem };

const NONE: PassChanges = { kind: 'fine', unmade: [] };

/**
 * What undoing does to passes. One that was made for what is taken back goes with it, unless it was marked otherwise or its file
 * was taken; one that comes back must not lie on the bed twice.
 */
export function passChanges(before: RunWork, sent: NewAct, filesTaken: ReadonlySet<number>): PassChanges {
  if (!sent.deeds.some(({ kind }) => kind === 'undone')) return NONE;
  const act: Act = { ...sent, seq: (before.acts.at(-1)?.seq ?? 0) + 1, receivedAt: sent.at };
  const after = workOf(before.allPasses, [...before.acts, act]);
  const inForce = new Set(actsInForce([...before.acts, act]).map(({ id }) => id));
  const isIdle = (pass: MadePass) => !filesTaken.has(pass.no) && !marksOn(pass, after).length;
  const gone = after.passes.filter(({ forAct }) => forAct !== undefined && !inForce.has(forAct)).filter(isIdle);
  const back = after.passes.filter((pass) => !before.passes.includes(pass));
  const elsewhere = madeAttempts(before.passes);
  const twice = back.filter((pass) => otherPassNo(pass, elsewhere) !== null);
  const [first] = twice;
  if (first && takesBackNothingElse(act, before.acts)) {
    const laidInNo = otherPassNo(first, elsewhere) ?? 0;
    return { kind: 'refused', problem: { kind: 'laidOutAnew', no: first.no, laidInNo } };
  }
  const unmade = [...new Set([...gone, ...twice].map(({ id }) => id))];
  const lost = lostMark(workOf(before.allPasses, [...before.acts, { ...act, unmade }]));
  return lost
    ? { kind: 'refused', problem: { kind: 'passUnmade', no: lost.no, isFile: false } }
    : { kind: 'fine', unmade };
}

/** Texts of the pieces of a pass that some mark in force speaks of. */
export function marksOn(pass: MadePass, { state }: Pick<RunWork, 'state'>): readonly string[] {
  return [...placedIn(pass)]
    .filter(({ placed }) => isMarked(state, placed.pieceId, placed.attempt))
    .map(({ placed }) => placed.text.join(' '));
}

function otherPassNo(pass: MadePass, elsewhere: ReadonlyMap<string, number>): number | null {
  for (const { placed } of placedIn(pass)) {
    const no = elsewhere.get(attemptKey(placed.pieceId, placed.attempt));
    if (no !== undefined) return no;
  }
  return null;
}

/** The act undoes nothing but unmakings. */
function takesBackNothingElse(act: Act, acts: readonly Act[]): boolean {
  const undone = new Set(act.deeds.flatMap((deed) => (deed.kind === 'undone' ? [deed.actId] : [])));
  return acts.filter(({ id }) => undone.has(id)).every(({ deeds }) => deeds.every(({ kind }) => kind === 'unmade'));
}

/** An unmade pass with a mark on a cutting that lies in no other: it would be done and not made. */
function lostMark({ allPasses, passes, state }: RunWork): MadePass | undefined {
  const made = madeAttempts(passes);
  return allPasses
    .filter((pass) => !passes.includes(pass))
    .find((pass) =>
      [...placedIn(pass)].some(
        ({ placed: { pieceId, attempt } }) =>
          !made.has(attemptKey(pieceId, attempt)) && isMarked(state, pieceId, attempt),
      ),
    );
}
