import { type Outcome } from '../outcome';
import { ABSENT_FACE, type Face, type FaceProblem } from './load-face';

/** So many own faces are held open; each copies its file into memory that only a new thread gives back. */
const MOST_OPEN = 40;
/** So many that are not here are looked for again; anybody may ask for any hash. */
const MOST_ABSENT = 40;

/** Opens each face once. `open` answers null for a face whose file is not here: it stands there without a letter until it is. */
export class OpenFaces {
  readonly #open = new Map<string, Face>();
  readonly #absent = new Set<string>();

  /** `most`: how many may be open at a time; the one that was asked for the longest ago is closed. */
  constructor(
    private readonly open: (key: string) => Outcome<Face, FaceProblem> | null,
    private readonly most = MOST_OPEN,
  ) {}

  readonly of = (key: string): Face => {
    const known = this.#open.get(key);
    const face = known ?? this.#opened(key);
    if (!face) return ABSENT_FACE;
    this.#open.delete(key);
    this.#open.set(key, face);
    const [oldest] = this.#open.keys();
    if (this.#open.size > this.most && oldest !== undefined) this.#open.delete(oldest);
    return face;
  };

  /** A face that was looked for in vain is here now: what was made without it is worth nothing any more. */
  foundAnew(): boolean {
    return [...this.#absent].some((key) => this.#opened(key) !== null);
  }

  #opened(key: string): Face | null {
    const opened = this.open(key);
    if (!opened) {
      this.#absent.add(key);
      const [oldest] = this.#absent;
      if (this.#absent.size > MOST_ABSENT && oldest !== undefined) this.#absent.delete(oldest);
      return null;
    }
    if (!opened.ok) throw new Error(`face ${key}: ${opened.problem.kind}`);
    this.#absent.delete(key);
    return opened.value;
  }
}
