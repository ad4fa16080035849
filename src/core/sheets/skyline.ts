/**
 * What is taken up of a bed, from the top down: nothing lies below `y[i]` from `x[i]` on, as far as `x[i + 1]`. Stretches at one
 * height are joined.
 */
export class Skyline {
  readonly x: Int32Array;
  readonly y: Int32Array;
  numStretches = 0;

  constructor(mostBoxes: number) {
    this.x = new Int32Array(mostBoxes + 3);
    this.y = new Int32Array(mostBoxes + 3);
  }

  /** An empty bed, so wide. */
  clear(width: number): void {
    this.x[0] = 0;
    this.y[0] = 0;
    // Where the bed ends, a wall without end.
    this.x[1] = width;
    this.numStretches = 1;
  }

  copyFrom({ x, y, numStretches }: Skyline): void {
    for (let i = 0; i < numStretches; i++) {
      this.x[i] = x[i]!;
      this.y[i] = y[i]!;
    }
    this.x[numStretches] = x[numStretches]!;
    this.numStretches = numStretches;
  }

  /** The niche nearest to the top edge, the leftmost of several. */
  highestNiche(): number {
    const y = this.y;
    let at = 0;
    for (let i = 1; i < this.numStretches; i++) if (y[i]! < y[at]!) at = i;
    return at;
  }

  widthAt(at: number): number {
    return this.x[at + 1]! - this.x[at]!;
  }

  /** How far the wall on the left goes down from a niche. */
  leftWall(at: number): number {
    return at > 0 ? this.y[at - 1]! - this.y[at]! : Infinity;
  }

  rightWall(at: number): number {
    return at + 1 < this.numStretches ? this.y[at + 1]! - this.y[at]! : Infinity;
  }

  /** Where the lowest box ends. */
  lowest(): number {
    let lowest = 0;
    for (let i = 0; i < this.numStretches; i++) if (this.y[i]! > lowest) lowest = this.y[i]!;
    return lowest;
  }

  /** What lies above the skyline. */
  area(): number {
    let area = 0;
    for (let i = 0; i < this.numStretches; i++) area += this.y[i]! * this.widthAt(i);
    return area;
  }

  /** A niche ends lower by so much, over all its width. */
  lower(at: number, by: number): void {
    this.y[at]! += by;
    this.#join(at);
  }

  /** A box comes to lie in a niche, on its left or on its right. */
  place(at: number, width: number, tall: number, isAtRight: boolean): void {
    const { x, y } = this;
    if (this.widthAt(at) === width) {
      this.lower(at, tall);
      return;
    }
    x.copyWithin(at + 2, at + 1, this.numStretches + 1);
    y.copyWithin(at + 2, at + 1, this.numStretches);
    this.numStretches++;
    y[at + 1] = y[at]!;
    if (isAtRight) {
      x[at + 1] = x[at + 2]! - width;
      this.lower(at + 1, tall);
    } else {
      x[at + 1] = x[at]! + width;
      this.lower(at, tall);
    }
  }

  #join(at: number): void {
    const y = this.y;
    if (at + 1 < this.numStretches && y[at + 1] === y[at]) this.#drop(at + 1);
    if (at > 0 && y[at - 1] === y[at]) this.#drop(at);
  }

  /** The stretch before it goes on as far as it did. */
  #drop(at: number): void {
    this.x.copyWithin(at, at + 1, this.numStretches + 1);
    this.y.copyWithin(at, at + 1, this.numStretches);
    this.numStretches--;
  }
}
