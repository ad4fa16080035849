/** Remedies: one fit of a set → what would help, with the size that it gives and what it does to the others. */
export { type RemedyOffer, type Trying, remediesFor, remedyOffer } from './remedies';
