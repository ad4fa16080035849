import { type Clock, type Countdown, type InPress, nextClock } from '@/core/countdown';
import type { Deed, AgainReason } from '@/core/ledger';
import { type PlacePress, type PressAnswer, clocksOf, heatedSecondsOf, pressPlace } from '@/core/press';
import { type Heater, stagesOf } from '@/core/shop';
import type { RunSpec } from '@/core/spec';
import type { BenchItem } from '@/services';
import { bondedOf } from './bench-stages';
import { type ItemPlace, itemPlaces, layersOf } from './item-places';

/** A place of the item in hand with how it is pressed. */
export interface PressedAt {
  readonly at: ItemPlace;
  readonly presses: readonly PlacePress[];
}

export function pressesOf(spec: RunSpec, item: BenchItem, heater: Heater): readonly PressedAt[] {
  return itemPlaces(spec, item).map((at) => {
    const { blank, measured } = at.place;
    const materials = layersOf(at.pieces);
    return { at, presses: pressPlace({ materials, blank, measured, ink: null, heater, cards: spec.shop.cards }) };
  });
}

export interface ClockAt {
  readonly clock: Clock;
  readonly placeId: string;
}

/** What the item in hand waits for next: of its places the first that is not bonded yet; null when all its clocks have been started. */
export function nextClockOf(
  places: readonly PressedAt[],
  item: BenchItem,
  countdowns: readonly Countdown[],
): ClockAt | null {
  for (const { at, presses } of places) {
    const [piece] = at.pieces;
    if (!piece || at.pieces.every(({ stage }) => stage === 'bonded')) continue;
    const clock = nextClock(clocksOf(presses), countdowns, inPressAt(item, piece.placeId));
    if (clock) return { clock, placeId: piece.placeId };
  }
  return null;
}

/** Those of the picked items that have this place: they lie in the press together. */
export function inPressOf(picked: readonly BenchItem[], placeId: string): InPress[] {
  return picked
    .filter(({ pieces }) => pieces.some((piece) => piece.placeId === placeId))
    .map((item) => inPressAt(item, placeId));
}

/** A place of layers is as new as its newest cutting. */
function inPressAt({ itemId, pieces }: BenchItem, placeId: string): InPress {
  const attempts = pieces.filter((piece) => piece.placeId === placeId).map(({ attempt }) => attempt);
  return { itemId, placeId, attempt: Math.max(1, ...attempts) };
}

type Pressed = Extract<PressAnswer, { kind: 'press' }>;

/** A film of a place that can be pressed once more. */
export interface AgainOption {
  readonly placeId: string;
  readonly placeName: string;
  readonly film: string;
  readonly answer: Pressed;
  /** Heat that it has had: its own, and that of what was pressed over it. */
  readonly heatedSeconds: number;
  readonly pieces: ItemPlace['pieces'];
  readonly at: ItemPlace;
}

/** The films of an item that may have lain in the press, the last one laid first: what does not hold is mostly that. */
export function againOptions(item: Pick<BenchItem, 'stage'>, places: readonly PressedAt[]): readonly AgainOption[] {
  return places
    .flatMap(({ at, presses }) =>
      presses.flatMap(({ materialName: film, answer }, i): AgainOption[] => {
        const pieces = at.pieces.filter((piece) => piece.materialName === film && mayLieInPress(item, piece));
        if (answer.kind !== 'press' || !pieces[0]) return [];
        const { placeId, placeName } = pieces[0];
        const over = presses.slice(i + 1).filter(({ materialName }) => isBonded(item, at, materialName));
        const heatedSeconds = heatedSecondsOf([presses[i]!, ...over]);
        return [{ placeId, placeName, film, answer, heatedSeconds, pieces, at }];
      }),
    )
    .reverse();
}

function isBonded({ stage }: Pick<BenchItem, 'stage'>, { pieces }: ItemPlace, film: string): boolean {
  const own = pieces.filter(({ materialName }) => materialName === film);
  return stage === 'checked' || stage === 'packed' || own.some((piece) => piece.stage === 'bonded');
}

/** What is cut and not weeded yet was never under it; an item that is checked was, whatever of it was marked. */
function mayLieInPress({ stage }: Pick<BenchItem, 'stage'>, piece: BenchItem['pieces'][number]): boolean {
  if (stage === 'checked' || stage === 'packed') return true;
  return piece.stage === 'weeded' || piece.stage === 'bonded' || !stagesOf(piece.process).includes('weeded');
}

export function againDeed(item: BenchItem, { placeId, pieces }: AgainOption, why: AgainReason, seconds: number): Deed {
  return {
    kind: 'pressedAgain',
    itemId: item.itemId,
    placeId,
    ...bondedOf(pieces),
    why,
    seconds,
  };
}
