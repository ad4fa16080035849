/** The best of many offers: as many as there is room for, the least first. Nothing is allocated while they come in. */
export class BestOffers {
  num = 0;
  /** A heap: the worst that is kept lies first. */
  readonly #cost: Float64Array;
  readonly #state: Int32Array;
  readonly #offer: Int32Array;

  constructor(readonly capacity: number) {
    this.#cost = new Float64Array(capacity);
    this.#state = new Int32Array(capacity);
    this.#offer = new Int32Array(capacity);
  }

  clear(): void {
    this.num = 0;
  }

  add(cost: number, state: number, offer: number): void {
    if (this.num < this.capacity) this.#rise(this.num++, cost, state, offer);
    else if (cost < this.#cost[0]!) this.#sink(cost, state, offer);
  }

  /** From the least cost to the greatest; of two alike the one that came from the earlier state, then the lower offer. */
  inOrder(): { readonly state: number; readonly offer: number }[] {
    const slots = Array.from({ length: this.num }, (_, slot) => slot);
    const by = (a: number, b: number) =>
      this.#cost[a]! - this.#cost[b]! || this.#state[a]! - this.#state[b]! || this.#offer[a]! - this.#offer[b]!;
    return slots.sort(by).map((slot) => ({ state: this.#state[slot]!, offer: this.#offer[slot]! }));
  }

  #rise(from: number, cost: number, state: number, offer: number): void {
    let slot = from;
    while (slot > 0) {
      const above = (slot - 1) >> 1;
      if (this.#cost[above]! >= cost) break;
      this.#move(above, slot);
      slot = above;
    }
    this.#set(slot, cost, state, offer);
  }

  #sink(cost: number, state: number, offer: number): void {
    let slot = 0;
    for (;;) {
      let below = 2 * slot + 1;
      if (below >= this.num) break;
      if (below + 1 < this.num && this.#cost[below + 1]! > this.#cost[below]!) below++;
      if (this.#cost[below]! <= cost) break;
      this.#move(below, slot);
      slot = below;
    }
    this.#set(slot, cost, state, offer);
  }

  #move(from: number, to: number): void {
    this.#set(to, this.#cost[from]!, this.#state[from]!, this.#offer[from]!);
  }

  #set(slot: number, cost: number, state: number, offer: number): void {
    this.#cost[slot] = cost;
    this.#state[slot] = state;
    this.#offer[slot] = offer;
  }
}
