import type { Preparation, Variant } from '@/core/shop';

/** `M, navy`, or only the colour of what comes in one size. */
export function variantWords({ size, colour }: Pick<Variant, 'size' | 'colour'>): string {
  return [size, colour.name].filter((word) => word !== '').join(', ');
}

export const PREPARATION_WORDS: Record<Preparation, string> = {
  preWash: 'wash before, without softener',
  labelsOff: 'take sewn labels off',
  tuckTags: 'tuck tags in',
  peelStickers: 'peel stickers off',
  clean: 'clean and dry',
  beforeFilling: 'personalise before filling or lining',
};
