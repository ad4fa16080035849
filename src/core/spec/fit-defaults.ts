import type { RunSpec, SizeGroup } from './run-spec';

/** How a size group starts besides its rule: as versions before it did, by capitals and with the ink in the middle. */
export const DEFAULT_GROUP: Pick<SizeGroup, 'letter' | 'lie'> = { letter: 'cap', lie: 'ink' };

/** Tallest to smallest of a banded set: letters that differ by a third still look like one set. */
export const DEFAULT_BAND = 1.35;

/** From what changes a name least to what has to be asked. */
export const DEFAULT_REMEDIES: RunSpec['remedies'] = {
  order: ['tighten', 'condense', 'twoLines', 'narrowerFace', 'offMiddle', 'shorten'],
  condenseTo: 0.85,
  stretchTo: 1.15,
};
