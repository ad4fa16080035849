import type { Peel, PressCard, Process } from '../shop';

/** What is done for one press, in its order; seconds where a clock is wanted. */
export type PressStep =
  | { readonly kind: 'dryOut'; readonly seconds: number }
  | { readonly kind: 'pad' }
  | { readonly kind: 'place' }
  | { readonly kind: 'cover'; readonly cover: Exclude<PressCard['cover'], 'none'> }
  | {
      readonly kind: 'press';
      readonly heatC: number;
      readonly seconds: number;
      readonly pressure: PressCard['pressure'];
      /** Only so that it holds: a layer follows, and the last is pressed in full. */
      readonly isTack: boolean;
    }
  | { readonly kind: 'cool'; readonly seconds: number }
  | { readonly kind: 'peel'; readonly peels: readonly Peel[] }
  | { readonly kind: 'backSide'; readonly seconds: number; readonly isAsSheetSays: boolean }
  | { readonly kind: 'clean' | 'burnish' | 'lift' | 'lay' | 'burnishDown' | 'peelTape' | 'glue' | 'tie' }
  /** Transfer tape for this piece; null while its size is not known. */
  | { readonly kind: 'tape'; readonly size: InkSize | null }
  | { readonly kind: 'cure'; readonly hours: number };

/** As it lies. */
export interface InkSize {
  readonly widthMm: number;
  readonly heightMm: number;
}

export interface PressedWith {
  readonly card: PressCard;
  readonly heatC: number;
  /** Goods with seams, zips or buttons near the place, or thick ones, want a pad. */
  readonly wantsPad: boolean;
  /** Another film follows. */
  readonly isFollowed?: boolean;
}

/** Until a hand feels no warmth any more, on a bare surface. The film decides: it is a time to come back after. */
const COOL_SECONDS = 60;

/** What goes under the back when its sheet says nothing more: a fifth of the front's time. */
const BACK_SHARE = 0.2;

/** Of the full time, for a film that another one follows. */
const TACK_SHARE = 1 / 3;

export function pressSteps({ card, heatC, wantsPad, isFollowed = false }: PressedWith): readonly PressStep[] {
  const { pressure, dryOutSeconds, cover } = card;
  const seconds = isFollowed ? Math.ceil(TACK_SHARE * card.seconds.chosen) : card.seconds.chosen;
  const peels = isFollowed ? peelsBeforeNext(card.peels) : card.peels;
  const backSide = isFollowed ? 'never' : card.backSide;
  const steps: PressStep[] = [];
  if (dryOutSeconds > 0) steps.push({ kind: 'dryOut', seconds: dryOutSeconds });
  if (wantsPad) steps.push({ kind: 'pad' });
  steps.push({ kind: 'place' });
  if (cover !== 'none') steps.push({ kind: 'cover', cover });
  steps.push({ kind: 'press', heatC, seconds, pressure, isTack: isFollowed });
  if (peels.every((peel) => peel === 'cold')) steps.push({ kind: 'cool', seconds: COOL_SECONDS });
  steps.push({ kind: 'peel', peels });
  if (backSide !== 'never') {
    const share = backSide === 'full' ? 1 : BACK_SHARE;
    const isAsSheetSays = backSide === 'asSheetSays';
    steps.push({ kind: 'backSide', seconds: Math.ceil(share * seconds), isAsSheetSays });
  }
  return steps;
}

/** What is only tacked comes off its carrier warm, however cold it would be peeled in the end. */
function peelsBeforeNext(peels: readonly Peel[]): readonly Peel[] {
  return peels.every((peel) => peel === 'cold') ? ['warm'] : peels;
}

/** So much of the tape lies beyond the ink on every side, to hold it by. */
const TAPE_AROUND_MM = 10;

/** Before it is washed, or put where it gets wet. */
const CURE_HOURS = 48;

/** What is done where nothing is pressed. */
export function stepsWithoutHeat(process: Process, ink: InkSize | null): readonly PressStep[] {
  if (process === 'card') return [{ kind: 'glue' }];
  if (process === 'tag') return [{ kind: 'tie' }];
  const around = 2 * TAPE_AROUND_MM;
  const size = ink && { widthMm: ink.widthMm + around, heightMm: ink.heightMm + around };
  return [
    { kind: 'clean' },
    { kind: 'tape', size },
    { kind: 'burnish' },
    { kind: 'lift' },
    { kind: 'lay' },
    { kind: 'burnishDown' },
    { kind: 'peelTape' },
    { kind: 'cure', hours: CURE_HOURS },
  ];
}
