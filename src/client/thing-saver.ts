import type { Outcome } from '@/core/outcome';
import type { ShopThingView } from '@/services';
import type { ApiProblem } from './api';
import { problemSentence } from './problem-sentence';

/** `elsewhere`: another page saved it since, so nothing is overwritten. `failed`: why, in words for a person. */
export type ShopSave =
  { readonly kind: 'kept' | 'keeping' | 'elsewhere' } | { readonly kind: 'failed'; readonly why: string };

export interface ThingSnapshot<T> {
  readonly value: T;
  readonly save: ShopSave;
}

/**
 * A thing of the shop under one's hands. Every change is sent at once, one save after the other, the last state of what was changed
 * meanwhile; it goes on when its page is left.
 */
export class ThingSaver<T> {
  #snapshot: ThingSnapshot<T>;
  #rev: number;
  #kept: T;
  #isSending = false;
  readonly #listeners = new Set<() => void>();

  constructor(
    initial: ShopThingView<T>,
    private readonly send: (rev: number, value: T) => Promise<Outcome<ShopThingView<T>, ApiProblem>>,
  ) {
    this.#snapshot = { value: initial.value, save: { kind: 'kept' } };
    this.#rev = initial.rev;
    this.#kept = initial.value;
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  readonly getSnapshot = (): ThingSnapshot<T> => this.#snapshot;

  readonly change = (change: (value: T) => T): void => {
    const value = change(this.#snapshot.value);
    // What another page saved is neither overwritten nor forgotten: typing goes on here until theirs is taken.
    const save: ShopSave = this.#snapshot.save.kind === 'elsewhere' ? { kind: 'elsewhere' } : { kind: 'keeping' };
    this.#publish({ value, save });
    if (save.kind === 'keeping') void this.#pump();
  };

  readonly retry = (): void => void this.#pump();

  /** Another page's state instead of what was typed here. */
  readonly takeTheirs = (theirs: ShopThingView<T>): void => {
    this.#rev = theirs.rev;
    this.#kept = theirs.value;
    this.#publish({ value: theirs.value, save: { kind: 'kept' } });
  };

  async #pump(): Promise<void> {
    if (this.#isSending) return;
    this.#isSending = true;
    while (this.#snapshot.value !== this.#kept) {
      const { value } = this.#snapshot;
      this.#publish({ value, save: { kind: 'keeping' } });
      const answer = await this.send(this.#rev, value);
      if (!answer.ok) {
        const { problem } = answer;
        const isElsewhere = problem.kind === 'refused' && problem.problem === 'changedElsewhere';
        const save: ShopSave = isElsewhere ? { kind: 'elsewhere' } : { kind: 'failed', why: problemSentence(problem) };
        this.#publish({ value: this.#snapshot.value, save });
        break;
      }
      this.#rev = answer.value.rev;
      this.#kept = value;
    }
    this.#isSending = false;
    if (this.#snapshot.value === this.#kept) this.#publish({ value: this.#kept, save: { kind: 'kept' } });
  }

  #publish(next: ThingSnapshot<T>): void {
    this.#snapshot = next;
    for (const listener of this.#listeners) listener();
  }
}
