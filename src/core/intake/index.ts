/**
 * Intake: what people send → lines for the roster. Bytes to text, text to a table, and a table to lines by what each
 * column is taken for. A guess is always shown before it is taken; nothing here knows of entries that already exist.
 */
export { type DecodedText, type EncodingReading, decodeText, isEncoding } from './decode-text';
export { ENCODINGS, type Encoding } from './encodings';
export { type Table, readDelimited, readDelimitedFile, tableOf } from './read-delimited';
export { type CardTrouble, type CardTable, readCards } from './read-cards';
export { MOST_FILE_BYTES } from './file-limit';
export { type ColumnRole, COLUMN_ROLES, rolesOfHeader } from './column-roles';
export {
  type ColumnChoice,
  type ColumnUse,
  type Mapping,
  guessMapping,
  headerKey,
  withChoice,
  withRole,
} from './guess-mapping';
export { type ListLine, type MappedTable, mapTable, readQuantity, rereadLine, tidy } from './map-table';
export { type Untitled, withoutTitle } from './title-rows';
export { isMarkedFormula, markFormula, unmarkFormula } from './formula-mark';
export { type MarkedList, markedLines } from './marked-lines';
