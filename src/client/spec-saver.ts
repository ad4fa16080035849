import type { Outcome } from '@/core/outcome';
import type { RunSpec } from '@/core/run';
import type { RunView } from '@/services';
import { type ApiProblem, api } from './api';

export type SaveState =
  | { readonly kind: 'saved' }
  | { readonly kind: 'saving' }
  /** Changes are kept on this page and sent again until the server answers. */
  | { readonly kind: 'serverGone' }
  /** Somebody else changed the run; a person decides whose state stays. */
  | { readonly kind: 'conflict' }
  | { readonly kind: 'refused'; readonly detail: string };

export interface SaverSnapshot {
  readonly spec: RunSpec;
  readonly state: SaveState;
}

/** Lets a number be typed to its end before it is sent. */
const SETTLE_MS = 300;
const RETRY_MS = 2000;

/**
 * Holds a run's spec and saves it by itself: one request in flight, everything changed meanwhile goes with the next.
 * A plain store with subscribers, so that leaving a page never drops a change.
 */
export class SpecSaver {
  #snapshot: SaverSnapshot;
  #counter: number;
  #isDirty = false;
  #isSending = false;
  #timer: ReturnType<typeof setTimeout> | null = null;
  readonly #listeners = new Set<() => void>();

  constructor(
    private readonly runId: string,
    { counter, spec }: RunView,
  ) {
    this.#counter = counter;
    this.#snapshot = { spec, state: { kind: 'saved' } };
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  readonly getSnapshot = (): SaverSnapshot => this.#snapshot;

  readonly change = (next: (spec: RunSpec) => RunSpec): void => {
    this.#isDirty = true;
    const { kind } = this.#snapshot.state;
    this.#publish(next(this.#snapshot.spec), kind === 'conflict' ? this.#snapshot.state : { kind: 'saving' });
    if (kind !== 'conflict') this.#schedule(SETTLE_MS);
  };

  /** Sends what is waiting and answers when the server has it; false when it could not be saved. */
  readonly flush = async (): Promise<boolean> => {
    if (this.#timer) clearTimeout(this.#timer);
    this.#timer = null;
    await this.#send();
    return !this.#isDirty;
  };

  /** Drops this page's unsaved changes for the server's state. */
  readonly takeTheirs = async (): Promise<void> => {
    const theirs = await api.getRun(this.runId);
    if (theirs.ok) this.#adopt(theirs.value);
  };

  /** Saves this page's state over the one that was saved meanwhile. */
  readonly keepMine = async (): Promise<void> => {
    const theirs = await api.getRun(this.runId);
    if (!theirs.ok) return;
    this.#counter = theirs.value.counter;
    this.#isDirty = true;
    await this.#send();
  };

  /** Lays a pasted list over the run; what waits is saved first. */
  readonly replaceList = async (list: string): Promise<Outcome<null, ApiProblem>> => {
    await this.flush();
    const replaced = await api.replaceList(this.runId, this.#counter, list);
    if (!replaced.ok) return replaced;
    this.#adopt(replaced.value);
    return { ok: true, value: null };
  };

  #adopt({ counter, spec }: RunView): void {
    this.#counter = counter;
    this.#isDirty = false;
    this.#publish(spec, { kind: 'saved' });
  }

  #schedule(ms: number): void {
    if (this.#timer) clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.#send(), ms);
  }

  async #send(): Promise<void> {
    while (this.#isSending) await new Promise((resolve) => setTimeout(resolve, 20));
    if (!this.#isDirty) return;
    this.#isSending = true;
    this.#isDirty = false;
    const sent = this.#snapshot.spec;
    const saved = await api.saveSpec(this.runId, this.#counter, sent);
    this.#isSending = false;
    if (saved.ok) {
      this.#counter = saved.value.counter;
      if (this.#isDirty) this.#schedule(0);
      else this.#publish(this.#snapshot.spec, { kind: 'saved' });
      return;
    }
    this.#isDirty = true;
    this.#publish(this.#snapshot.spec, stateAfter(saved.problem));
    if (saved.problem.kind === 'serverGone') this.#schedule(RETRY_MS);
  }

  #publish(spec: RunSpec, state: SaveState): void {
    this.#snapshot = { spec, state };
    for (const listener of this.#listeners) listener();
  }
}

function stateAfter(problem: ApiProblem): SaveState {
  if (problem.kind === 'serverGone') return { kind: 'serverGone' };
  return problem.status === 412 ? { kind: 'conflict' } : { kind: 'refused', detail: problem.detail };
}
