import { type DateForm, type DateValue, readDate, writeDate } from '../dates';
import { readQuantity } from '../intake';
import {
  type NameParts,
  type NearReason,
  curlApostrophes,
  doubleNames,
  otherReading,
  peopleReadings,
  repairCase,
  withoutLookAlikes,
  withoutStrayMarks,
} from '../names';
import { type Entry, type RunSpec, type TextRef, UNREAD_QUANTITY } from '../spec';
import { dateFormOf, entryParts, wordEntry } from '../wording';
import { withReading } from './name-fields';

export const QUESTION_KINDS = [
  'emptyText',
  'unreadQuantity',
  'strayMarks',
  'lookAlikes',
  'case',
  'apostrophes',
  'twoPeople',
  'twoReadings',
  'double',
  'nearDouble',
  'nameForms',
  'dateOrder',
  'badDate',
  'shortYear',
] as const;
export type QuestionKind = (typeof QUESTION_KINDS)[number];

/** One spot that a question is about. */
export interface QuestionCase {
  /** The entry, or all that are alike; the first leads. */
  readonly entryIds: readonly string[];
  readonly was: string;
  /** What it would say; several where the answer chooses between them. Empty when only a person can know. */
  readonly becomes: readonly string[];
  readonly reason: NearReason | null;
}

/** The same trouble wherever it occurs, asked once. */
export interface ListQuestion {
  readonly kind: QuestionKind;
  /** In the order of the roster. */
  readonly cases: readonly QuestionCase[];
}

const known = new WeakMap<RunSpec, ListQuestion[]>();

/** What is not settled yet about the list of a run, in the order in which it is best answered. */
export function listQuestions(spec: RunSpec): ListQuestion[] {
  const questions = known.get(spec) ?? askedBy(spec);
  known.set(spec, questions);
  return questions;
}

function askedBy(spec: RunSpec): ListQuestion[] {
  const { found: alone, readings, forms } = listAlone(spec);
  const found: Found = { ...alone, ...noCases('twoReadings', 'dateOrder', 'badDate', 'shortYear') };
  for (const [entry, other] of readings) readingCases(spec, entry, { other, found });
  for (const entry of lettered(spec)) dateCases(spec, entry, found);
  if (saysText(spec)) found.nameForms = forms;
  return QUESTION_KINDS.map((kind) => ({
    kind,
    cases: found[kind].filter((one) => !isSettled(spec, kind, one)),
  })).filter(({ cases }) => cases.length > 0);
}

function lettered({ entries }: Pick<RunSpec, 'entries'>): readonly Entry[] {
  return entries.filter(({ withdrawn }) => !withdrawn);
}

function noCases(...kinds: readonly QuestionKind[]): Found {
  return Object.fromEntries(kinds.map((kind) => [kind, [] as QuestionCase[]])) as Found;
}

/** What is to be said of a list whatever is made of it. */
interface ListAlone {
  readonly found: Found;
  /** Names that can be taken apart otherwise. */
  readonly readings: readonly (readonly [entry: Entry, other: NameParts])[];
  /** Questions of one kind of names among many of another, where whole texts are cut. */
  readonly forms: QuestionCase[];
}

/** Reading names takes the longest by far, and whoever changes a size asks again. */
const knownAlone = new WeakMap<RunSpec['entries'], Map<string, ListAlone>>();

function listAlone(spec: RunSpec): ListAlone {
  const { entries, language } = spec;
  const byLanguage = knownAlone.get(entries) ?? new Map<string, ListAlone>();
  knownAlone.set(entries, byLanguage);
  const alone = byLanguage.get(language) ?? readAlone(spec);
  byLanguage.set(language, alone);
  return alone;
}

function readAlone(spec: Pick<RunSpec, 'entries' | 'language'>): ListAlone {
  const entries = lettered(spec);
  const found = noCases(...QUESTION_KINDS);
  for (const entry of entries) {
    textCases(spec, entry, found);
    quantityCases(entry, found);
  }
  doubleCases(entries, found);
  const readings = entries.flatMap((entry) => {
    const other = otherReadingOf(spec, entry);
    return other ? [[entry, other] as const] : [];
  });
  return { found, readings, forms: formCases(entries) };
}

/** Where an answer "as it is" is kept for one entry. */
export function settledKey(entryId: string, kind: QuestionKind): string {
  return `${entryId}:${kind}`;
}

function isSettled({ list }: RunSpec, kind: QuestionKind, { entryIds, was }: QuestionCase): boolean {
  return entryIds.every((id) => list.settled[settledKey(id, kind)] === was);
}

type Found = Record<QuestionKind, QuestionCase[]>;

function oneCase({ id }: Entry, was: string, ...becomes: readonly string[]): QuestionCase {
  return { entryIds: [id], was, becomes, reason: null };
}

function textCases({ language }: Pick<RunSpec, 'language'>, entry: Entry, found: Found): void {
  const text = entry.fields.text ?? '';
  if (text === '') return void found.emptyText.push(oneCase(entry, ''));
  const clean = withoutStrayMarks(text);
  if (clean !== null) found.strayMarks.push(oneCase(entry, text, clean));
  const own = withoutLookAlikes(text);
  if (own !== null) found.lookAlikes.push(oneCase(entry, text, own));
  const cased = repairCase(text, language);
  if (cased !== null) found.case.push(oneCase(entry, text, cased));
  const curled = curlApostrophes(text);
  if (curled !== null) found.apostrophes.push(oneCase(entry, text, curled));
  const [said, readings] = couplesIn(entry);
  if (readings.length > 0) found.twoPeople.push(oneCase(entry, said, ...readings.map((people) => people.join(' | '))));
}

/** Where an entry names several people, and how that can be understood: in its text, or in its given name alone. */
export function couplesIn({ fields }: Entry): readonly [said: string, readings: readonly (readonly string[])[]] {
  const text = fields.text ?? '';
  const inText = peopleReadings(text);
  if (inText.length > 0) return [text, inText];
  const given = fields.given ?? '';
  return [given, peopleReadings(given)];
}

function otherReadingOf({ language }: Pick<RunSpec, 'language'>, { fields }: Entry): NameParts | null {
  const isTold = fields.given !== undefined || fields.family !== undefined;
  return isTold ? null : otherReading(fields.text ?? '', language);
}

/** A name that can be taken apart in two ways is asked about where an item would be lettered otherwise by the other one. */
function readingCases(
  spec: RunSpec,
  entry: Entry,
  { other, found }: { readonly other: NameParts; readonly found: Found },
): void {
  const [now, then] = [
    saidOnItems(spec, entry),
    saidOnItems(spec, { ...entry, fields: withReading(entry.fields, other) }),
  ];
  if (now !== then) found.twoReadings.push(oneCase(entry, entry.fields.text ?? '', now, then));
}

/** What all places of all blanks say for an entry. */
function saidOnItems(spec: RunSpec, entry: Entry): string {
  const places = spec.uses.flatMap(({ id: useId, places: own }) => own.map((place) => ({ useId, place })));
  return places
    .flatMap(({ useId, place }) => {
      const at = { entryId: entry.id, useId, placeId: place.placeId } as TextRef;
      const worded = wordEntry(spec, entry, at, place);
      return worded ? worded.lines.map(({ text }) => text) : [];
    })
    .join(' / ');
}

/** Dates are shown as the items would say them, so that what an answer changes is seen; in the long form while none does. */
function dateCases(spec: RunSpec, entry: Entry, found: Found): void {
  const { list, language } = spec;
  const said = entry.fields.date ?? '';
  if (said === '') return;
  const read = readDate(said, { order: list.dateOrder, pivot: list.datePivot });
  const onItem = (date: DateValue, form: DateForm = dateFormOf(spec) ?? 'long') => {
    const written = writeDate(date, form, { language, order: list.dateOrder });
    return written.ok ? written.value : '';
  };
  if (read.ok) {
    // Whatever is cut, it is the year that is asked about.
    if (isShortYear(said, read.value)) found.shortYear.push(oneCase(entry, said, onItem(read.value, 'long')));
    return;
  }
  const { problem } = read;
  if (problem.kind === 'ambiguous') {
    const [dayFirst, monthFirst] = [onItem(problem.dmy), onItem(problem.mdy)];
    if (dayFirst !== monthFirst) found.dateOrder.push(oneCase(entry, said, dayFirst, monthFirst));
  } else if (problem.kind === 'impossible' && problem.fitsOrder) {
    const turned = readDate(said, { order: problem.fitsOrder, pivot: list.datePivot });
    found.badDate.push(oneCase(entry, said, ...(turned.ok ? [onItem(turned.value)] : [])));
  } else found.badDate.push(oneCase(entry, said));
}

function isShortYear(said: string, date: DateValue): boolean {
  return date.kind !== 'dayMonth' && /(^|[^\d])['’]?\d\d$/.test(said) && !/\d{4}/.test(said);
}

/** One to twelve in the languages of the lists, each row in order. */
const COUNT_WORDS = [
  'one two three four five six seven eight nine ten eleven twelve',
  'eins zwei drei vier fünf sechs sieben acht neun zehn elf zwölf',
  'un deux trois quatre cinq six sept huit neuf dix onze douze',
  'uno dos tres cuatro cinco seis siete ocho nueve diez once doce',
  'uno due tre quattro cinque sei sette otto nove dieci undici dodici',
  'een twee drie vier vijf zes zeven acht negen tien elf twaalf',
  'jeden dwa trzy cztery pięć sześć siedem osiem dziewięć dziesięć jedenaście dwanaście',
  'ett två tre fyra fem sex sju åtta nio tio elva tolv',
].map((words) => words.split(' '));

/** A quantity in words or with words around it; null when it says none. */
function countOf(said: string): number | null {
  const [word = ''] = said.toLowerCase().match(/\p{L}+/gu) ?? [];
  const figures = said.match(/\d+/g) ?? [];
  if (figures.length === 1) return readQuantity(figures[0]!);
  const row = figures.length === 0 ? COUNT_WORDS.find((words) => words.includes(word)) : undefined;
  return row ? row.indexOf(word) + 1 : null;
}

function quantityCases(entry: Entry, found: Found): void {
  const said = entry.fields[UNREAD_QUANTITY];
  if (said === undefined) return;
  const number = countOf(said);
  found.unreadQuantity.push(oneCase(entry, said, ...(number === null ? [] : [String(number)])));
}

function doubleCases(entries: readonly Entry[], found: Found): void {
  const filled = entries.filter(({ fields }) => fields.text);
  for (const { reason, at } of doubleNames(filled.map(({ fields }) => fields.text!))) {
    const group = at.map((i) => filled[i]!);
    const texts = group.map(({ fields }) => fields.text!);
    const asked: QuestionCase = {
      entryIds: group.map(({ id }) => id),
      was: reason === null ? texts[0]! : texts.join(' | '),
      becomes: reason === null ? [texts[0]!] : texts,
      reason,
    };
    found[reason === null ? 'double' : 'nearDouble'].push(asked);
  }
}

/** Where only parts of names are cut, it does not matter whether the list has the whole of them. */
function saysText({ uses }: RunSpec): boolean {
  return uses.some(({ places }) =>
    places.some(({ wording }) =>
      wording?.lines.some(({ runs }) => runs.some(({ template }) => template.includes('{text}'))),
    ),
  );
}

/** Names of one kind among many of another: a set should be all full or all first names. */
function formCases(entries: readonly Entry[]): QuestionCase[] {
  const forms = entries.map((entry) => {
    const { given, family } = entryParts(entry);
    return family !== '' && given !== '' ? 'full' : given !== '' ? 'given' : 'other';
  });
  const count = (form: string) => forms.filter((f) => f === form).length;
  const [numFull, numGiven] = [count('full'), count('given')];
  if (numFull === 0 || numGiven === 0) return [];
  const rare = numFull >= numGiven ? 'given' : 'full';
  return entries.flatMap((entry, i) => (forms[i] === rare ? [oneCase(entry, entry.fields.text ?? '')] : []));
}
