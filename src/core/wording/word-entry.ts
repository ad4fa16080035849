import { type DateForm, type DateProblem, type DateValue, readDate, writeDate } from '../dates';
import type { Finding } from '../finding';
import { isNamePart, monogramOf, typedMonogram } from '../names';
import {
  fieldOf,
  type Entry,
  type PlaceUse,
  type RunSpec,
  type TextRef,
  type WordingRun,
  findMotif,
  isMonogramLine,
  ownSettingsAt,
} from '../spec';
import { entryParts, people } from './entry-parts';
import { withSingleLetters } from './single-letters';
import { type Token, templateParts } from './tokens';
import { type WordedLine, type WordedRun, lineOf, tidyLine } from './worded-line';

export interface Worded {
  /** Empty where a motif stands alone. */
  readonly lines: readonly WordedLine[];
  /** What it is called by: its lines, or its motif. */
  readonly words: readonly string[];
  /** What keeps the words from being right: stops where something cannot be said, checks where a part is missing. */
  readonly findings: readonly Finding[];
}

/** What a place says for an entry. Null when it stays empty for now. */
export function wordEntry(spec: RunSpec, entry: Entry, at: TextRef, place: PlaceUse): Worded | null {
  const { lines: own } = ownSettingsAt(spec, at);
  if (own === null) return null;
  if (place.motif?.spot === 'alone') {
    return { lines: [], words: [findMotif(spec, place.motif.motifId).name], findings: [] };
  }
  if (own) {
    return worded(
      own.map((text, no) => ownLine(spec, place, text, no)),
      [],
    );
  }
  if (!place.wording) return null;
  const { list, language, monogram } = spec;
  return keptSaid({ list, language, monogram, no: numberOf(spec, entry.id) }, entry, place.wording);
}

type Wording = NonNullable<PlaceUse['wording']>;

/** All of a run that a wording is said by, besides the entry itself. */
interface SaidBy extends Pick<RunSpec, 'list' | 'language' | 'monogram'> {
  /** The entry's among those present. */
  readonly no: number;
}

interface KeptSaid {
  readonly by: SaidBy;
  readonly worded: Worded;
}

/** Every step asks for all entries, and whoever changes a size, a face or another entry changes no word. */
const known = new WeakMap<Wording, WeakMap<Entry, KeptSaid>>();

function keptSaid(by: SaidBy, entry: Entry, wording: Wording): Worded {
  const byEntry = known.get(wording) ?? new WeakMap<Entry, KeptSaid>();
  known.set(wording, byEntry);
  const kept = byEntry.get(entry);
  if (kept && isSaidBySame(kept.by, by)) return kept.worded;
  const said = sayWording(by, entry, wording);
  byEntry.set(entry, { by, worded: said });
  return said;
}

function isSaidBySame(one: SaidBy, other: SaidBy): boolean {
  return (
    one.list === other.list && one.language === other.language && one.monogram === other.monogram && one.no === other.no
  );
}

function sayWording(by: SaidBy, entry: Entry, wording: Wording): Worded {
  const findings: Finding[] = [];
  const numLines = wording.lines.length;
  const lines = wording.lines.map(({ runs }, no) => {
    const isWhole = numLines === 1 && runs.length === 1;
    const said = runs.flatMap((run, runNo) => {
      const told = saidOf(by, entry, { template: run.template, isWhole });
      findings.push(...told.flatMap(({ finding }) => (finding ? [{ ...finding, at: { line: no, run: runNo } }] : [])));
      const look = { colourSlot: run.slot, ...faceOf(run), ...(isMonogramLine(runs) ? MONOGRAM : {}) };
      return withSingleLetters(
        told.flatMap((part) => runsOf(part, look)),
        run.letter,
      );
    });
    return tidyLine(lineOf(no, said));
  });
  // A line that says nothing for this entry takes no room, unless nothing is left.
  const saying = lines.filter(({ text }) => text !== '');
  return worded(saying.length > 0 ? saying : lines.slice(0, 1), findings);
}

function worded(lines: readonly WordedLine[], findings: readonly Finding[]): Worded {
  return { lines, words: lines.map(({ text }) => text), findings };
}

type RunLook = Pick<WordedRun, 'colourSlot' | 'face' | 'faceName' | 'isMonogram'>;

function faceOf(run: WordingRun | undefined): Pick<WordedRun, 'face' | 'faceName'> {
  const { face = null, faceName } = run ?? {};
  return { face, ...(faceName === undefined ? {} : { faceName }) };
}

const MONOGRAM = { isMonogram: true } as const;

/** What a token says as runs: its tall part by itself. */
function runsOf({ text, large }: Said, look: RunLook): WordedRun[] {
  const run = (part: string, isTall: boolean): WordedRun => ({ text: part, ...look, isTall });
  if (!large) return [run(text, false)];
  const end = large.at + large.length;
  return [run(text.slice(0, large.at), false), run(text.slice(large.at, end), true), run(text.slice(end), false)];
}

/**
 * Words that were typed over are set as their line of the wording begins. A monogram that was typed over keeps its tall centre,
 * where the place says nothing else on that line.
 */
function ownLine({ monogram }: RunSpec, { wording }: PlaceUse, text: string, no: number): WordedLine {
  const isMonogram = isMonogramLine(wording?.lines[no]?.runs);
  const [begins, ...others] = (wording?.lines[no] ?? wording?.lines.at(-1))?.runs ?? [];
  const look: RunLook = {
    colourSlot: begins?.slot ?? null,
    ...faceOf(begins),
    ...(isMonogram ? MONOGRAM : {}),
  };
  const typed = runsOf({ text, large: isMonogram ? typedMonogram(text, monogram).large : null }, look);
  return lineOf(no, withSingleLetters(typed, others.length === 0 ? begins?.letter : undefined));
}

/** The number of an entry among those present, from 1; what `{number}` says. */
export function numberOf({ entries }: Pick<RunSpec, 'entries'>, entryId: string): number {
  let numbers = knownNumbers.get(entries);
  if (!numbers) {
    numbers = new Map(entries.filter(({ withdrawn }) => !withdrawn).map(({ id }, i) => [id as string, i + 1]));
    knownNumbers.set(entries, numbers);
  }
  return numbers.get(entryId) ?? 0;
}

/** Specs never change, and each entry asks. */
const knownNumbers = new WeakMap<RunSpec['entries'], ReadonlyMap<string, number>>();

/** What a token says, and which part of it is tall, in UTF-16 units; the finding says why it cannot. */
interface Said {
  readonly text: string;
  readonly large?: { readonly at: number; readonly length: number } | null;
  readonly finding?: Finding;
}

interface Template {
  readonly template: string;
  /** The only run of the only line. */
  readonly isWhole: boolean;
}

function saidOf(by: SaidBy, entry: Entry, { template, isWhole }: Template): Said[] {
  const parts = templateParts(template);
  return parts.map((part): Said => {
    if (part.kind === 'words') return { text: part.words };
    const said = sayToken(by, entry, part.token);
    // What is the whole wording and empty leaves nothing to draw, and that is said elsewhere.
    if (said.finding || said.text !== '' || (isWhole && parts.length === 1)) return said;
    return { ...said, finding: { kind: 'partMissing', severity: 'check', part: nameOf(part.token) } };
  });
}

function nameOf(token: Token): string {
  if (token.kind === 'either') return token.of.map(nameOf).join(' or ');
  return token.kind === 'field' ? token.name : token.kind;
}

function sayToken(by: SaidBy, entry: Entry, token: Token): Said {
  switch (token.kind) {
    case 'field':
      return { text: columnOf(entry, token.name) };
    case 'number':
      return { text: String(by.no) };
    case 'date':
      return sayDate(by, entry, token.form);
    case 'monogram':
      return sayMonogram(by, entry);
    case 'either': {
      const told = token.of.map((one) => sayToken(by, entry, one));
      return told.find(({ text }) => text !== '') ?? told[0] ?? { text: '' };
    }
  }
}

function columnOf(entry: Entry, name: string): string {
  if (isNamePart(name)) {
    const parts = entryParts(entry);
    // A family name is said with its particle, as its bearer says it.
    if (name === 'family') return [parts.particle, parts.family].filter(Boolean).join(' ');
    return parts[name];
  }
  return fieldOf(entry.fields, name);
}

function sayDate({ list, language }: SaidBy, { fields }: Entry, form: DateForm): Said {
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

function sayMonogram({ monogram: rule, language }: SaidBy, entry: Entry): Said {
  const typed = columnOf(entry, 'monogram');
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
