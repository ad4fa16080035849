import type { Finding } from '../finding';
import { applyCase } from '../lettering/case-form';
import {
  type OwnSettings,
  ownSettingsAt,
  type BlankUse,
  type Entry,
  type FitRef,
  type PlaceUse,
  type RunSpec,
  findLettering,
  itemIdOf,
} from '../spec';
import type { Variant } from '../shop';
import { chooseVariant } from '../resolve';
import { type WordedLine, proofStateOf, spreadLetters, wordEntry } from '../wording';

/** A place on an item that wants lettering, before any of it is drawn. */
export interface FitSlot {
  readonly ref: FitRef;
  readonly itemId: string;
  readonly entry: Entry;
  /** With the lettering and the materials that this text has. */
  readonly place: PlaceUse;
  /** What is otherwise for this text alone. */
  readonly own: OwnSettings;
  readonly blankId: string;
  /** Null when the blank does not come in the size or colour that the list asks for; a stop says so. */
  readonly variant: Variant | null;
  /** The lines as they are worded, before capitals are set. */
  readonly words: readonly string[];
  /** The lines as they are cut: worded and in their case. */
  readonly text: readonly string[];
  /** The same with what is drawn taller. */
  readonly lines: readonly WordedLine[];
  /** What is wrong with the words, whatever their size. */
  readonly findings: readonly Finding[];
}

/** Every slot of a run in roster order: entry by entry, use by use, item by item, place by place. */
export function fitSlots(spec: RunSpec): readonly FitSlot[] {
  let slots = known.get(spec);
  if (!slots) {
    slots = spec.entries.filter(({ withdrawn }) => !withdrawn).flatMap((entry) => slotsOfEntry(spec, entry));
    known.set(spec, slots);
  }
  return slots;
}

/** A spec never changes, and many ask: sizes, pieces, the bench, the check of every mark. */
const known = new WeakMap<RunSpec, readonly FitSlot[]>();

function slotsOfEntry(spec: RunSpec, entry: Entry): FitSlot[] {
  return spec.uses
    .filter(({ onlyEntries }) => onlyEntries === null || onlyEntries.includes(entry.id))
    .flatMap((use) => slotsOfUse(spec, entry, use));
}

/** What a place says on every item of one entry. */
interface SetPlace {
  readonly place: PlaceUse;
  readonly own: OwnSettings;
  readonly words: readonly string[];
  readonly lines: readonly WordedLine[];
  readonly findings: readonly Finding[];
  /** Letters for a blank each; null when the whole stands on every item. */
  readonly letters: readonly WordedLine[] | null;
}

function slotsOfUse(spec: RunSpec, entry: Entry, use: BlankUse): FitSlot[] {
  const places = use.places.flatMap((place) => setPlace(spec, entry, use, place) ?? []);
  const chosen = chooseVariant(spec, use, entry);
  const missing: Finding[] = chosen.ok ? [] : [{ kind: 'variantMissing', severity: 'stop', ...chosen.problem }];
  // The place with most letters says how many blanks one copy takes.
  const numBlanks = Math.max(1, ...places.map(({ letters }) => letters?.length ?? 1));
  return Array.from({ length: entry.quantity * use.each * numBlanks }, (_, i) => i + 1).flatMap((ordinal) =>
    places.flatMap(({ place, own, words, lines, findings, letters }) => {
      const shown = letters ? letters.slice((ordinal - 1) % numBlanks).slice(0, 1) : lines;
      if (shown.length === 0) return [];
      const ref = { entryId: entry.id, useId: use.id, ordinal, placeId: place.placeId } as FitRef;
      return [
        {
          ref,
          itemId: itemIdOf(ref),
          entry,
          place,
          own,
          words,
          blankId: use.blankId,
          variant: chosen.ok ? chosen.value : null,
          text: shown.map(({ text }) => text),
          lines: shown,
          findings: [...missing, ...findings],
        },
      ];
    }),
  );
}

function setPlace(spec: RunSpec, entry: Entry, use: BlankUse, bare: PlaceUse): SetPlace[] | null {
  const at = { entryId: entry.id, useId: use.id, placeId: bare.placeId } as FitRef;
  const worded = wordEntry(spec, entry, at, bare);
  if (!worded) return null;
  const own = ownSettingsAt(spec, at);
  const place = withOwn(bare, own);
  const { lines: looks } = findLettering(spec, place.letteringId);
  const lines = worded.lines.map((line, i) => inCase(line, (looks[i] ?? looks[0]!).caseForm, spec.language));
  const proof = proofStateOf(
    spec,
    at,
    place.letteringId,
    worded.lines.map(({ text }) => text),
  );
  const changed: Finding[] =
    proof.kind === 'changed'
      ? [{ kind: 'changedSinceProof', severity: 'check', was: proof.tick.lines.join(' / ') }]
      : [];
  const isSpread = place.wording?.spread === 'letterPerBlank';
  const letters = isSpread ? spreadLetters(lines.map(({ text }) => text).join(' ')).letters : null;
  return [
    {
      place,
      own,
      words: worded.lines.map(({ text }) => text),
      lines,
      findings: [...worded.findings, ...changed],
      letters: letters && letters.length > 0 ? letters.map((text) => ({ text, large: null })) : null,
    },
  ];
}

function withOwn(place: PlaceUse, { letteringId, materialId }: OwnSettings): PlaceUse {
  if (letteringId === undefined && materialId === undefined) return place;
  const materials =
    materialId === undefined
      ? place.materials
      : Object.fromEntries(Object.keys(place.materials).map((slot) => [slot, materialId]));
  return { ...place, letteringId: letteringId ?? place.letteringId, materials };
}

/** Capitals may be longer than what was typed (ß), so the tall part is set by itself. */
function inCase({ text, large }: WordedLine, form: Parameters<typeof applyCase>[1], language: string): WordedLine {
  if (!large) return { text: applyCase(text, form, language), large };
  const cut = [
    text.slice(0, large.at),
    text.slice(large.at, large.at + large.length),
    text.slice(large.at + large.length),
  ];
  const [before = '', tall = '', after = ''] = cut.map((part) => applyCase(part, form, language));
  return { text: before + tall + after, large: { at: before.length, length: tall.length } };
}
