import { DEFAULT_BEDS, DEFAULT_LETTERINGS, DEFAULT_MATERIALS } from './defaults';
import { DEFAULT_LIST, DEFAULT_MONOGRAM } from './list-defaults';
import { type MaterialKind, kindFacts } from './material-kind';

type Json = Record<string, unknown>;
type JsonCopy = Json & { readonly id: string; readonly value: Json };

/**
 * Brings the JSON of an older spec to the present version, step by step; what is not an older spec comes back as it is and
 * is left for the schema to judge. Things that a later version offers from the start are added to the run's own copies,
 * so that an old run can be worked on like a new one.
 */
export function upgradeSpec(candidate: unknown): unknown {
  if (!isObject(candidate) || candidate.format !== 'knurl-run') return candidate;
  return STEPS.reduce<unknown>(
    (spec, { from, step }) => (isObject(spec) && spec.formatVersion === from ? step(spec) : spec),
    candidate,
  );
}

const KIND_OF_PROCESS: Readonly<Record<string, MaterialKind>> = {
  film: 'standardFilm',
  adhesiveFilm: 'adhesiveFilm',
  card: 'card',
};

/** Version 2: materials have a kind and their finest cut, beds may be rolls, layouts turn pieces and hold entries back. */
function upgradeFrom1(spec: Json): unknown {
  const { shop, layout } = spec;
  if (!isObject(shop) || !isObject(layout)) return spec;
  const { materials, beds, letterings } = shop;
  if (![materials, beds, letterings].every(areCopies)) return spec;
  return {
    ...spec,
    formatVersion: 2,
    layout: { mayTurn: true, heldBack: [], seed: 1, ...layout },
    shop: {
      ...shop,
      materials: withMissing(changeValues(materials as JsonCopy[], materialFrom1), DEFAULT_MATERIALS),
      beds: withMissing(
        changeValues(beds as JsonCopy[], (bed) => ({ ...bed, kind: 'bed' })),
        DEFAULT_BEDS,
      ),
      letterings: withMissing(letterings as JsonCopy[], DEFAULT_LETTERINGS),
    },
  };
}

function materialFrom1({ process, ...rest }: Json): Json {
  const kind = KIND_OF_PROCESS[String(process)] ?? 'standardFilm';
  return { ...rest, kind, finest: kindFacts(kind).finest };
}

function changeValues(copies: readonly JsonCopy[], change: (value: Json) => Json): JsonCopy[] {
  return copies.map((copy) => ({ ...copy, value: change(copy.value) }));
}

function withMissing(copies: readonly JsonCopy[], shipped: readonly { readonly id: string }[]): unknown[] {
  return [...copies, ...shipped.filter(({ id }) => !copies.some((copy) => copy.id === id))];
}

function areCopies(value: unknown): value is JsonCopy[] {
  return Array.isArray(value) && value.every((copy) => isObject(copy) && isObject(copy.value));
}

function isObject(value: unknown): value is Json {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** Version 3: how the list is read, monograms, the proof; wordings of several lines, spread over blanks if wanted. */
function upgradeFrom2(spec: Json): unknown {
  if (!Array.isArray(spec.uses)) return spec;
  return {
    ...spec,
    formatVersion: 3,
    list: DEFAULT_LIST,
    monogram: DEFAULT_MONOGRAM,
    proof: {},
    uses: spec.uses.map((use: unknown) =>
      isObject(use) && Array.isArray(use.places) ? { ...use, places: use.places.map(placeFrom2) } : use,
    ),
  };
}

function placeFrom2(place: unknown): unknown {
  if (!isObject(place) || !isObject(place.wording)) return place;
  return { ...place, wording: { motifBlanks: 0, spacesAreBlanks: true, ...place.wording } };
}

const STEPS: readonly { readonly from: number; readonly step: (spec: Json) => unknown }[] = [
  { from: 1, step: upgradeFrom1 },
  { from: 2, step: upgradeFrom2 },
];
