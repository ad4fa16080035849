import type { Clock } from '../countdown';
import type { PlacePress } from './press-place';
import type { PressStep } from './press-steps';

const HOUR_SECONDS = 3600;

/** The clock of a step; null where it takes what it takes, or no time at all. */
export function clockOf(step: PressStep, film: string): Clock | null {
  if ('seconds' in step && step.seconds <= 0) return null;
  switch (step.kind) {
    case 'dryOut':
    case 'press':
    case 'cool':
      return { kind: step.kind, film, seconds: step.seconds, isOptional: false };
    case 'backSide':
      return { kind: 'backSide', film, seconds: step.seconds, isOptional: step.isAsSheetSays };
    case 'cure':
      // It may be packed before: only who washes it has to know.
      return { kind: 'cure', film, seconds: step.hours * HOUR_SECONDS, isOptional: true };
    default:
      return null;
  }
}

/** Everything of a place that has its time, in the order of doing. */
export function clocksOf(presses: readonly PlacePress[]): readonly Clock[] {
  return presses.flatMap(({ materialName, steps }) => steps.flatMap((step) => clockOf(step, materialName) ?? []));
}
