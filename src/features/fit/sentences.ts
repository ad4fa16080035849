import type { ReleaseView } from '@/services';
import type { FitOrder } from './fit-order';
import type { OfferKind } from '@/core/remedies';
import type { SizeGroup } from '@/core/spec';

/** Languages whose customs change what a capital is; all others are served by the first. */
export const LANGUAGES: readonly (readonly [tag: string, words: string])[] = [
  ['en', 'any other'],
  ['nl', 'Dutch (IJ is one letter)'],
  ['el', 'Greek (capitals without accents)'],
  ['tr', 'Turkish, Azeri (i with its dot)'],
];

export const LETTER_WORDS: Record<SizeGroup['letter'], string> = {
  cap: 'capitals',
  x: 'small letters (x)',
};

export const LIE_WORDS: Record<SizeGroup['lie'], string> = {
  ink: 'the middle of its ink',
  optical: 'its optical middle',
  baseline: 'one baseline for all',
};

export const REMEDY_WORDS: Record<OfferKind, string> = {
  film: 'Another film',
  loosen: 'Letters farther apart',
  border: 'A narrower border',
  otherFace: 'What is missing from another face',
  evenFace: 'The monogram in another face',
  bridge: 'Short strokes where letters do not join',
  tighten: 'Letters closer together',
  condense: 'Drawn narrower',
  twoLines: 'On two lines',
  narrowerFace: 'Another face',
  offMiddle: 'Off the middle',
  shorten: 'Ask for a shorter name',
};

export const ORDER_WORDS: Record<FitOrder, string> = {
  risk: 'what needs a look first',
  roster: 'as in the roster',
  smallest: 'smallest letters first',
  tallest: 'tallest letters first',
};

/** Behind a number of them. */
export const CHANGE_WORDS: Record<ReleaseView['changes'][number]['what'], string> = {
  text: 'with other words',
  shape: 'of another size or lettering',
  material: 'from another film',
  added: 'not released yet',
  gone: 'no longer in the run',
  stopped: 'with a stop now',
};
