import {
  type BlankUse,
  type Entry,
  type PlaceUse,
  type RunSpec,
  type TextRef,
  getsBlank,
  placeNameIn,
  textKeyOf,
} from '../spec';
import { type ProofState, lookOf, proofStateOf } from './proof-state';
import { type Worded, numberOf, wordEntry } from './word-entry';

/** One text of the proof and of the matrix: what one place says for one entry. */
export interface ProofRow {
  readonly key: string;
  readonly at: TextRef;
  readonly entry: Entry;
  /** Number of the entry among those present, from 1. */
  readonly no: number;
  readonly placeName: string;
  /** How it looks, in one word. */
  readonly look: string;
  /** Null: stays empty for now. */
  readonly worded: Worded | null;
  readonly state: ProofState;
  /** Typed for this entry alone. */
  readonly isOwn: boolean;
}

/** In roster order, place by place; entries that are withdrawn or give no item have none. */
export function proofRows(spec: RunSpec): ProofRow[] {
  const own = new Set(
    spec.overrides.filter(({ set }) => set.kind === 'wording').map(({ at }) => textKeyOf(at as TextRef)),
  );
  // How a place looks and is called is the same for all entries.
  const uses = spec.uses.map((use) => ({
    use,
    places: use.places.map((place) => ({ place, ...toldOf(spec, use, place) })),
  }));
  return spec.entries
    .filter(({ withdrawn, quantity }) => !withdrawn && quantity > 0)
    .flatMap((entry) =>
      uses
        .filter(({ use }) => getsBlank(use, entry))
        .flatMap(({ use, places }) =>
          places.map(({ place, placeName, look }): ProofRow => {
            const at = { entryId: entry.id, useId: use.id, placeId: place.placeId } as TextRef;
            const worded = wordEntry(spec, entry, at, place);
            const key = textKeyOf(at);
            return {
              key,
              at,
              entry,
              no: numberOf(spec, entry.id),
              placeName,
              worded,
              look,
              state: worded ? proofStateOf(spec, at, { words: worded.words, look: () => look }) : { kind: 'open' },
              isOwn: own.has(key),
            };
          }),
        ),
    );
}

function toldOf(spec: RunSpec, use: BlankUse, place: PlaceUse): Pick<ProofRow, 'placeName' | 'look'> {
  return { placeName: placeNameIn(spec, use, place.placeId), look: lookOf(spec, place, place.letteringId) };
}

/** Ticks texts as they read now, in somebody's name: without one nothing is ticked. Those that stay empty cannot be. */
export function tickRows(spec: RunSpec, rows: readonly ProofRow[], who: string, nowIso: string): RunSpec {
  if (who.trim() === '') return spec;
  const ticks = rows.flatMap(({ key, worded, look }) =>
    worded ? [[key, { lines: worded.words, look, who, at: nowIso }]] : [],
  );
  return ticks.length === 0 ? spec : { ...spec, proof: { ...spec.proof, ...Object.fromEntries(ticks) } };
}

export function untickRows(spec: RunSpec, rows: readonly ProofRow[]): RunSpec {
  const gone = new Set(rows.map(({ key }) => key));
  const proof = Object.fromEntries(Object.entries(spec.proof).filter(([key]) => !gone.has(key)));
  return { ...spec, proof };
}

export interface ProofTally {
  readonly numTexts: number;
  /** Ticked, and reading as they did then. */
  readonly numTicked: number;
  readonly numChanged: number;
  /** With words at any place, and those of them whose texts are all ticked. */
  readonly numEntries: number;
  readonly numEntriesTicked: number;
}

/** Specs never change, and every step of a run asks. */
const knownTallies = new WeakMap<RunSpec, ProofTally>();

export function proofTally(spec: RunSpec): ProofTally {
  const known = knownTallies.get(spec);
  if (known) return known;
  const rows = proofRows(spec).filter(({ worded }) => worded !== null);
  const count = (kind: ProofState['kind']) => rows.filter(({ state }) => state.kind === kind).length;
  const entries = new Set(rows.map(({ entry }) => entry.id));
  const open = new Set(rows.flatMap(({ entry, state }) => (state.kind === 'ticked' ? [] : entry.id)));
  const tally = {
    numTexts: rows.length,
    numTicked: count('ticked'),
    numChanged: count('changed'),
    numEntries: entries.size,
    numEntriesTicked: entries.size - open.size,
  };
  knownTallies.set(spec, tally);
  return tally;
}
