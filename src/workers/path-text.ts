import type { Ring } from '@/core/geometry';

/** Two whole numbers with their signs, a letter and a space are never longer. */
const MOST_PER_POINT = 40;
const MOST_FIGURES = 16;

/** Path data of many rings, written byte by byte: a string of as many whole numbers takes some three times as long. */
export class PathText {
  #bytes = new Uint8Array(1 << 16);
  #length = 0;
  readonly #figures = new Uint8Array(MOST_FIGURES);

  /** `unitsPerStep`: what a step of a ring is in units of the path. */
  constructor(private readonly unitsPerStep: number) {}

  /** Bytes so far. */
  get length(): number {
    return this.#length;
  }

  /** The ring with `origin` at the origin, in whole units. */
  addRing(ring: Ring, origin: readonly [number, number]): void {
    const [x0, y0] = origin;
    for (let i = 0; i < ring.length; i += 2) {
      this.#makeRoom(MOST_PER_POINT);
      this.#put(i === 0 ? 'M' : 'L');
      this.#putWhole((ring[i]! - x0) * this.unitsPerStep);
      this.#put(' ');
      this.#putWhole((ring[i + 1]! - y0) * this.unitsPerStep);
    }
    this.#makeRoom(1);
    this.#put('Z');
  }

  /** The bytes in a buffer of their own. */
  taken(): Uint8Array<ArrayBuffer> {
    return this.#bytes.slice(0, this.#length);
  }

  #put(character: string): void {
    this.#bytes[this.#length++] = character.charCodeAt(0);
  }

  #putWhole(value: number): void {
    let rest = Math.round(value);
    if (rest < 0) this.#put('-');
    rest = Math.abs(rest);
    let count = 0;
    do {
      this.#figures[count++] = ZERO + (rest % 10);
      rest = Math.floor(rest / 10);
    } while (rest > 0);
    while (count > 0) this.#bytes[this.#length++] = this.#figures[--count]!;
  }

  #makeRoom(bytes: number): void {
    if (this.#length + bytes <= this.#bytes.length) return;
    const larger = new Uint8Array(this.#bytes.length * 2);
    larger.set(this.#bytes);
    this.#bytes = larger;
  }
}

const ZERO = '0'.charCodeAt(0);
