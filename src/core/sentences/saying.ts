import { type HeatUnit, type LengthUnit, formatApart, formatHeat, formatLength, heatWord, unitWord } from '../units';

/** In which units something is said; what is kept and cut is in millimetres and degrees Celsius whichever they are. */
export interface Units {
  readonly length: LengthUnit;
  readonly heat: HeatUnit;
}

export const METRIC: Units = { length: 'mm', heat: 'celsius' };

/** Figures with their units. */
export interface Saying {
  readonly length: (mm: number) => string;
  readonly pair: (widthMm: number, heightMm: number) => string;
  /** A figure and its limit, so that their difference is seen. */
  readonly apart: (mm: number, limitMm: number, decimals?: number) => readonly [figure: string, limit: string];
  readonly heat: (celsius: number) => string;
}

export function sayingIn({ length: unit, heat }: Units): Saying {
  const word = unitWord(unit);
  const figure = (mm: number, decimals = 1) => formatLength(mm, unit, decimals);
  return {
    length: (mm) => `${figure(mm)} ${word}`,
    pair: (widthMm, heightMm) => `${figure(widthMm)} × ${figure(heightMm)} ${word}`,
    apart: (mm, limitMm, decimals = 1) => {
      const [one, limit] = formatApart(mm, limitMm, decimals, figure);
      return [`${one} ${word}`, `${limit} ${word}`];
    },
    heat: (celsius) => `${formatHeat(celsius, heat)} ${heatWord(heat)}`,
  };
}
