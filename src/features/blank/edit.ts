import type { Blank, MeasuredPlace, PlaceRole, Variant } from '@/core/shop';

/** One place of one size and colour under the hands of its maker: in the shop, or in the run's own copy. */
export interface PlaceEdit {
  readonly blank: Blank;
  readonly variant: Variant;
  readonly role: PlaceRole;
  readonly measured: MeasuredPlace;
  /** True while a twin is measured as the mirror image of the other. */
  readonly isMirrored: boolean;
  readonly changeBlank: (change: (blank: Blank) => Blank) => void;
}

/** Puts one change into the measures of the place that is edited. */
export type ChangePlace = (change: Partial<MeasuredPlace>) => void;
