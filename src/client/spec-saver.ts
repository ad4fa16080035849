import { replaceEqualDeep } from '@tanstack/react-query';
import { type Outcome, ok } from '@/core/outcome';
import { type MergeConflict, addConflicts, mergeJson, withMineNow, withSide } from '@/core/edit';
import type { RunSpec } from '@/core/spec';
import type { ListInput, RunView } from '@/services';
import { type ApiProblem, api } from './api';
import { KeptChanges } from './kept-changes';
import { type SaveState, isChangedElsewhere, isRemoved, stateAfter } from './save-state';
import { type SaverParts, saverParts } from './saver-parts';
import { type KeptSteps, SpecHistory } from './spec-history';
import { withWorkedEntries } from './worked-entries';

export type { SaveState } from './save-state';

export interface SaverSnapshot {
  readonly spec: RunSpec;
  /** Of the state that the server last acknowledged, or was read from it. */
  readonly counter: number;
  readonly state: SaveState;
  /** Changes that the server has not acknowledged. */
  readonly numUnsaved: number;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
}

/** Lets a number be typed to its end before it is sent. */
const SETTLE_MS = 300;
const RETRY_MS = 2000;

/**
 * Holds a run's spec and saves it by itself: one request in flight, everything changed meanwhile goes with the next. When
 * the run was changed elsewhere, both changes are merged; only where they touch the same spot a person is asked.
 * A plain store with subscribers, so that leaving a page never drops a change.
 */
export class SpecSaver {
  #snapshot: SaverSnapshot;
  #counter: number;
  /** As the server has it, as far as this page knows. */
  #base: RunSpec;
  #isSending = false;
  #callOff: () => void = () => undefined;
  readonly #history = new SpecHistory();
  readonly #listeners = new Set<() => void>();
  readonly #parts: SaverParts;
  readonly #kept: KeptChanges;
  /** What this page's changes were made from, while a person is asked. */
  #askedFrom: RunSpec | null = null;
  /** The run as whoever has the cursor in a field sees it: from when it was set there, with what was typed since. */
  #field: RunSpec | null = null;

  constructor(
    private readonly runId: string,
    { counter, spec }: RunView,
    parts: Partial<SaverParts> = {},
  ) {
    this.#parts = saverParts(parts);
    this.#kept = new KeptChanges(this.#parts.keeper, runId, this.#parts.pageId);
    this.#counter = counter;
    this.#base = spec;
    this.#snapshot = { spec, counter, state: { kind: 'saved' }, numUnsaved: 0, canUndo: false, canRedo: false };
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  readonly getSnapshot = (): SaverSnapshot => this.#snapshot;

  readonly change = (next: (spec: RunSpec) => RunSpec): void => {
    const now = this.#snapshot.spec;
    const before = this.#field ?? now;
    const mine = next(before);
    if (mine === before) return;
    if (this.#field) this.#field = mine;
    // What came while the cursor stood in a field is no part of what was typed there: the two are put together.
    const { value, conflicts } = before === now ? { value: mine, conflicts: [] } : mergeJson(before, mine, now);
    this.#history.add(now, value, this.#parts.nowMs());
    if (conflicts.length > 0) this.#ask(before, conflicts);
    this.#apply(value);
  };

  /** The cursor is set into a field: whatever is typed there is meant for the run as it stands now. */
  readonly enterField = (): void => {
    this.#field = this.#snapshot.spec;
  };

  readonly leaveField = (): void => {
    this.#field = null;
  };

  /** What earlier pages of this tab did to the run, to be taken back here. */
  readonly takeUpSteps = (steps: KeptSteps): void => {
    this.#history.takeUp(steps);
    this.#publish({});
  };

  readonly steps = (): KeptSteps => this.#history.kept();

  readonly undo = (): void => this.#walk(this.#history.undo(this.#snapshot.spec));
  readonly redo = (): void => this.#walk(this.#history.redo(this.#snapshot.spec));

  /** Sends what is waiting and answers when the server has it; false when it could not be saved. */
  readonly flush = async (): Promise<boolean> => {
    this.#callOff();
    // Changes made during a request, or merged with somebody else's after it, want another one.
    do await this.#send();
    while (this.#isDirty && this.#snapshot.state.kind === 'saving');
    return !this.#isDirty;
  };

  /** Takes up changes that earlier pages of this browser could not send. Answers how many there were. */
  readonly takeUpKept = async (): Promise<number> => {
    let count = 0;
    for (const { base, spec, numUnsaved } of await this.#kept.takeUp()) {
      const before = this.#snapshot.spec;
      const { value, conflicts } = mergeJson(base, spec, before);
      count += numUnsaved;
      this.#history.add(before, value, this.#parts.nowMs());
      if (conflicts.length > 0) this.#ask(base, conflicts);
      this.#apply(value, numUnsaved);
    }
    return count;
  };

  /** Reads what others saved meanwhile; nothing happens while changes of this page wait. */
  readonly catchUp = async (): Promise<void> => {
    if (this.#isDirty || this.#isSending || this.#snapshot.state.kind === 'removed') return;
    const theirs = await api.getRun(this.runId);
    if (!theirs.ok && isRemoved(theirs.problem)) return this.#publish({ state: { kind: 'removed' } });
    if (theirs.ok && !this.#isDirty && theirs.value.counter > this.#counter) this.#adopt(theirs.value);
  };

  /** The server's state wherever both changed the same; whatever else was typed here stays. */
  readonly takeTheirs = (): Promise<void> => this.#decide('theirs');

  /** This page's state where both changed the same, over the one that was saved meanwhile. */
  readonly keepMine = (): Promise<void> => this.#decide('mine');

  /** Drops every change that is not saved for the server's state; undo brings them back. */
  readonly dropMine = async (): Promise<void> => {
    const before = this.#snapshot.spec;
    const theirs = await api.getRun(this.runId);
    if (!theirs.ok) return;
    this.#history.add(before, theirs.value.spec, this.#parts.nowMs());
    this.#adopt(theirs.value);
  };

  /** Makes a run of its own from this page's state, and goes on with theirs where both changed the same. Answers the copy's id. */
  readonly keepMineAsCopy = async (): Promise<Outcome<string, ApiProblem>> => {
    const { spec, state } = this.#snapshot;
    const copy = await api.copyOfSpec({ ...spec, title: `${spec.title.slice(0, 180)} (my copy)` });
    if (!copy.ok) return copy;
    if (state.kind === 'removed') this.#kept.drop();
    else await this.takeTheirs();
    return ok(copy.value.id);
  };

  /** Brings back a run that was removed elsewhere, and saves into it what was changed here. */
  readonly bringBack = async (): Promise<Outcome<null, ApiProblem>> => {
    const restored = await api.restoreRun(this.runId);
    if (!restored.ok) return restored;
    this.#publish({ state: { kind: 'saving' } });
    await this.flush();
    return ok(null);
  };

  /** Lays a pasted list over the run; what waits is saved first. */
  readonly replaceList = async (input: ListInput): Promise<Outcome<null, ApiProblem>> => {
    await this.flush();
    const before = this.#snapshot.spec;
    const replaced = await api.replaceList(this.runId, this.#counter, input);
    if (!replaced.ok) return replaced;
    this.#history.add(before, replaced.value.spec, this.#parts.nowMs());
    this.#adopt(replaced.value);
    return ok(null);
  };

  get #isDirty(): boolean {
    return this.#snapshot.spec !== this.#base;
  }

  #walk(next: RunSpec | null): void {
    if (next) this.#apply(withWorkedEntries(this.#snapshot.spec, next, this.#parts.hasWork));
  }

  /** A person is asked; what was asked before about other spots stays. `from` is what the changes here were made from. */
  #ask(from: RunSpec, conflicts: readonly MergeConflict[]): void {
    const { state } = this.#snapshot;
    const earlier = state.kind === 'conflict' ? state.conflicts : [];
    // Should the page be closed before the person answers, the next one has to ask again.
    this.#askedFrom ??= from;
    this.#publish({ state: { kind: 'conflict', conflicts: addConflicts(earlier, conflicts) } });
  }

  /** One side at the disputed spots alone, as one step that can be taken back. */
  async #decide(side: 'mine' | 'theirs'): Promise<void> {
    const { spec, state } = this.#snapshot;
    if (state.kind !== 'conflict') return;
    const of = (one: typeof side) => withWorkedEntries(spec, withSide(spec, state.conflicts, one), this.#parts.hasWork);
    const taken = of(side);
    // What was typed here stood in the run as it was shown: taking it over theirs is a step from theirs to it.
    this.#history.add(side === 'mine' ? of('theirs') : spec, taken, this.#parts.nowMs());
    this.#askedFrom = null;
    this.#publish({ spec: taken, state: { kind: 'saving' } });
    this.#keepInBrowser();
    await this.#send();
  }

  #apply(spec: RunSpec, numChanges = 1): void {
    const { state, numUnsaved } = this.#snapshot;
    const mustWait = state.kind === 'conflict' || state.kind === 'removed';
    const isGone = state.kind === 'serverGone';
    this.#publish({
      spec,
      numUnsaved: numUnsaved + numChanges,
      ...(mustWait || isGone ? {} : { state: { kind: 'saving' } }),
      ...(state.kind === 'conflict' ? { state: { ...state, conflicts: withMineNow(spec, state.conflicts) } } : {}),
    });
    this.#keepInBrowser();
    if (!mustWait) this.#schedule(SETTLE_MS);
  }

  #keepInBrowser(): void {
    const { spec, numUnsaved } = this.#snapshot;
    this.#kept.keep({ base: this.#askedFrom ?? this.#base, spec, numUnsaved });
  }

  #dropKept(): void {
    this.#kept.drop();
    this.#askedFrom = null;
  }

  #adopt({ counter, spec }: RunView): void {
    // What did not change stays the very same object, so that nothing that hangs on it is worked out again.
    const adopted = replaceEqualDeep(this.#snapshot.spec, spec);
    this.#counter = counter;
    this.#base = adopted;
    this.#dropKept();
    this.#publish({ spec: adopted, state: { kind: 'saved' }, numUnsaved: 0 });
  }

  #schedule(ms: number): void {
    this.#callOff();
    this.#callOff = this.#parts.later(() => void this.#send(), ms);
  }

  async #send(): Promise<void> {
    while (this.#isSending) await new Promise((resolve) => setTimeout(resolve, 20));
    if (this.#snapshot.state.kind === 'conflict') return;
    if (!this.#isDirty) return this.#settle();
    // Whatever was removed is not asked about again and again: a person says what becomes of it.
    if (this.#snapshot.state.kind === 'removed') return;
    this.#isSending = true;
    const { spec: sent, numUnsaved: numSent } = this.#snapshot;
    const saved = await api.saveSpec(this.runId, this.#counter, sent);
    const met = !saved.ok && isChangedElsewhere(saved.problem) ? await api.getRun(this.runId) : null;
    this.#isSending = false;
    if (met?.ok) return this.#meet(met.value);
    if (!saved.ok) {
      this.#publish({ state: stateAfter(met && !met.ok ? met.problem : saved.problem) });
      if (this.#snapshot.state.kind === 'serverGone') this.#schedule(RETRY_MS);
      return;
    }
    this.#counter = saved.value.counter;
    this.#base = sent;
    const isBehind = this.#isDirty;
    const numUnsaved = isBehind ? Math.max(1, this.#snapshot.numUnsaved - numSent) : 0;
    this.#publish({ numUnsaved, state: { kind: isBehind ? 'saving' : 'saved' } });
    if (!isBehind) return this.#dropKept();
    this.#keepInBrowser();
    this.#schedule(0);
  }

  /** Nothing differs from what the server has: a change was taken back before it was sent. */
  #settle(): void {
    if (this.#snapshot.state.kind === 'saved') return;
    this.#dropKept();
    this.#publish({ state: { kind: 'saved' }, numUnsaved: 0 });
  }

  /** Somebody saved in between: puts both together and saves that, or asks. */
  #meet({ counter, spec: theirs }: RunView): void {
    const from = this.#base;
    const { value, conflicts } = mergeJson(from, this.#snapshot.spec, theirs);
    this.#counter = counter;
    this.#base = theirs;
    if (conflicts.length > 0) {
      this.#publish({ spec: value });
      return this.#ask(from, conflicts);
    }
    this.#publish({ spec: value, state: { kind: 'saving' } });
    if (this.#isDirty) this.#schedule(0);
    else this.#adopt({ id: this.runId, counter, spec: theirs });
  }

  #publish(part: Partial<SaverSnapshot>): void {
    const { canUndo, canRedo } = this.#history;
    this.#snapshot = { ...this.#snapshot, ...part, counter: this.#counter, canUndo, canRedo };
    for (const listener of this.#listeners) listener();
  }
}
