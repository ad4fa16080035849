import { type DateForm, type DateProblem, type DateValue, readDate, writeDate } from '../dates';
import type { Finding } from '../finding';
import { isNamePart, monogramOf, splitName, splitPair, typedMonogram } from '../names';
import { type Entry, type PlaceUse, type RunSpec, type SlotRef, ownSettingsAt } from '../spec';
import { entryParts } from './entry-parts';
import { type Token, templateParts } from './tokens';

/** One line as it is cut. */
export interface WordedLine {
  readonly text: string;
  /** A part that is drawn taller than the rest, in UTF-16 units. */
  readonly large: { readonly at: number; readonly length: number } | null;
}

export interface Worded {
  readonly lines: readonly WordedLine[];
  /** What keeps the words from being right: stops where something cannot be said, checks where a part is missing. */
  readonly findings: readonly Finding[];
}

/** What a place says for an entry. Null when it stays empty for now. */
export function wordEntry(spec: RunSpec, entry: Entry, at: SlotRef, place: PlaceUse): Worded | null {
  const { lines: own } = ownSettingsAt(spec, at);
  if (own !== undefined) return own && { lines: own.map((text, i) => ownLine(spec, place, text, i)), findings: [] };
  if (!place.wording) return null;
  const findings: Finding[] = [];
  const numLines = place.wording.lines.length;
  const lines = place.wording.lines.map(({ runs }) =>
    tidyLine(joined(runs.flatMap(({ template }) => saidOf(spec, entry, template, numLines, findings)))),
  );
  // A line that says nothing for this entry takes no room, unless nothing is left.
  const saying = lines.filter(({ text }) => text !== '');
  return { lines: saying.length > 0 ? saying : lines.slice(0, 1), findings };
}

/** A monogram that was typed over keeps its tall centre, where the place says nothing else on that line. */
function ownLine({ monogram }: RunSpec, { wording }: PlaceUse, text: string, i: number): WordedLine {
  const isMonogram = wording?.lines[i]?.runs.every(({ template }) => template.trim() === '{monogram}') ?? false;
  return { text, large: isMonogram ? typedMonogram(text, monogram).large : null };
}

/** The number of an entry among those present, from 1; what `{number}` says. */
export function numberOf(spec: RunSpec, entryId: string): number {
  let numbers = knownNumbers.get(spec.entries);
  if (!numbers) {
    numbers = new Map(spec.entries.filter(({ withdrawn }) => !withdrawn).map(({ id }, i) => [id as string, i + 1]));
    knownNumbers.set(spec.entries, numbers);
  }
  return numbers.get(entryId) ?? 0;
}

/** Specs never change, and each entry asks. */
const knownNumbers = new WeakMap<RunSpec['entries'], ReadonlyMap<string, number>>();
/** What a token says, and which part of it is tall; the finding says why it cannot. */
interface Said {
  readonly text: string;
  readonly large?: WordedLine['large'];
  readonly finding?: Finding;
}

function saidOf(spec: RunSpec, entry: Entry, template: string, numLines: number, findings: Finding[]): Said[] {
  const parts = templateParts(template);
  const isWhole = numLines === 1 && parts.length === 1;
  return parts.map((part) => {
    if (part.kind === 'words') return { text: part.words };
    const said = sayToken(spec, entry, part.token);
    if (said.finding) findings.push(said.finding);
    // What is the whole wording and empty leaves nothing to draw, and that is said elsewhere.
    else if (said.text === '' && !isWhole) {
      findings.push({ kind: 'partMissing', severity: 'check', part: nameOf(part.token) });
    }
    return said;
  });
}

function nameOf(token: Token): string {
  if (token.kind === 'either') return token.of.map(nameOf).join(' or ');
  return token.kind === 'field' ? token.name : token.kind;
}

function sayToken(spec: RunSpec, entry: Entry, token: Token): Said {
  switch (token.kind) {
    case 'field':
      return { text: fieldOf(entry, token.name) };
    case 'number':
      return { text: String(numberOf(spec, entry.id)) };
    case 'date':
      return sayDate(spec, entry, token.form);
    case 'monogram':
      return sayMonogram(spec, entry);
    case 'either': {
      const told = token.of.map((one) => sayToken(spec, entry, one));
      return told.find(({ text }) => text !== '') ?? told[0] ?? { text: '' };
    }
  }
}

function fieldOf(entry: Entry, name: string): string {
  if (isNamePart(name)) {
    const parts = entryParts(entry);
    // A family name is said with its particle, as its bearer says it.
    if (name === 'family') return [parts.particle, parts.family].filter(Boolean).join(' ');
    return parts[name];
  }
  return Object.hasOwn(entry.fields, name) ? (entry.fields[name] ?? '') : '';
}

function sayDate({ list, language }: RunSpec, { fields }: Entry, form: DateForm): Said {
  const said = fields.date ?? '';
  const unread = (why: DateProblem['kind'] | 'noYear'): Said => ({
    text: '',
    finding: { kind: 'dateUnread', severity: 'stop', why, said },
  });
  const date = readDate(said, { order: list.dateOrder, pivot: list.datePivot });
  const write = (value: DateValue) => writeDate(value, form, { language, order: list.dateOrder });
  if (!date.ok && date.problem.kind === 'ambiguous') {
    // Two days of one year read the same where only the year is cut: nothing is guessed then.
    const [first, second] = [write(date.problem.dmy), write(date.problem.mdy)];
    if (first.ok && second.ok && first.value === second.value) return { text: first.value };
  }
  if (!date.ok) return unread(date.problem.kind);
  const written = write(date.value);
  return written.ok ? { text: written.value } : unread(written.problem.kind);
}

function sayMonogram({ monogram: rule, language }: RunSpec, entry: Entry): Said {
  const typed = fieldOf(entry, 'monogram');
  if (typed !== '') {
    const { letters, large } = typedMonogram(typed, rule);
    return { text: letters, large };
  }
  const [first, second] = people(entry);
  const made = monogramOf(first, second, rule, language);
  if (!made.ok) {
    return { text: '', finding: { kind: 'monogramUnmade', severity: 'stop', lacks: made.problem.kind } };
  }
  return { text: made.value.letters, large: made.value.large };
}

/** The entry's person, and the other one where a text names a couple. */
export function people(entry: Entry) {
  const pair = splitPair(entry.fields.text ?? '');
  if (!pair) return [entryParts(entry), null] as const;
  return [splitName(pair[0]), splitName(pair[1])] as const;
}

function joined(said: readonly Said[]): WordedLine {
  let text = '';
  let large: WordedLine['large'] = null;
  for (const part of said) {
    if (part.large) large = { ...part.large, at: part.large.at + text.length };
    text += part.text;
  }
  return { text, large };
}

/** Spaces that a missing part leaves at the ends or doubled are taken away. */
function tidyLine({ text, large }: WordedLine): WordedLine {
  const start = text.length - text.trimStart().length;
  const tidy = text.trim();
  if (large) return { text: tidy, large: { ...large, at: large.at - start } };
  return { text: tidy.replace(/ {2,}/g, ' '), large: null };
}
