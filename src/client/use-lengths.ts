'use client';

import { useMemo } from 'react';
import {
  type LengthUnit,
  exactDecimals,
  formatApart,
  formatAtLeast,
  formatLength,
  unitWord,
  writeInches,
} from '@/core/units';
import { useBrowserSetting } from './browser-setting';

const UNITS: readonly LengthUnit[] = ['mm', 'inch'];

export interface Lengths {
  readonly unit: LengthUnit;
  readonly setUnit: (unit: LengthUnit) => void;
  /** `mm` or `in`, to be put behind figures. */
  readonly word: string;
  /** A figure without its unit. */
  readonly figure: (mm: number, decimals?: number) => string;
  /** The same with as many decimals as it takes to differ from a limit. */
  readonly apart: (mm: number, limitMm: number, decimals: number) => string;
  /** With its unit, and never pulled onto the ruler's grid: for dimension lines. */
  readonly exact: (mm: number) => string;
  /** A figure for what has to be cut off: on a ruler, and never less. */
  readonly atLeast: (mm: number) => string;
  /** `180 × 46 mm`, width before height. */
  readonly pair: (widthMm: number, heightMm: number, decimals?: number) => string;
}

/** How lengths are shown and typed in this browser. What is kept and cut is in millimetres whichever is chosen. */
export function useLengths(): Lengths {
  const [unit, setUnit] = useBrowserSetting('length-unit', UNITS, 'mm');
  return useMemo(() => {
    const word = unitWord(unit);
    const figure = (mm: number, decimals = 1) => formatLength(mm, unit, decimals);
    const pair = (widthMm: number, heightMm: number, decimals = 1) =>
      `${figure(widthMm, decimals)} × ${figure(heightMm, decimals)} ${word}`;
    const exact = (mm: number) =>
      `${unit === 'inch' ? writeInches(mm) : formatLength(mm, unit, exactDecimals(mm))} ${word}`;
    const apart = (mm: number, limitMm: number, decimals: number) => formatApart(mm, limitMm, decimals, figure)[0];
    return { unit, setUnit, word, figure, apart, exact, atLeast: (mm) => formatAtLeast(mm, unit), pair };
  }, [unit, setUnit]);
}
