/** Parts that know nothing of a run: marks, fields, drawings. They take plain values and say nothing about the craft. */
export { Button, ButtonLink } from './button';
export { Facet, type FacetProps } from './facet';
export { FieldRow } from './field-row';
export { FileButton } from './file-button';
export { Key } from './key';
export { KnurlMark } from './knurl-mark';
export { Notice } from './notice';
export { LengthField, NumberField } from './number-field';
export { DialogCard } from './dialog-card';
export { Choice, type ChoiceOption } from './choice';
export { SeverityTag } from './severity-tag';
export { Signer } from './signer';
export { Tape, type TapeStep } from './tape';
export { isTyping } from './is-typing';
export { ListText } from './list-text';
export { Tick } from './tick';
export { Ticks } from './ticks';
