import type { Blank, Copy, Heater, Material, MeasuredPlace, PressCard } from '../shop';
import { type PressAnswer, pressFor } from './press-for';
import { type InkSize, type PressStep, pressSteps, stepsWithoutHeat } from './press-steps';

/** How one film of a place is pressed; several in the order in which they lie, the lowest first. */
export interface PlacePress {
  readonly materialName: string;
  readonly answer: PressAnswer;
  /** In the order of doing; empty where it cannot be said. */
  readonly steps: readonly PressStep[];
}

export interface PressedPlace {
  /** What is cut for it, bottom up. */
  readonly materials: readonly Pick<Material, 'name' | 'kind'>[];
  readonly blank: Pick<Blank, 'fabricClass' | 'bearsC' | 'thicknessMm'>;
  readonly measured: Pick<MeasuredPlace, 'clear'>;
  /** Null while it is not known. */
  readonly ink: InkSize | null;
  readonly heater: Heater;
  readonly cards: readonly Copy<PressCard>[];
}

/** A seam, a zip or a button beside the place would hold the platen off it, and so does what is thick. */
const THICK_MM = 4;

/** Each material once: what is cut in several layers of one film is pressed by one card. */
export function pressPlace({ materials, blank, measured, ink, heater, cards }: PressedPlace): readonly PlacePress[] {
  const wantsPad = measured.clear.length > 0 || blank.thicknessMm >= THICK_MM;
  const { fabricClass: fabric, bearsC } = blank;
  const once = materials.filter((one, i) => materials.findIndex(({ name }) => name === one.name) === i);
  return once.map((material) => {
    const answer = pressFor({ material, fabric, bearsC, heater, cards });
    const steps = stepsOf(answer, wantsPad, ink);
    return { materialName: material.name, answer, steps };
  });
}

function stepsOf(answer: PressAnswer, wantsPad: boolean, ink: InkSize | null): readonly PressStep[] {
  if (answer.kind === 'withoutHeat') return stepsWithoutHeat(answer.process, ink);
  return answer.kind === 'press' ? pressSteps({ card: answer.card, heatC: answer.heatC, wantsPad }) : [];
}
