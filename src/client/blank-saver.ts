import type { Blank } from '@/core/shop';
import type { Outcome } from '@/core/outcome';
import type { ShopBlankView } from '@/services';
import type { ApiProblem } from './api';

/** `elsewhere`: another page saved it since, so nothing is overwritten. `failed`: why, in words for a person. */
export type ShopSave =
  { readonly kind: 'kept' | 'keeping' | 'elsewhere' } | { readonly kind: 'failed'; readonly problem: ApiProblem };

export interface BlankSnapshot {
  readonly blank: Blank;
  readonly save: ShopSave;
}

/**
 * A blank of the shop under one's hands. Every change is sent at once, one save after the other, the last state of what was changed
 * meanwhile; it goes on when its page is left.
 */
export class BlankSaver {
  #snapshot: BlankSnapshot;
  #rev: number;
  #kept: Blank;
  #isSending = false;
  readonly #listeners = new Set<() => void>();

  constructor(
    initial: ShopBlankView,
    private readonly send: (rev: number, blank: Blank) => Promise<Outcome<ShopBlankView, ApiProblem>>,
  ) {
    this.#snapshot = { blank: initial.value, save: { kind: 'kept' } };
    this.#rev = initial.rev;
    this.#kept = initial.value;
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  readonly getSnapshot = (): BlankSnapshot => this.#snapshot;

  readonly change = (change: (blank: Blank) => Blank): void => {
    const blank = change(this.#snapshot.blank);
    // What another page saved is neither overwritten nor forgotten: typing goes on here until theirs is taken.
    const save: ShopSave = this.#snapshot.save.kind === 'elsewhere' ? { kind: 'elsewhere' } : { kind: 'keeping' };
    this.#publish({ blank, save });
    if (save.kind === 'keeping') void this.#pump();
  };

  readonly retry = (): void => void this.#pump();

  /** Another page's state instead of what was typed here. */
  readonly takeTheirs = (theirs: ShopBlankView): void => {
    this.#rev = theirs.rev;
    this.#kept = theirs.value;
    this.#publish({ blank: theirs.value, save: { kind: 'kept' } });
  };

  async #pump(): Promise<void> {
    if (this.#isSending) return;
    this.#isSending = true;
    while (this.#snapshot.blank !== this.#kept) {
      const { blank } = this.#snapshot;
      this.#publish({ blank, save: { kind: 'keeping' } });
      const answer = await this.send(this.#rev, blank);
      if (!answer.ok) {
        const { problem } = answer;
        const isElsewhere = problem.kind === 'refused' && problem.problem === 'changedElsewhere';
        const save: ShopSave = isElsewhere ? { kind: 'elsewhere' } : { kind: 'failed', problem };
        this.#publish({ blank: this.#snapshot.blank, save });
        break;
      }
      this.#rev = answer.value.rev;
      this.#kept = blank;
    }
    this.#isSending = false;
    if (this.#snapshot.blank === this.#kept) this.#publish({ blank: this.#kept, save: { kind: 'kept' } });
  }

  #publish(next: BlankSnapshot): void {
    this.#snapshot = next;
    for (const listener of this.#listeners) listener();
  }
}
