import type { OpenPass } from '@/services';

/** What is open in a pass before it is made, a sentence part for each kind; empty when nothing is. */
export function openWords({ numPieces, notReleased, notProofed, checks }: Omit<OpenPass, 'no'>): readonly string[] {
  const told = [
    [notReleased, 'released', 'not released'],
    [notProofed, 'ticked on the proof', 'not ticked on the proof'],
    [checks, null, 'with an open check'],
  ] as const;
  return told.flatMap(([{ num, texts }, all, some]) => {
    if (num === 0) return [];
    if (all !== null && num === numPieces) return numPieces === 1 ? `It is not ${all}` : `None of it is ${all}`;
    const rest = num - texts.length;
    return `${num} ${some}: ${texts.join(', ')}${rest > 0 ? ` and ${rest} more` : ''}`;
  });
}

/** `Make pass 2 of these 12?` */
export function makeQuestion(passes: readonly Pick<OpenPass, 'no' | 'numPieces'>[]): string {
  const [only] = passes;
  if (passes.length === 1 && only) {
    return only.numPieces === 1
      ? `Make pass ${only.no} of this one?`
      : `Make pass ${only.no} of these ${only.numPieces}?`;
  }
  const pieces = passes.reduce((sum, { numPieces }) => sum + numPieces, 0);
  return `Make passes ${numbersOf(passes)} of these ${pieces}?`;
}

/** `pass 2`, `passes 2, 3` */
export function passesNamed(passes: readonly Pick<OpenPass, 'no'>[]): string {
  return `${passes.length === 1 ? 'pass' : 'passes'} ${numbersOf(passes)}`;
}

function numbersOf(passes: readonly Pick<OpenPass, 'no'>[]): string {
  return passes.map(({ no }) => no).join(', ');
}
