/**
 * Dates as people write them: read from seven languages and any usual order, never guessed where two readings are
 * possible, and written again in the forms that are cut. Knows of no entry and no clock.
 */
export { type RomanProblem, readRoman, writeRoman } from './roman';
export { type MonthLanguage, MONTH_LANGUAGES, languageOf, monthName, monthsOfWord } from './month-names';
export { type DateValue, type SingleDate, daysInMonth, isBefore, isRealDate } from './date-value';
export { type DateOrder, type DateProblem, type DateReading, readDate } from './read-date';
export { type DateForm, DATE_FORMS, writeDate } from './write-date';
