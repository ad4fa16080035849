/** Remedies: one fit of a set → what would help, with the size that it gives and what it does to the others. */
export type { OfferKind, RemedyOffer, Trying } from './offer';
export { facesForMissing, isSameOffer } from './other-face';
export { remediesFor, remedyOffer } from './remedies';
