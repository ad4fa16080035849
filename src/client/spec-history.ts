import type { RunSpec } from '@/core/spec';
import { mergeJson } from '@/core/edit';

export interface Step {
  readonly before: RunSpec;
  readonly after: RunSpec;
}

/** Steps as they are kept for the next page of the same tab. */
export interface KeptSteps {
  readonly undo: readonly Step[];
  readonly redo: readonly Step[];
}

/** So many are kept over a reload. */
const MOST_KEPT = 50;

/** More would hold more specs in memory than anybody walks back. */
const MOST_STEPS = 200;

/** Changes of the same spot that follow each other this fast are one: a number that is typed, a key that is held. */
const ONE_STEP_MS = 1500;

/**
 * What this page did to the spec, to be taken back and done again. A step is taken back by merging its opposite into the
 * present state, so that what others changed since stays.
 */
export class SpecHistory {
  #undo: Step[] = [];
  #redo: Step[] = [];
  #lastAt = -Infinity;

  get canUndo(): boolean {
    return this.#undo.length > 0;
  }

  get canRedo(): boolean {
    return this.#redo.length > 0;
  }

  /** `at` in milliseconds. */
  add(before: RunSpec, after: RunSpec, at: number): void {
    const last = this.#undo.at(-1);
    const isFast = last !== undefined && at - this.#lastAt < ONE_STEP_MS && last.after === before;
    const spot = changedSpot(before, after);
    // Changes of several parts have no spot of their own: each is a step, however fast they follow.
    if (isFast && spot !== '' && changedSpot(last.before, last.after) === spot)
      this.#undo[this.#undo.length - 1] = { before: last.before, after };
    else this.#undo.push({ before, after });
    if (this.#undo.length > MOST_STEPS) this.#undo.shift();
    this.#redo = [];
    this.#lastAt = at;
  }

  /** Those that a reload keeps, the latest of them. */
  kept(): KeptSteps {
    return { undo: this.#undo.slice(-MOST_KEPT), redo: this.#redo.slice(-MOST_KEPT) };
  }

  /** Steps of an earlier page come before those of this one; what it had taken back can be done again until something is done here. */
  takeUp({ undo, redo }: KeptSteps): void {
    if (this.#undo.length === 0 && this.#redo.length === 0) this.#redo = [...redo];
    this.#undo = [...undo, ...this.#undo].slice(-MOST_STEPS);
  }

  /** The present spec without this page's last step; null when there is none. */
  undo(now: RunSpec): RunSpec | null {
    return this.#take(this.#undo, this.#redo, now);
  }

  redo(now: RunSpec): RunSpec | null {
    return this.#take(this.#redo, this.#undo, now);
  }

  #take(from: Step[], to: Step[], now: RunSpec): RunSpec | null {
    const step = from.pop();
    if (!step) return null;
    // What somebody changed after this step was meant; only the rest of the step is taken back.
    const { value } = mergeJson(step.after, step.before, now, 'theirs');
    to.push({ before: now, after: value });
    this.#lastAt = -Infinity;
    return value;
  }
}

/** Where two specs differ, as a path down to the only differing part; specs share what they have in common. */
function changedSpot(a: unknown, b: unknown, path = ''): string {
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return path;
  const [left, right] = [a as Record<string, unknown>, b as Record<string, unknown>];
  const differing = Object.keys({ ...left, ...right }).filter((key) => left[key] !== right[key]);
  const [only] = differing;
  return differing.length === 1 && only !== undefined ? changedSpot(left[only], right[only], `${path}/${only}`) : path;
}
