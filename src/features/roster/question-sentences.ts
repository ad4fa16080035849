import type { AnswerId, ListQuestion, QuestionCase, QuestionKind } from '@/core/roster';

/** What a question asks, for one spot or for many. */
export function questionSentence({ kind, cases }: ListQuestion): string {
  const n = cases.length;
  const names = n === 1 ? '1 name' : `${n} names`;
  switch (kind) {
    case 'emptyText':
      return `${n === 1 ? '1 row says' : `${n} rows say`} no name. Take ${n === 1 ? 'it' : 'them'} out?`;
    case 'strayMarks':
      return `${names} with stray spaces or marks. Clean ${n === 1 ? 'it' : 'them'}?`;
    case 'lookAlikes':
      return `${names} with a letter that only looks right (another alphabet, a figure). Put the right one?`;
    case 'case':
      return `${names} in unusual capitals. Set ${n === 1 ? 'it' : 'them'} like this?`;
    case 'apostrophes':
      return `${names} with a typewriter’s apostrophe. Cut a printer’s one?`;
    case 'twoPeople':
      return `${n === 1 ? '1 line names' : `${n} lines name`} several people. An entry for each, or one text?`;
    case 'twoReadings':
      return `${names} can be taken apart in two ways. Which is right?`;
    case 'double':
      return `${names} ${n === 1 ? 'stands' : 'stand'} more than once. The same person?`;
    case 'nearDouble':
      return `${n === 1 ? '1 pair is' : `${n} pairs are`} nearly the same. Different people?`;
    case 'nameForms':
      return `Full names and first names are mixed: ${n === 1 ? '1 is' : `${n} are`} unlike the rest. Cut first names only, on all?`;
    case 'dateOrder':
      return `${n === 1 ? '1 date' : `${n} dates`} can be read two ways. Which figure is the day, in the whole column?`;
    case 'badDate':
      return `${n === 1 ? '1 date is' : `${n} dates are`} no day of the calendar, or cannot be read.`;
    case 'shortYear':
      return `${n === 1 ? '1 year has' : `${n} years have`} two figures. Write ${n === 1 ? 'it' : 'them'} out like this?`;
    case 'unreadQuantity':
      return `${n === 1 ? '1 quantity is' : `${n} quantities are`} no number.`;
  }
}

const WORDS: Readonly<Record<AnswerId, string>> = {
  take: 'Yes, like this',
  keep: 'As it is',
  split: 'An entry for each',
  splitOther: 'An entry for each, the other way',
  merge: 'One entry, all the pieces',
  once: 'Typed twice, one piece',
  first: 'Same person, first spelling',
  second: 'Same person, second spelling',
  givenOnly: 'First names on all',
  dayFirst: 'Day first',
  monthFirst: 'Month first',
  clear: 'Empty the date',
  one: 'One piece',
  takeOut: 'Take out',
};

const OWN: Readonly<Partial<Record<QuestionKind, Partial<Record<AnswerId, string>>>>> = {
  twoPeople: { keep: 'One text' },
  twoReadings: { keep: 'The first way', take: 'The second way' },
  nearDouble: { keep: 'Different people' },
  double: { keep: 'They are different people' },
  nameForms: { keep: 'Leave them mixed' },
  badDate: { keep: 'Settle it later' },
};

export function answerWords(kind: QuestionKind, answer: AnswerId): string {
  return OWN[kind]?.[answer] ?? WORDS[answer];
}

/** What stands there, and what would. */
export function caseWords(
  kind: QuestionKind,
  { was, becomes }: QuestionCase,
): { readonly was: string; readonly is: string } {
  const [first = '', second = ''] = becomes;
  switch (kind) {
    case 'twoPeople':
      return { was, is: becomes.map((reading) => reading.replaceAll(' | ', '  +  ')).join(', or ') };
    case 'twoReadings':
      return { was, is: `${first} or ${second}` };
    case 'dateOrder':
      return { was, is: `${first} or ${second}` };
    case 'nearDouble':
      return { was: becomes.join(' and '), is: '' };
    case 'double':
    case 'nameForms':
      return { was, is: '' };
    default:
      return { was: was || '(empty)', is: first };
  }
}
