import type { PieceStage } from '../shop';
import { readPieceId } from '../spec';
import type { Act } from './act';
import { ByAttempt, type ReadonlyByAttempt } from './attempts';
import { type EffectTaker, pieceIdOfBond, tellEffects } from './effects';
import { actsInForce } from './undo';

type Done = true;

/** How often a cutting was pressed once more, and for how many seconds in all, the first time not counted. */
export interface PressedAgain {
  readonly times: number;
  readonly seconds: number;
}

/** What the ledger comes to: asked through the functions below, which know what absence means. */
export interface LedgerState {
  /** Why cuttings were spoiled. */
  readonly spoiled: ReadonlyByAttempt<string>;
  readonly cut: ReadonlyByAttempt<Done>;
  readonly weeded: ReadonlyByAttempt<Done>;
  /** Cuttings of pieces bonded from the front, and from the back. */
  readonly bonded: ReadonlyByAttempt<Done>;
  readonly bondedBack: ReadonlyByAttempt<Done>;
  /** Pieces that did not hold at once, by cutting. */
  readonly again: ReadonlyByAttempt<PressedAgain>;
  readonly checked: ReadonlySet<string>;
  readonly packed: ReadonlySet<string>;
  /** Blanks that went with what was spoiled, by item. */
  readonly lost: ReadonlyMap<string, number>;
  /** Passes that were made and taken back: whatever lies in them is not made. */
  readonly unmade: ReadonlySet<string>;
}

/** Folds a whole ledger, undone acts left out. One pass over the deeds. */
export function foldActs(acts: readonly Act[]): LedgerState {
  return new Folding(null).with(actsInForce(acts));
}

/**
 * What a ledger comes to that goes on from one that was folded; null when one of the new acts takes an earlier one back, since then all
 * has to be folded anew. The state before stays as it is: only what the new acts change is copied.
 */
export function foldFurther(before: LedgerState, acts: readonly Act[]): LedgerState | null {
  const takesBack = acts.some(({ deeds }) => deeds.some(({ kind }) => kind === 'undone'));
  return takesBack ? null : new Folding(before as Parts).with(acts);
}

interface Parts {
  spoiled: ByAttempt<string>;
  cut: ByAttempt<Done>;
  weeded: ByAttempt<Done>;
  bonded: ByAttempt<Done>;
  bondedBack: ByAttempt<Done>;
  again: ByAttempt<PressedAgain>;
  checked: Set<string>;
  packed: Set<string>;
  lost: Map<string, number>;
  unmade: Set<string>;
}

function emptyParts(): Parts {
  return {
    spoiled: new ByAttempt(),
    cut: new ByAttempt(),
    weeded: new ByAttempt(),
    bonded: new ByAttempt(),
    bondedBack: new ByAttempt(),
    again: new ByAttempt(),
    checked: new Set(),
    packed: new Set(),
    lost: new Map(),
    unmade: new Set(),
  };
}

function copyOf<P>(part: P): P {
  if (part instanceof ByAttempt) return new ByAttempt(part) as P;
  return (part instanceof Set ? new Set(part) : new Map(part as Map<string, unknown>)) as P;
}

/** A state as it is folded. Parts of one that others hold are copied when they are first changed. */
class Folding implements EffectTaker {
  readonly #parts: Parts;
  readonly #shared: Set<keyof Parts>;

  constructor(before: Parts | null) {
    this.#parts = before ? { ...before } : emptyParts();
    this.#shared = new Set(before ? (Object.keys(before) as (keyof Parts)[]) : []);
  }

  with(acts: readonly Act[]): LedgerState {
    for (const { deeds, unmade } of acts) {
      for (const deed of deeds) tellEffects(deed, this);
      for (const passId of unmade ?? []) this.unmake(passId);
    }
    return this.#parts;
  }

  reach(stage: 'cut' | 'weeded', pieceId: string, attempt: number): void {
    this.#own(stage).set(pieceId, attempt, true);
  }

  bond(bond: Parameters<EffectTaker['bond']>[0]): void {
    const pieceId = pieceIdOfBond(bond);
    const attempt = bond.attempt ?? currentAttempt(this.#parts, pieceId);
    this.#own(bond.face === 'front' ? 'bonded' : 'bondedBack').set(pieceId, attempt, true);
  }

  /** What does not hold is as far as before it was pressed, and its item neither checked nor packed. */
  repress(again: Parameters<EffectTaker['repress']>[0]): void {
    const { attempt, itemId, seconds } = again;
    const pieceId = pieceIdOfBond(again);
    const before = this.#parts.again.get(pieceId, attempt) ?? { times: 0, seconds: 0 };
    this.#own('again').set(pieceId, attempt, { times: before.times + 1, seconds: before.seconds + seconds });
    // What lay in the press was weeded, whether that had been marked or not.
    this.#own('weeded').set(pieceId, attempt, true);
    this.#own('bonded').delete(pieceId, attempt);
    this.#unmark(itemId);
  }

  mark(mark: 'checked' | 'packed', itemId: string): void {
    this.#own(mark).add(itemId);
  }

  /** The next cutting of a spoiled piece is not bonded, and its item is neither checked nor packed any more. */
  spoil(pieceId: string, attempt: number, reason: string): void {
    // Spoiling the same cutting twice (two stations saw it) must not cost a second recut.
    if (this.#parts.spoiled.has(pieceId, attempt)) return;
    this.#own('spoiled').set(pieceId, attempt, reason);
    const itemId = readPieceId(pieceId)?.itemId;
    if (itemId !== undefined) this.#unmark(itemId);
  }

  lose(itemId: string): void {
    this.#own('lost').set(itemId, (this.#parts.lost.get(itemId) ?? 0) + 1);
  }

  unmake(passId: string): void {
    this.#own('unmade').add(passId);
  }

  undo(): void {}

  #unmark(itemId: string): void {
    this.#own('checked').delete(itemId);
    this.#own('packed').delete(itemId);
  }

  #own<K extends keyof Parts>(name: K): Parts[K] {
    if (this.#shared.delete(name)) this.#parts[name] = copyOf(this.#parts[name]);
    return this.#parts[name];
  }
}

/** Which cutting of a piece counts now: the first that was not spoiled. */
export function currentAttempt(state: Pick<LedgerState, 'spoiled'>, pieceId: string): number {
  let attempt = 1;
  while (state.spoiled.has(pieceId, attempt)) attempt++;
  return attempt;
}

/** How far the current cutting of a piece is; a later stage includes the earlier ones. Null: not cut yet. */
export function pieceStage(state: LedgerState, pieceId: string): PieceStage | null {
  return stageOfCutting(state, pieceId, currentAttempt(state, pieceId));
}

/** How far one cutting of a piece is. */
export function stageOfCutting(state: LedgerState, pieceId: string, attempt: number): PieceStage | null {
  if (state.bonded.has(pieceId, attempt)) return 'bonded';
  if (state.weeded.has(pieceId, attempt)) return 'weeded';
  return state.cut.has(pieceId, attempt) ? 'cut' : null;
}

/** Whether some mark in force says that this cutting was in hand: it was cut, weeded, bonded, lost, or its item checked or packed with it. */
export function isMarked(state: LedgerState, pieceId: string, attempt: number): boolean {
  if (state.spoiled.has(pieceId, attempt)) return true;
  if (state.cut.has(pieceId, attempt) || state.weeded.has(pieceId, attempt)) return true;
  if (state.bonded.has(pieceId, attempt) || state.bondedBack.has(pieceId, attempt)) return true;
  const itemId = readPieceId(pieceId)?.itemId ?? pieceId;
  return currentAttempt(state, pieceId) === attempt && itemMarks(state, itemId).isChecked;
}

export interface ItemMark {
  readonly isChecked: boolean;
  readonly isPacked: boolean;
}

/** Packed includes checked. */
export function itemMarks(state: LedgerState, itemId: string): ItemMark {
  const isPacked = state.packed.has(itemId);
  return { isChecked: isPacked || state.checked.has(itemId), isPacked };
}
