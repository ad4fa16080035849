/** How the lines of a lettering stand and run, chosen by what they look like: for a run and for the shop. */
export { AlternateFields } from './alternate-fields';
export { LeastGapField } from './least-gap-field';
export { FormFields } from './form-fields';
