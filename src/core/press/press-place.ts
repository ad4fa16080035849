import {
  type Blank,
  type Copy,
  type Heater,
  type Material,
  type MeasuredPlace,
  type PressCard,
  processFacts,
  processOf,
} from '../shop';
import { type PressAnswer, pressFor } from './press-for';
import { type InkSize, type PressStep, pressSteps, stepsWithoutHeat } from './press-steps';

/** How one film of a place is pressed; several in the order in which they lie, the lowest first. */
export interface PlacePress {
  readonly materialName: string;
  readonly answer: PressAnswer;
  /** In the order of doing; empty where it cannot be said. */
  readonly steps: readonly PressStep[];
  /** The film that follows it; null for the last. */
  readonly followedBy: string | null;
  /** Heat that it gets in all, with what follows, where that is more than it bears. */
  readonly tooLong: { readonly seconds: number; readonly most: number } | null;
}

export interface PressedPlace {
  /** What is cut for it, bottom up. */
  readonly materials: readonly Pick<Material, 'name' | 'kind' | 'open'>[];
  readonly blank: Pick<Blank, 'fabricClass' | 'bearsC' | 'thicknessMm'>;
  readonly measured: Pick<MeasuredPlace, 'clear'>;
  /** Null while it is not known. */
  readonly ink: InkSize | null;
  readonly heater: Heater;
  readonly cards: readonly Copy<PressCard>[];
}

/** A seam, a zip or a button beside the place would hold the platen off it, and so does what is thick. */
const THICK_MM = 4;

/**
 * Each material once: what is cut in several layers of one film is pressed by one card. All but the last are only tacked, and none gets
 * more heat than those bear that are on already.
 */
export function pressPlace({ materials, blank, measured, ink, heater, cards }: PressedPlace): readonly PlacePress[] {
  const wantsPad = measured.clear.length > 0 || blank.thicknessMm >= THICK_MM;
  const { fabricClass: fabric, bearsC } = blank;
  const once = materials.filter((one, i) => materials.findIndex(({ name }) => name === one.name) === i);
  const isPressed = (material: Pick<Material, 'kind'>) => processFacts(processOf(material)).bondedWord === 'pressed';
  let belowBearsC: number | null = null;
  const presses = once.map((material, i): Omit<PlacePress, 'tooLong'> => {
    const answer = pressFor({ material, fabric, bearsC, belowBearsC, heater, cards });
    if (answer.kind === 'press') belowBearsC = Math.min(belowBearsC ?? Infinity, answer.card.ceilingC);
    const next = isPressed(material) ? once.slice(i + 1).find(isPressed) : undefined;
    const steps = stepsOf(answer, { wantsPad, ink, isFollowed: next !== undefined });
    return { materialName: material.name, answer, steps, followedBy: next?.name ?? null };
  });
  return presses.map((press, i) => ({ ...press, tooLong: tooLong(presses.slice(i)) }));
}

/** The first of these films under all of them. */
function tooLong(presses: readonly Omit<PlacePress, 'tooLong'>[]): PlacePress['tooLong'] {
  const answer = presses.at(0)?.answer;
  if (answer?.kind !== 'press') return null;
  const seconds = heatedSecondsOf(presses);
  return seconds > answer.card.mostSeconds ? { seconds, most: answer.card.mostSeconds } : null;
}

/** How long the heat of these lasts in all: what is below them gets it, too. */
export function heatedSecondsOf(presses: readonly Pick<PlacePress, 'steps'>[]): number {
  return presses.flatMap(({ steps }) => steps).reduce((sum, step) => sum + heatedSeconds(step), 0);
}

function heatedSeconds(step: PressStep): number {
  return step.kind === 'press' || (step.kind === 'backSide' && !step.isAsSheetSays) ? step.seconds : 0;
}

interface Wanted {
  readonly wantsPad: boolean;
  readonly ink: InkSize | null;
  readonly isFollowed: boolean;
}

function stepsOf(answer: PressAnswer, { wantsPad, ink, isFollowed }: Wanted): readonly PressStep[] {
  if (answer.kind === 'withoutHeat') return stepsWithoutHeat(answer.process, ink);
  const { kind } = answer;
  return kind === 'press' ? pressSteps({ card: answer.card, heatC: answer.heatC, wantsPad, isFollowed }) : [];
}

/** What is set at the press, as it is done: a film that another follows is pressed for less. Null where nothing is pressed. */
export function setAtPress({ answer, steps }: Pick<PlacePress, 'answer' | 'steps'>) {
  if (answer.kind !== 'press') return null;
  const { card, heatC } = answer;
  const pressed = steps.find((step) => step.kind === 'press');
  const peeled = steps.find((step) => step.kind === 'peel');
  return {
    heatC,
    seconds: pressed?.seconds ?? card.seconds.chosen,
    isTack: pressed?.isTack ?? false,
    pressure: card.pressure,
    cover: card.cover,
    peels: peeled?.peels ?? card.peels,
    hasPad: steps.some(({ kind }) => kind === 'pad'),
  };
}
