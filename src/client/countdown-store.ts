import type { Countdown, NewCountdown } from '@/core/countdown';
import type { Outcome } from '@/core/outcome';
import type { CountdownsView } from '@/services';
import type { ApiProblem } from './api';

export interface CountdownSnapshot {
  readonly countdowns: readonly Countdown[];
  /** What has to be added to this browser's clock to have the server's. */
  readonly offsetMs: number;
}

export interface CountdownParts {
  readonly read: () => Promise<Outcome<CountdownsView, ApiProblem>>;
  readonly start: (countdown: NewCountdown) => Promise<Outcome<CountdownsView, ApiProblem>>;
  readonly end: (id: string, reason: string) => Promise<Outcome<CountdownsView, ApiProblem>>;
  readonly nowMs: () => number;
}

/** What is waited for at the press, as the server last told it: its clock counts, whatever this browser's says. */
export class CountdownStore {
  #snapshot: CountdownSnapshot = { countdowns: [], offsetMs: 0 };
  #toldMs = -Infinity;
  /** How many starts and ends are known here. */
  #known = -1;
  readonly #listeners = new Set<() => void>();

  constructor(private readonly parts: CountdownParts) {}

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  readonly getSnapshot = (): CountdownSnapshot => this.#snapshot;

  /** Milliseconds by the server's clock. */
  readonly nowMs = (): number => this.parts.nowMs() + this.#snapshot.offsetMs;

  /** Reads again when the server tells of a start or an end that is not known here. */
  readonly follow = (mark: number | undefined): void => {
    if (mark === undefined || mark === this.#known) return;
    this.#known = mark;
    // A run in which none was ever started has none to read.
    if (mark > 0) void this.#read();
  };

  async #read(): Promise<void> {
    // What could not be read is read with the next word of the server, whatever it tells then.
    if ((await this.#taking(this.parts.read())) !== null) this.#known = -1;
  }

  /** Null: it runs. Otherwise what happened, and what to do. */
  readonly start = (countdown: NewCountdown): Promise<string | null> => this.#taking(this.parts.start(countdown));

  readonly end = (id: string, reason: string): Promise<string | null> => this.#taking(this.parts.end(id, reason));

  async #taking(asked: Promise<Outcome<CountdownsView, ApiProblem>>): Promise<string | null> {
    const answer = await asked;
    if (!answer.ok)
      return answer.problem.kind === 'refused'
        ? answer.problem.detail
        : 'Knurl’s server does not answer: no countdown was started or ended. Count by hand, and mark it when the server is back.';
    const { now, countdowns } = answer.value;
    const toldMs = Date.parse(now);
    // An older answer may come in late.
    if (toldMs >= this.#toldMs) {
      this.#toldMs = toldMs;
      this.#snapshot = { countdowns, offsetMs: toldMs - this.parts.nowMs() };
      for (const listener of this.#listeners) listener();
    }
    return null;
  }
}
