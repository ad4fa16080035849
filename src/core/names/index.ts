/**
 * Names of people: taken apart and put together, their letters judged (case, look-alikes, stray marks, near doubles), and
 * turned into monograms by custom. Everything is a suggestion; nothing here changes an entry.
 */
export { type NameParts, NO_NAME, NAME_PARTS, isNamePart, joinName } from './name-parts';
export { fileStem } from './file-stem';
export { plainName } from './plain-name';
export { type Reading, otherReading, splitName, withParticle, writesFamiliesInCapitals } from './split-name';
export { peopleReadings, splitPair } from './split-people';
export { repairCase } from './repair-case';
export { curlApostrophes, withoutLookAlikes, withoutStrayMarks } from './repair-letters';
export { type DoubleNames, type NearReason, doubleNames } from './double-names';
export {
  type Monogram,
  type MonogramProblem,
  type MonogramRule,
  MONOGRAM_FORMS,
  monogramOf,
  typedMonogram,
} from './monogram';
