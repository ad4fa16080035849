/** Whoever asks waits for its turn: only so many ask at a time. Whoever nobody waits for any more does not ask at all. */
export class Turns {
  #running = 0;
  readonly #waiting: (() => void)[] = [];

  constructor(private readonly most: number) {}

  /** Throws where it is given up before its turn. */
  async take<T>(signal: AbortSignal, ask: () => Promise<T>): Promise<T> {
    if (this.#running >= this.most) await new Promise<void>((resolve) => this.#waiting.push(resolve));
    else this.#running++;
    try {
      signal.throwIfAborted();
      return await ask();
    } finally {
      // The turn is handed on, or free.
      const next = this.#waiting.shift();
      if (next) next();
      else this.#running--;
    }
  }
}
