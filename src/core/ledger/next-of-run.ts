import type { Tally } from './item-work';

/** The one thing that is next in a run, and for how many items or, of what is cut again, pieces. */
export interface NextOfRun {
  readonly kind: 'empty' | 'recut' | 'cut' | 'putOn' | 'check' | 'pack' | 'done';
  readonly num: number;
}

/** What was lost comes first, since others wait for it; then the earliest stage that some item has not come to. */
export function nextOfRun({ items, cut, bonded, checked, packed, recuts }: Tally): NextOfRun {
  if (items === 0) return { kind: 'empty', num: 0 };
  if (recuts > 0) return { kind: 'recut', num: recuts };
  const open = [
    ['cut', items - cut],
    ['putOn', items - bonded],
    ['check', items - checked],
    ['pack', items - packed],
  ] as const;
  const [kind, num] = open.find(([, left]) => left > 0) ?? (['done', 0] as const);
  return { kind, num };
}
