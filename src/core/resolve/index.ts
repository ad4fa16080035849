/** From what a run decides to what each item gets. */
export { type VariantMissing, chooseVariant } from './choose-variant';
