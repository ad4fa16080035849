import { readDate, writeDate } from '../dates';
import { otherReading, peopleReadings } from '../names';
import type { Entry, RunSpec, Wording } from '../spec';
import { type RandomBytes, makeId } from '../ids';
import { changeList } from '../edit';
import { changeEntries, changeQuantity, takeOut } from './edit-entries';
import { type ListQuestion, type QuestionCase, type QuestionKind, couplesIn, settledKey } from './list-questions';
import { withReading, withText } from './name-fields';

/**
 * What can be answered. `take`: as suggested; `keep`: it is right as it is; `split`: an entry for each, `splitOther`: by the other
 * reading; `merge`: one entry for all with the pieces of all, `once`: it was typed twice, one entry with the pieces of one; `first`, `second`: one entry, spelled so; `givenOnly`: all are cut with their given names; `dayFirst`, `monthFirst`:
 * for the whole column; `clear`: the cell is emptied; `one`: one piece; `takeOut`: the entry leaves the run.
 */
export type AnswerId =
  | 'take'
  | 'keep'
  | 'split'
  | 'splitOther'
  | 'merge'
  | 'once'
  | 'first'
  | 'second'
  | 'givenOnly'
  | 'dayFirst'
  | 'monthFirst'
  | 'clear'
  | 'one'
  | 'takeOut';

const ANSWERS: Readonly<Record<QuestionKind, readonly AnswerId[]>> = {
  emptyText: ['takeOut', 'keep'],
  strayMarks: ['take', 'keep'],
  lookAlikes: ['take', 'keep'],
  case: ['take', 'keep'],
  apostrophes: ['take', 'keep'],
  twoPeople: ['split', 'splitOther', 'keep'],
  twoReadings: ['keep', 'take'],
  double: ['merge', 'once', 'keep'],
  nearDouble: ['keep', 'first', 'second'],
  nameForms: ['givenOnly', 'keep'],
  dateOrder: ['dayFirst', 'monthFirst'],
  badDate: ['take', 'clear', 'keep'],
  shortYear: ['take', 'keep'],
  unreadQuantity: ['take', 'one'],
};

/** Answers that some case of the question can take, the first one the likeliest. */
export function answersOf({ kind, cases }: ListQuestion): readonly AnswerId[] {
  const least: Partial<Record<AnswerId, number>> = { take: 1, splitOther: 2 };
  return ANSWERS[kind].filter((answer) => cases.some(({ becomes }) => becomes.length >= (least[answer] ?? 0)));
}

/** Whether one answer settles the whole column at once. */
export function isForColumn(answer: AnswerId): boolean {
  return answer === 'dayFirst' || answer === 'monthFirst' || answer === 'givenOnly';
}

interface Means {
  readonly hasWork: (entryId: string) => boolean;
  readonly randomBytes: RandomBytes;
}

/** The run after an answer to some cases of a question, or to all of them. Cases that the answer cannot help stay open. */
export function answerQuestion(
  spec: RunSpec,
  { kind, cases }: Pick<ListQuestion, 'kind' | 'cases'>,
  answer: AnswerId,
  means: Means,
): RunSpec {
  switch (answer) {
    case 'keep':
      return settle(spec, kind, cases);
    case 'take':
      return takeSuggestions(spec, kind, cases);
    case 'split':
    case 'splitOther':
      return splitPeople(spec, cases, answer === 'split' ? 0 : 1, means.randomBytes);
    case 'once':
      return cases.reduce((merged, one) => mergeEntries(merged, one, { spelledLike: 0, pieces: 'ofOne' }, means), spec);
    case 'merge':
    case 'first':
    case 'second':
      return cases.reduce(
        (merged, one) =>
          mergeEntries(merged, one, { spelledLike: answer === 'second' ? 1 : 0, pieces: 'ofAll' }, means),
        spec,
      );
    case 'givenOnly':
      return settle(withGivenOnly(spec), kind, cases);
    case 'dayFirst':
    case 'monthFirst':
      return changeList(spec, { dateOrder: answer === 'dayFirst' ? 'dmy' : 'mdy' });
    case 'clear':
      return changeEntries(spec, (entry) => withoutField(entry, 'date'), idsOf(cases));
    case 'one':
      return cases.reduce((next, { entryIds: [id = ''] }) => changeQuantity(next, id, 1), spec);
    case 'takeOut':
      return takeOut(spec, idsOf(cases), means.hasWork);
  }
}

/** Every place that says the text of the list says the given name instead; whatever else it says stays. */
function withGivenOnly(spec: RunSpec): RunSpec {
  const uses = spec.uses.map((use) => ({
    ...use,
    places: use.places.map((place) => ({ ...place, wording: place.wording && givenFor(place.wording) })),
  }));
  return { ...spec, uses };
}

function givenFor(wording: Wording): Wording {
  const lines = wording.lines.map(({ runs }) => ({
    runs: runs.map((run) => ({ ...run, template: run.template.replaceAll('{text}', '{given}') })),
  }));
  return { ...wording, lines };
}

function idsOf(cases: readonly QuestionCase[]): ReadonlySet<string> {
  return new Set(cases.flatMap(({ entryIds }) => entryIds));
}

function settle(spec: RunSpec, kind: QuestionKind, cases: readonly QuestionCase[]): RunSpec {
  const added = cases.flatMap(({ entryIds, was }) => entryIds.map((id) => [settledKey(id, kind), was] as const));
  return changeList(spec, { settled: { ...spec.list.settled, ...Object.fromEntries(added) } });
}

function withoutField(entry: Entry, name: string): Entry {
  const { [name]: _, ...fields } = entry.fields;
  return { ...entry, fields };
}

function takeSuggestions(spec: RunSpec, kind: QuestionKind, cases: readonly QuestionCase[]): RunSpec {
  const becomes = new Map(
    cases.flatMap(({ entryIds: [id = ''], becomes: [next] }) => (next === undefined ? [] : [[id, next] as const])),
  );
  const ids = new Set(becomes.keys());
  if (kind === 'twoReadings') {
    const read = (entry: Entry) => {
      const parts = otherReading(entry.fields.text ?? '', spec.language);
      return parts ? { ...entry, fields: withReading(entry.fields, parts) } : entry;
    };
    return changeEntries(spec, read, ids);
  }
  if (kind === 'unreadQuantity') {
    return [...becomes].reduce((next, [id, number]) => changeQuantity(next, id, Number(number)), spec);
  }
  if (kind === 'badDate' || kind === 'shortYear') {
    return changeEntries(
      spec,
      (entry) => ({ ...entry, fields: { ...entry.fields, date: plainDate(spec, entry) } }),
      ids,
    );
  }
  return changeEntries(spec, (entry) => ({ ...entry, fields: withText(entry.fields, becomes.get(entry.id)!) }), ids);
}

/** The date of an entry with its whole year and in an order that cannot be misread. */
function plainDate({ list, language }: RunSpec, { fields }: Entry): string {
  const said = fields.date ?? '';
  const other = list.dateOrder === 'dmy' ? 'mdy' : 'dmy';
  for (const order of [list.dateOrder, other] as const) {
    const read = readDate(said, { order, pivot: list.datePivot });
    const written = read.ok ? writeDate(read.value, 'iso', { language, order }) : null;
    if (written?.ok) return written.value;
  }
  return said;
}

/** An entry for each of the people; those who have only this one reading are parted by it whichever is asked for. */
function splitPeople(
  spec: RunSpec,
  cases: readonly QuestionCase[],
  readingAt: number,
  randomBytes: RandomBytes,
): RunSpec {
  const ids = idsOf(cases);
  const entries = spec.entries.flatMap((entry) => {
    const [, readings] = ids.has(entry.id) ? couplesIn(entry) : ['', []];
    const people = readings[readingAt] ?? readings[0];
    if (!people) return [entry];
    const isInText = peopleReadings(entry.fields.text ?? '').length > 0;
    return people.map((name, i) => ({
      ...entry,
      ...(i === 0 ? {} : { id: makeId<'entry'>(randomBytes) }),
      fields: isInText ? { ...withoutParts(entry), text: name } : withGiven(entry, name),
    }));
  });
  return { ...spec, entries };
}

/** Of a couple that stands in the column of given names: the text says the one where it named both. */
function withGiven({ fields }: Entry, given: string): Entry['fields'] {
  const text = (fields.text ?? '').replace(fields.given ?? '', given);
  return { ...fields, given, text };
}

/** Parts of a name that was two are nobody's. */
function withoutParts({ fields }: Entry): Entry['fields'] {
  const { title: _, given: _g, further: _f, particle: _p, family: _n, suffix: _s, ...others } = fields;
  return others;
}

interface Merging {
  /** Which of the entries, from 0. */
  readonly spelledLike: number;
  readonly pieces: 'ofAll' | 'ofOne';
}

/** One entry stays, spelled like the one chosen, with the pieces of all, or of the one that has most; what only the others say is taken over. */
function mergeEntries(
  spec: RunSpec,
  { entryIds }: QuestionCase,
  { spelledLike, pieces }: Merging,
  { hasWork }: Means,
): RunSpec {
  const group = entryIds.flatMap((id) => spec.entries.find((entry) => entry.id === id && !entry.withdrawn) ?? []);
  const [first] = group;
  const like = group[spelledLike] ?? first;
  if (!first || !like || group.length < 2) return spec;
  // Whoever has work recorded stays, so that nothing made loses its name.
  const kept = group.find(({ id }) => hasWork(id)) ?? first;
  const counts = group.map((entry) => entry.quantity);
  const quantity = pieces === 'ofOne' ? Math.max(...counts) : Math.min(10_000, sum(counts));
  const all = Object.assign({}, ...[...group].reverse().map((entry) => entry.fields));
  const fields = withText({ ...all, text: first.fields.text ?? '' }, like.fields.text ?? '');
  const others = new Set(group.filter(({ id }) => id !== kept.id).map(({ id }) => id as string));
  const merged = changeEntries(spec, (entry) => ({ ...entry, quantity, fields }), new Set([kept.id]));
  return takeOut(merged, others, hasWork);
}

function sum(numbers: readonly number[]): number {
  return numbers.reduce((total, one) => total + one, 0);
}
