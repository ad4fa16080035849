import type { Wording, WordingRun } from './run-spec';

/** The colour slots that the letters of a part have: its own, and that of its single letters. */
export function slotsOfRun({ slot, letter }: Pick<WordingRun, 'slot' | 'letter'>): readonly string[] {
  return letter ? [slot, letter.slot] : [slot];
}

/** Every colour slot that a wording says something in; none where it says nothing. */
export function slotsSaid(wording: Wording | null): ReadonlySet<string> {
  return new Set(wording?.lines.flatMap(({ runs }) => runs.flatMap(slotsOfRun)));
}
