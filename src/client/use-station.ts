'use client';

import type { Paper } from '@/core/place';
import { STATION_NAME } from './station';
import { useBrowserSetting, useBrowserText } from './browser-setting';

const PAPER_IDS: readonly Paper[] = ['a4', 'letter'];
const WEEKDAYS = ['monday', 'sunday', 'saturday'] as const;
export type FirstDay = (typeof WEEKDAYS)[number];

/** What this station prints on. */
export function usePaper(): readonly [Paper, (paper: Paper) => void] {
  return useBrowserSetting('paper', PAPER_IDS, 'a4');
}

/** The day that a week begins with. */
export function useFirstDay(): readonly [FirstDay, (day: FirstDay) => void] {
  return useBrowserSetting('first-day', WEEKDAYS, 'monday');
}

/** Three capitals; what is bought is priced in it from now on. */
export function useCurrency(): readonly [string, (currency: string) => void] {
  const [kept, set] = useBrowserText('currency');
  return [/^[A-Z]{3}$/.test(kept) ? kept : 'EUR', set];
}

/** How this station is called in what it records; empty: by nothing. */
export function useStationName(): readonly [string, (name: string) => void] {
  return useBrowserText(STATION_NAME);
}
