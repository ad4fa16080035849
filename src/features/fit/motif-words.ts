import type { MotifSpot } from '@/core/spec';

export const SPOT_WORDS: Readonly<Record<MotifSpot, string>> = {
  before: 'before the text',
  after: 'after the text',
  both: 'on both sides of it',
  above: 'above the text',
  below: 'below the text',
  topLeft: 'at its upper left corner',
  topRight: 'at its upper right corner',
  bottomLeft: 'at its lower left corner',
  bottomRight: 'at its lower right corner',
  behind: 'behind the text',
  around: 'around the text',
  alone: 'instead of a text',
};

/** What its size is said by. */
export function shareWords(spot: MotifSpot): string {
  return spot === 'around' ? 'How much of its inside the text fills' : 'Its height, of that of capitals';
}

/** Of a spot that keeps clear of the text. */
export function hasGap(spot: MotifSpot): boolean {
  return spot !== 'behind' && spot !== 'around' && spot !== 'alone';
}

export const SIZE_WORDS = [
  { id: 'text', label: 'goes by the text' },
  { id: 'own', label: 'its own' },
] as const;

/** What a motif begins with that gets a height of its own. */
export const FIRST_HEIGHT_MM = 25;
