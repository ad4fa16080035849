/**
 * Something about single cuttings, by piece and attempt. Nearly every piece is cut once: its first attempt stands under its
 * own id, so that folding a long ledger makes no text for it.
 */
export class ByAttempt<T> {
  readonly #first: Map<string, T>;
  readonly #later: Map<string, T>;

  /** Empty, or with all that another holds. */
  constructor(other?: ByAttempt<T>) {
    this.#first = other ? new Map(other.#first) : new Map();
    this.#later = other ? new Map(other.#later) : new Map();
  }

  get size(): number {
    return this.#first.size + this.#later.size;
  }

  get(pieceId: string, attempt: number): T | undefined {
    return attempt === 1 ? this.#first.get(pieceId) : this.#later.get(laterKey(pieceId, attempt));
  }

  has(pieceId: string, attempt: number): boolean {
    return this.get(pieceId, attempt) !== undefined;
  }

  set(pieceId: string, attempt: number, value: T): void {
    if (attempt === 1) this.#first.set(pieceId, value);
    else this.#later.set(laterKey(pieceId, attempt), value);
  }

  delete(pieceId: string, attempt: number): void {
    if (attempt === 1) this.#first.delete(pieceId);
    else this.#later.delete(laterKey(pieceId, attempt));
  }

  /** Pieces that there is a first attempt of. */
  pieceIds(): IterableIterator<string> {
    return this.#first.keys();
  }
}

/** What was folded, to be asked only. */
export type ReadonlyByAttempt<T> = Pick<ByAttempt<T>, 'size' | 'get' | 'has' | 'pieceIds'>;

function laterKey(pieceId: string, attempt: number): string {
  return `${pieceId}#${attempt}`;
}
