import {
  type Copy,
  type FabricClass,
  type Heater,
  type Material,
  type PressCard,
  type Process,
  fabricFacts,
  processFacts,
  processOf,
} from '../shop';

export interface PressQuestion {
  readonly material: Pick<Material, 'kind' | 'open'>;
  /** Null: nobody has said what it is. */
  readonly fabric: FabricClass | null;
  /** What the blank itself bears, by its label; null: not known. */
  readonly bearsC: number | null;
  /** What a film bears that is on already, where this one is pressed; left out where none is. */
  readonly belowBearsC?: number | null;
  readonly heater: Heater;
  readonly cards: readonly Copy<PressCard>[];
}

/** What a value is held below. */
export type HeatLimit = { readonly of: 'film' | 'fabric' | 'blank' | 'film below'; readonly ceilingC: number };

export type PressAnswer =
  | {
      readonly kind: 'press';
      readonly cardId: string;
      readonly card: PressCard;
      /** Never above a ceiling. */
      readonly heatC: number;
      /** What keeps it below the card's own value; null where nothing does. */
      readonly loweredBy: HeatLimit | null;
      /** The fabric that the card is for, where it is not this one. */
      readonly borrowedFrom: FabricClass | null;
      /** Other cards that somebody kept for the very same; nobody has said which of them holds. */
      readonly others: readonly string[];
      /** A trial spot comes first: the card is borrowed, the heat lowered, or nobody knows what the blank bears. */
      readonly isTrialFirst: boolean;
    }
  /** Even the least of the usual range is more than something bears. */
  | { readonly kind: 'tooHot'; readonly card: PressCard; readonly limit: HeatLimit }
  | { readonly kind: 'askFabric' }
  /** Only its colour is said: films of one colour are not pressed alike. */
  | { readonly kind: 'filmOpen' }
  /** Nobody knows a card for this film on anything like this fabric with this heater. */
  | { readonly kind: 'noCard'; readonly material: PressQuestion['material'] }
  /** It is glued, tied, or sticks by itself. */
  | { readonly kind: 'withoutHeat'; readonly process: Process };

/** The fabrics whose cards are nearest, the nearest first. */
const NEAREST: Record<FabricClass, readonly FabricClass[]> = {
  cotton: ['linen', 'polyCotton', 'polyester'],
  linen: ['cotton', 'polyCotton', 'polyester'],
  polyCotton: ['cotton', 'polyester'],
  polyester: ['polyCotton', 'cotton'],
  nylon: ['leatherette', 'polyester', 'polyCotton', 'cotton'],
  acrylicPile: ['nylon', 'wool', 'polyester', 'cotton'],
  wool: ['cotton', 'polyester'],
  leatherette: ['nylon', 'polyester', 'cotton'],
  hardCoated: [],
  other: ['cotton', 'polyester'],
};

/**
 * How a film is pressed on a blank: its card, or the nearest fabric's, and the heat that nothing forbids. The makers' sheets win over
 * all of it.
 */
export function pressFor(question: PressQuestion): PressAnswer {
  const { material, fabric, cards, heater } = question;
  const process = processOf(material);
  if (processFacts(process).bondedWord !== 'pressed') return { kind: 'withoutHeat', process };
  if (material.open) return { kind: 'filmOpen' };
  if (fabric === null) return { kind: 'askFabric' };
  const mine = cards.filter(({ value }) => value.kind === material.kind && value.heater === heater).sort(ownFirst);
  const found = [fabric, ...NEAREST[fabric]]
    .map((at) => mine.find(({ value }) => value.fabric === at))
    .find((one) => one !== undefined);
  if (!found) return { kind: 'noCard', material };
  const card = found.value;
  const limit = lowestLimit(card, question);
  if (limit.ceilingC < card.heatC.least) return { kind: 'tooHot', card, limit };
  const isLowered = limit.ceilingC < card.heatC.chosen;
  const borrowedFrom = card.fabric === fabric ? null : card.fabric;
  const bears = question.bearsC ?? fabricFacts(fabric).bearsC;
  return {
    kind: 'press',
    cardId: found.id,
    card,
    heatC: Math.min(card.heatC.chosen, limit.ceilingC),
    loweredBy: isLowered ? limit : null,
    borrowedFrom,
    others: mine.filter((one) => isRival(one, found)).map(({ value }) => value.name),
    isTrialFirst: isLowered || borrowedFrom !== null || bears === null,
  };
}

/** Of several for the same: what somebody kept goes before what a bare shop begins with; among those their order. */
const ownFirst = (a: Copy<PressCard>, b: Copy<PressCard>) => Number(a.fromRev === null) - Number(b.fromRev === null);

const isRival = (one: Copy<PressCard>, taken: Copy<PressCard>) =>
  one !== taken && one.fromRev !== null && one.value.fabric === taken.value.fabric;

/** A blank that says what its fabric bears anyway says nothing of its own; one that says otherwise is believed. */
function lowestLimit(card: PressCard, { fabric, bearsC, belowBearsC = null }: PressQuestion): HeatLimit {
  const usual = fabric === null ? null : fabricFacts(fabric).bearsC;
  const once = fabric === null ? null : usualLimitC(fabric, card);
  const limits: HeatLimit[] = [{ of: 'film', ceilingC: card.ceilingC }];
  if (belowBearsC !== null) limits.push({ of: 'film below', ceilingC: belowBearsC });
  if (bearsC !== null && bearsC !== usual) limits.push({ of: 'blank', ceilingC: bearsC });
  else if (once !== null) limits.push({ of: 'fabric', ceilingC: once });
  return limits.reduce((lowest, one) => (one.ceilingC < lowest.ceilingC ? one : lowest));
}

/** Transfer ink goes into polyester at one heat that it bears once; a film would be pressed at it for nothing. */
const INK_ONCE_C = 205;

function usualLimitC(fabric: FabricClass, { kind }: PressCard): number | null {
  return kind === 'inkSheet' && fabric === 'polyester' ? INK_ONCE_C : fabricFacts(fabric).bearsC;
}
