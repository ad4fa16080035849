/** Remedies: one fit of a set → what would help, with the size that it gives and what it does to the others. */
export type { OfferKind, RemedyOffer, Trying } from './offer';
export { facesForEven } from './even-face';
export { facesForMissing } from './other-face';
export { alikeOffer, isSameOffer } from './same-offer';
export { remediesFor, remedyOffer } from './remedies';
