import type { Anchor9 } from '@/core/run';

const ANCHOR_WORDS: Record<Anchor9, string> = {
  topLeft: 'top left',
  top: 'top',
  topRight: 'top right',
  left: 'left',
  centre: 'centre',
  right: 'right',
  bottomLeft: 'bottom left',
  bottom: 'bottom',
  bottomRight: 'bottom right',
};

export function anchorWords(anchor: Anchor9): string {
  return ANCHOR_WORDS[anchor];
}

/** Null while the place lies on the blank. */
export function outsideSentence(
  overRightMm: number,
  overBottomMm: number,
  figure: (mm: number) => string,
): string | null {
  const over = [
    ...(overRightMm > 0 ? [`${figure(overRightMm)} over its right edge`] : []),
    ...(overBottomMm > 0 ? [`${figure(overBottomMm)} over its lower edge`] : []),
  ];
  return over.length > 0 ? `The place reaches ${over.join(' and ')}: measure again.` : null;
}
