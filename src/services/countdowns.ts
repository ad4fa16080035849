import { type Countdown, type Ending, type NewCountdown, heldItems, isRunning, secondsLeft } from '@/core/countdown';
import { type Deed, effectsOf } from '@/core/ledger';
import { type Outcome, fail, ok } from '@/core/outcome';
import { pieceNames } from '@/core/pieces';
import { resolveSlots } from '@/core/resolve';
import type { RunSpec } from '@/core/spec';
import {
  type Connection,
  findCountdown,
  findRun,
  inTransaction,
  insertCountdown,
  listCountdowns,
  updateCountdown,
} from '@/store';
import type { Context } from './context';
import type { ServiceProblem } from './problem';

export interface CountdownsView {
  /** The server's clock when it answered: pages count from it. */
  readonly now: string;
  readonly countdowns: readonly Countdown[];
}

/** So long after its end a countdown still tells which step was done last. */
const KNOWN_FOR_MS = 12 * 3600 * 1000;

/** A workshop has a handful of heaters; what cures lies about by the dozen. */
const MOST_RUNNING = 200;
const MOST_TOLD = 1000;

export async function countdownsOfRun(
  { store: { db }, nowIso }: Context,
  runId: string,
): Promise<Outcome<CountdownsView, ServiceProblem>> {
  if (!(await findRun(db, runId))) return fail({ kind: 'runNotFound', runId });
  const now = nowIso();
  const endingAfter = new Date(Date.parse(now) - KNOWN_FOR_MS).toISOString();
  return ok({ now, countdowns: await listCountdowns(db, runId, { endingAfter, most: MOST_TOLD, isRunning: false }) });
}

/** Starts one now, by this clock. The same id again is harmless; what lies in the press already cannot be put there again. */
export async function startCountdown(
  context: Context,
  runId: string,
  sent: NewCountdown,
): Promise<Outcome<CountdownsView, ServiceProblem>> {
  const problem = await inTransaction(context.store.db, async (db): Promise<ServiceProblem | null> => {
    const run = await findRun(db, runId);
    if (!run) return { kind: 'runNotFound', runId };
    const earlier = await findCountdown(db, runId, sent.id);
    if (earlier) return isSame(earlier, sent) ? null : { kind: 'idTaken', what: 'countdown', id: sent.id };
    const unknown = unknownItem(run.spec, sent);
    if (unknown !== null) return { kind: 'unknownTarget', what: 'item', id: unknown };
    const now = context.nowIso();
    const running = await runningCountdowns(db, runId, now);
    if (running.length >= MOST_RUNNING) return { kind: 'tooManyCountdowns', most: MOST_RUNNING };
    const held = heldItem(running, sent.items, Date.parse(now), run.spec);
    if (held) return held;
    await insertCountdown(db, runId, { ...sent, startedAt: now, endedEarly: null });
    return null;
  });
  if (problem) return fail(problem);
  context.events.changed(runId);
  return countdownsOfRun(context, runId);
}

/** Ends one before its time, with the reason why. One that has run out or was ended is left as it is. */
export async function endCountdown(
  context: Context,
  runId: string,
  id: string,
  ending: Ending,
): Promise<Outcome<CountdownsView, ServiceProblem>> {
  const problem = await inTransaction(context.store.db, async (db): Promise<ServiceProblem | null> => {
    if (!(await findRun(db, runId))) return { kind: 'runNotFound', runId };
    const found = await findCountdown(db, runId, id);
    if (!found) return { kind: 'countdownNotFound', id };
    const at = context.nowIso();
    if (isRunning(found, Date.parse(at))) await updateCountdown(db, runId, { ...found, endedEarly: { ...ending, at } });
    return null;
  });
  if (problem) return fail(problem);
  context.events.changed(runId);
  return countdownsOfRun(context, runId);
}

/** Why deeds have to wait: something that they call pressed, checked or packed lies in the press, dries or cools. */
export async function stillRunning(
  db: Connection,
  runId: string,
  deeds: readonly Deed[],
  { spec, nowIso }: { readonly spec: RunSpec; readonly nowIso: string },
): Promise<ServiceProblem | null> {
  const items = deeds
    .flatMap(effectsOf)
    .flatMap((effect) => (effect.kind === 'bond' || effect.kind === 'mark' ? [{ itemId: effect.itemId }] : []));
  if (items.length === 0) return null;
  const running = await runningCountdowns(db, runId, nowIso);
  return heldItem(running, items, Date.parse(nowIso), spec);
}

function runningCountdowns(db: Connection, runId: string, now: string): Promise<readonly Countdown[]> {
  return listCountdowns(db, runId, { endingAfter: now, most: MOST_RUNNING, isRunning: true });
}

function heldItem(
  running: readonly Countdown[],
  items: readonly { readonly itemId: string }[],
  nowMs: number,
  spec: RunSpec,
): ServiceProblem | null {
  const held = heldItems(running, nowMs);
  const found = items.find(({ itemId }) => held.has(itemId));
  const countdown = found && held.get(found.itemId);
  if (!countdown) return null;
  const { kind: doing, seconds } = countdown;
  const secondsToGo = secondsLeft(countdown, nowMs);
  return { kind: 'stillRunning', doing, text: textOf(spec, found.itemId), secondsToGo, seconds };
}

function textOf(spec: RunSpec, itemId: string): string {
  return (
    resolveSlots(spec)
      .find((slot) => slot.itemId === itemId)
      ?.text.join(' ') ?? itemId
  );
}

function unknownItem(spec: RunSpec, { items }: NewCountdown): string | null {
  const known = new Set(pieceNames(resolveSlots(spec)).map(({ slot }) => slot.itemId));
  return items.find(({ itemId }) => !known.has(itemId))?.itemId ?? null;
}

function isSame(known: Countdown, { kind, film, items, seconds, by }: NewCountdown): boolean {
  const essence = (of: Omit<NewCountdown, 'id'>) =>
    JSON.stringify([of.kind, of.film, of.items, of.seconds, of.by.station]);
  return essence(known) === essence({ kind, film, items, seconds, by });
}
