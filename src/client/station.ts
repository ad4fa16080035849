import { makeId } from '@/core/ids';
import { randomBytes } from './random-bytes';

const KEY = 'knurl-station';

export const STATION_NAME = 'station-name';

/** How this station is called in the workshop; empty where nobody said. */
export function stationName(): string {
  return localStorage.getItem(`knurl-${STATION_NAME}`)?.trim() ?? '';
}

/** This browser's name in the ledger: made once and kept, so that undo finds its own acts after a restart. */
export function stationId(): string {
  const known = localStorage.getItem(KEY);
  if (known) return known;
  const id = makeId<'station'>(randomBytes);
  localStorage.setItem(KEY, id);
  return id;
}
