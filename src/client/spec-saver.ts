import { replaceEqualDeep } from '@tanstack/react-query';
import { type Outcome, ok } from '@/core/outcome';
import { type MergeConflict, mergeJson } from '@/core/edit';
import { type RunSpec, upgradeSpec } from '@/core/spec';
import type { ListInput, RunView } from '@/services';
import { type ApiProblem, api } from './api';
import { type Keeper, memoryKeeper } from './keeper';
import { SpecHistory } from './spec-history';

export type SaveState =
  | { readonly kind: 'saved' }
  | { readonly kind: 'saving' }
  /** Changes are kept in this browser and sent again until the server answers. */
  | { readonly kind: 'serverGone' }
  /** Somebody else changed the same spots; a person decides. */
  | { readonly kind: 'conflict'; readonly conflicts: readonly MergeConflict[] }
  | { readonly kind: 'refused'; readonly detail: string };

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

/** What is kept in the browser while changes wait: enough to merge them into whatever the run has become by then. */
interface KeptChanges {
  readonly base: RunSpec;
  readonly spec: RunSpec;
  readonly numUnsaved: number;
}

/** Lets a number be typed to its end before it is sent. */
const SETTLE_MS = 300;
const RETRY_MS = 2000;

export interface SaverParts {
  readonly keeper: Keeper;
  /** Name of this open page among those that keep changes. */
  readonly pageId: string;
  /** Entries with work recorded are withdrawn where undoing would drop them. */
  readonly hasWork: (entryId: string) => boolean;
  readonly nowMs: () => number;
}

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
  #timer: ReturnType<typeof setTimeout> | null = null;
  readonly #history = new SpecHistory();
  readonly #listeners = new Set<() => void>();
  readonly #parts: SaverParts;
  readonly #keyPrefix: string;
  #otherKeys: readonly string[] = [];
  /** What this page's changes were made from, while a person is asked. */
  #askedFrom: RunSpec | null = null;

  constructor(
    private readonly runId: string,
    { counter, spec }: RunView,
    parts: Partial<SaverParts> = {},
  ) {
    this.#parts = {
      keeper: memoryKeeper(),
      pageId: 'page',
      hasWork: () => false,
      nowMs: () => performance.now(),
      ...parts,
    };
    this.#keyPrefix = `spec:${runId}:`;
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
    const before = this.#snapshot.spec;
    const after = next(before);
    if (after === before) return;
    this.#history.add(before, after, this.#parts.nowMs());
    this.#apply(after);
  };

  readonly undo = (): void => this.#walk(this.#history.undo(this.#snapshot.spec));
  readonly redo = (): void => this.#walk(this.#history.redo(this.#snapshot.spec));

  /** Sends what is waiting and answers when the server has it; false when it could not be saved. */
  readonly flush = async (): Promise<boolean> => {
    if (this.#timer) clearTimeout(this.#timer);
    this.#timer = null;
    // Changes made during a request, or merged with somebody else's after it, want another one.
    do await this.#send();
    while (this.#isDirty && this.#snapshot.state.kind === 'saving');
    return !this.#isDirty;
  };

  /** Takes up changes that an earlier page of this browser could not send. Answers how many there were. */
  readonly takeUpKept = async (): Promise<number> => {
    const kept = await this.#parts.keeper.kept(this.#keyPrefix);
    const others = kept.filter(([key]) => key !== this.#key);
    if (others.length === 0) return 0;
    this.#otherKeys = others.map(([key]) => key);
    let count = 0;
    for (const [, value] of others) {
      const { base, spec, numUnsaved } = value as KeptChanges;
      const mine = upgradeSpec(spec) as RunSpec;
      const { value: merged, conflicts } = mergeJson(upgradeSpec(base) as RunSpec, mine, this.#snapshot.spec);
      count += numUnsaved;
      if (conflicts.length > 0) {
        this.#publish({ spec: merged, numUnsaved: count, state: { kind: 'conflict', conflicts } });
        return count;
      }
      this.#history.add(this.#snapshot.spec, merged, this.#parts.nowMs());
      this.#apply(merged, numUnsaved);
    }
    return count;
  };

  /** Reads what others saved meanwhile; nothing happens while changes of this page wait. */
  readonly catchUp = async (): Promise<void> => {
    if (this.#isDirty || this.#isSending) return;
    const theirs = await api.getRun(this.runId);
    if (theirs.ok && !this.#isDirty && theirs.value.counter > this.#counter) this.#adopt(theirs.value);
  };

  /** Drops this page's unsaved changes for the server's state. */
  readonly takeTheirs = async (): Promise<void> => {
    const theirs = await api.getRun(this.runId);
    if (theirs.ok) this.#adopt(theirs.value);
  };

  /** Saves this page's state where both changed the same, over the one that was saved meanwhile. */
  readonly keepMine = async (): Promise<void> => {
    this.#publish({ state: { kind: 'saving' } });
    await this.#send();
  };

  /** Makes a run of its own from this page's state, and goes on with the other one here. Answers the copy's id. */
  readonly keepMineAsCopy = async (): Promise<Outcome<string, ApiProblem>> => {
    const { spec } = this.#snapshot;
    const copy = await api.copyOfSpec({ ...spec, title: `${spec.title.slice(0, 180)} (my copy)` });
    if (!copy.ok) return copy;
    await this.takeTheirs();
    return ok(copy.value.id);
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

  get #key(): string {
    return this.#keyPrefix + this.#parts.pageId;
  }

  #walk(next: RunSpec | null): void {
    if (next) this.#apply(withWorkedEntries(this.#snapshot.spec, next, this.#parts.hasWork));
  }

  #apply(spec: RunSpec, numChanges = 1): void {
    const { state, numUnsaved } = this.#snapshot;
    const mustWait = state.kind === 'conflict';
    const isGone = state.kind === 'serverGone';
    this.#publish({
      spec,
      numUnsaved: numUnsaved + numChanges,
      ...(mustWait || isGone ? {} : { state: { kind: 'saving' } }),
    });
    this.#keepInBrowser();
    if (!mustWait) this.#schedule(SETTLE_MS);
  }

  #keepInBrowser(): void {
    const { spec, numUnsaved } = this.#snapshot;
    const kept: KeptChanges = { base: this.#askedFrom ?? this.#base, spec, numUnsaved };
    void this.#parts.keeper.keep(this.#key, kept);
  }

  #dropKept(): void {
    for (const key of [this.#key, ...this.#otherKeys]) void this.#parts.keeper.drop(key);
    this.#otherKeys = [];
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
    if (this.#timer) clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.#send(), ms);
  }

  async #send(): Promise<void> {
    while (this.#isSending) await new Promise((resolve) => setTimeout(resolve, 20));
    if (this.#snapshot.state.kind === 'conflict') return;
    if (!this.#isDirty) return this.#settle();
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
    const { value, conflicts } = mergeJson(this.#base, this.#snapshot.spec, theirs);
    // Should the page be closed before the person answers, the next one has to ask again.
    if (conflicts.length > 0) this.#askedFrom = this.#base;
    this.#counter = counter;
    this.#base = theirs;
    if (conflicts.length > 0) return this.#publish({ spec: value, state: { kind: 'conflict', conflicts } });
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

/** Undoing never takes an entry away that work is recorded for: it is withdrawn instead. */
function withWorkedEntries(now: RunSpec, next: RunSpec, hasWork: (entryId: string) => boolean): RunSpec {
  const kept = new Set<string>(next.entries.map(({ id }) => id));
  const lost = now.entries.filter(({ id }) => !kept.has(id) && hasWork(id));
  if (lost.length === 0) return next;
  return { ...next, entries: [...next.entries, ...lost.map((entry) => ({ ...entry, withdrawn: true }))] };
}

function isChangedElsewhere(problem: ApiProblem): boolean {
  return problem.kind === 'refused' && problem.status === 412;
}

function stateAfter(problem: ApiProblem): SaveState {
  const isGone = problem.kind === 'serverGone' || problem.status >= 500;
  return isGone ? { kind: 'serverGone' } : { kind: 'refused', detail: problem.detail };
}
