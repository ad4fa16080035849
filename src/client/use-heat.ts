'use client';

import { useMemo } from 'react';
import { HEATERS, type Heater } from '@/core/shop';
import { type HeatUnit, formatHeat, heatWord } from '@/core/units';
import { useBrowserSetting } from './browser-setting';

const UNITS: readonly HeatUnit[] = ['celsius', 'fahrenheit'];

export interface Heats {
  readonly unit: HeatUnit;
  readonly setUnit: (unit: HeatUnit) => void;
  /** `°C` or `°F`. */
  readonly word: string;
  /** `150 °C`, never more than what is meant. */
  readonly heat: (celsius: number) => string;
}

/** How heat is shown at this station. Cards keep degrees Celsius whichever is chosen. */
export function useHeat(): Heats {
  const [unit, setUnit] = useBrowserSetting('heat-unit', UNITS, 'celsius');
  return useMemo(() => {
    const word = heatWord(unit);
    return { unit, setUnit, word, heat: (celsius) => `${formatHeat(celsius, unit)} ${word}` };
  }, [unit, setUnit]);
}

/** What this station presses with. */
export function useHeater(): readonly [Heater, (heater: Heater) => void] {
  return useBrowserSetting('heater', HEATERS, 'clamshell');
}
