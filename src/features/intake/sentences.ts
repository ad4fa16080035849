import { type ColumnRole, type Encoding, MOST_FILE_BYTES } from '@/core/intake';
import type { FileNote } from '@/services';

/** What a column is taken for, in the words of the list. */
export const ROLE_WORDS: Readonly<Record<ColumnRole, string>> = {
  text: 'full name',
  title: 'title',
  given: 'given name',
  further: 'further',
  particle: 'particle (van)',
  family: 'family name',
  suffix: 'suffix (Jr)',
  pet: 'pet name',
  monogram: 'monogram',
  date: 'date',
  size: 'size',
  colour: 'colour',
  quantity: 'quantity',
  blank: 'blank',
  film: 'film wish',
  note: 'note',
  own: 'own column',
  out: 'leave out',
};

export function tooLargeSentence({ name, size }: { readonly name: string; readonly size: number }): string {
  const [megabytes, most] = [size, MOST_FILE_BYTES].map((bytes) => Math.round(bytes / 1_000_000));
  return `${name} has ${megabytes} MB; lists up to ${most} MB are read. Take pictures out of it, or save it as CSV. Nothing was taken in.`;
}

/** Where the letters of an older text file come from. */
export const ENCODING_WORDS: Readonly<Record<Encoding, string>> = {
  'utf-8': 'any language',
  'utf-16le': 'any language',
  'utf-16be': 'any language',
  'windows-1252': 'western European',
  'windows-1250': 'central European',
  'iso-8859-2': 'central European, older',
  'windows-1254': 'Turkish',
  'windows-1251': 'Cyrillic',
  'windows-1253': 'Greek',
  macintosh: 'western European, another system',
};

/** What was done so that the file became a list. */
export function noteSentence(note: FileNote): string {
  switch (note.kind) {
    case 'formulas':
      return `${count(note.count, 'formula')}: the values stand here as they were computed last.`;
    case 'merged':
      return `Merged cells (${some(note.ranges)}): what stands in the first counts for all of them.`;
    case 'cellErrors':
      return `Formulas without a value in ${some(note.cells)}: these cells are empty here.`;
    case 'titleRows':
      return `The title above the header (row ${some(note.rows.map(String))}) is left out.`;
    case 'macros':
      return 'The file holds macros; nothing of them was run.';
    case 'externalLinks':
      return 'The file points to other files; nothing was fetched.';
    case 'encoding':
      return `The letters were read as ${ENCODING_WORDS[note.encoding]}: look at the accents.`;
    case 'brokenBytes':
      return `${count(note.count, 'character')} could not be read and stand${note.count === 1 ? 's' : ''} as “\ufffd” in row ${some(note.rows.map(String))}.`;
    case 'brokenCards':
      return `${count(note.cards.length, 'card')} could not be read and left out: ${some(note.cards.map(({ cardNo, lineNo }) => `card ${cardNo} from line ${lineNo}`))}.`;
  }
}

function count(number: number, noun: string): string {
  return `${number.toLocaleString('en')} ${noun}${number === 1 ? '' : 's'}`;
}

const MOST_NAMED = 5;

function some(names: readonly string[]): string {
  const named = names.slice(0, MOST_NAMED).join(', ');
  return names.length > MOST_NAMED ? `${named} and ${names.length - MOST_NAMED} more` : named;
}
