import {
  DEFAULT_BEDS,
  DEFAULT_CARDS,
  DEFAULT_LETTERINGS,
  DEFAULT_MATERIALS,
  type MaterialKind,
  NOTHING_SAID,
  kindFacts,
  upgradeBlank,
} from '../shop';
import { DEFAULT_GROUP } from './fit-defaults';
import { DEFAULT_LIST, DEFAULT_MONOGRAM } from './list-defaults';

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

/** What a blank did not say before version 4: nothing is claimed that nobody said. */
const BLANK_FROM_3 = {
  kind: 'other',
  uses: [],
  polyesterPct: null,
  texture: 'woven',
  thicknessMm: 0,
  stretch: 'none',
  bearsC: null,
  pack: { count: 1, priceCents: null, currency: 'EUR' },
  preparation: [],
  photo: null,
};

/** Version 4: blanks are described, counted and come in sizes; places have shapes, a datum and a way of being seen. */
function upgradeFrom3(spec: Json): unknown {
  const { shop } = spec;
  if (!isObject(shop) || !areCopies(shop.blanks)) return spec;
  return {
    ...spec,
    formatVersion: 4,
    prepare: { spoilagePct: 0, done: [] },
    shop: { ...shop, blanks: changeValues(shop.blanks, blankFrom3) },
  };
}

function blankFrom3(blank: Json): Json {
  const { variants } = blank;
  if (!Array.isArray(variants)) return blank;
  return {
    ...BLANK_FROM_3,
    ...blank,
    variants: variants.map((variant: unknown) =>
      isObject(variant) && isObject(variant.places)
        ? {
            stock: { onHand: 0, seconds: 0, marked: [] },
            ...variant,
            places: Object.fromEntries(
              Object.entries(variant.places).map(([id, place]) => [id, isObject(place) ? placeFrom3(place) : place]),
            ),
          }
        : variant,
    ),
  };
}

function placeFrom3({ datum, ...rest }: Json): Json {
  const { leftMm, topMm } = isObject(datum) ? datum : {};
  return { ...rest, datum: { kind: 'edge', lineMm: 0, dropMm: topMm, leftMm }, anchorGapMm: 0, centring: null };
}

/** Version 5: size groups say which letters they compare and how ink lies; findings can be let stand; remedies. */
function upgradeFrom4(spec: Json): unknown {
  const { sizeGroups } = spec;
  if (!Array.isArray(sizeGroups)) return spec;
  return {
    ...spec,
    formatVersion: 5,
    sizeGroups: sizeGroups.map((group: unknown) => (isObject(group) ? { ...group, ...DEFAULT_GROUP } : group)),
    looked: {},
    remedies: REMEDIES_OF_5,
  };
}

const REMEDIES_OF_5 = {
  order: ['tighten', 'condense', 'twoLines', 'narrowerFace', 'shorten'],
  condenseTo: 0.85,
  stretchTo: 1.15,
};

/** Version 6: clear zones have ids and may allow loops round them; a text may be moved off the middle as a remedy. */
function upgradeFrom5(spec: Json): unknown {
  const { shop, remedies } = spec;
  if (!isObject(shop) || !areCopies(shop.blanks) || !isObject(remedies) || !Array.isArray(remedies.order)) return spec;
  const last: unknown[] = remedies.order.filter((kind: unknown) => kind === 'shorten');
  const order = [...remedies.order.filter((kind: unknown) => kind !== 'shorten'), 'offMiddle', ...last];
  const blanks = shop.blanks.map((copy) => ({ ...copy, value: upgradeBlank(copy.value) }));
  return { ...spec, formatVersion: 6, remedies: { ...remedies, order }, shop: { ...shop, blanks } };
}

/** Version 7: fabrics have a class, materials say how they are bought; press cards; who gets a blank is a rule. */
function upgradeFrom6(spec: Json): unknown {
  const { shop } = spec;
  if (!isObject(shop) || !areCopies(shop.blanks) || !areCopies(shop.materials)) return spec;
  const blanks = shop.blanks.map((copy) => ({ ...copy, value: upgradeBlank(copy.value) }));
  const materials = changeValues(shop.materials, (value) => ({ ...NOTHING_SAID, ...value }));
  const uses = Array.isArray(spec.uses) ? spec.uses.map(useFrom6) : spec.uses;
  return { ...spec, formatVersion: 7, uses, shop: { ...shop, blanks, materials, cards: DEFAULT_CARDS } };
}

function useFrom6(use: unknown): unknown {
  if (!isObject(use)) return use;
  const { onlyEntries, ...rest } = use;
  return { ...rest, who: Array.isArray(onlyEntries) ? { kind: 'chosen', entryIds: onlyEntries } : { kind: 'all' } };
}

/** Version 8: letterings may have borders, and a text may have narrower ones; nothing that there was is otherwise. */
function upgradeFrom7(spec: Json): unknown {
  return { ...spec, formatVersion: 8 };
}

/** Version 9: letterings may have more kinds of layers, and a place a motif; a run that has none has no motifs. */
function upgradeFrom8(spec: Json): unknown {
  const { shop } = spec;
  return isObject(shop) ? { ...spec, formatVersion: 9, shop: { ...shop, motifs: [] } } : spec;
}

/** Version 10: layers may be drawn or marked, and backings as large as their place; nothing that there was is otherwise. */
function upgradeFrom9(spec: Json): unknown {
  return { ...spec, formatVersion: 10 };
}

/** Version 11: single letters, motifs with a height of their own or drawn, films left open; nothing that there was is otherwise. */
function upgradeFrom10(spec: Json): unknown {
  return { ...spec, formatVersion: 11 };
}

/** Version 12: photos say where the blank begins on them; nothing that there was is otherwise. */
function upgradeFrom11(spec: Json): unknown {
  return { ...spec, formatVersion: 12 };
}

/** Version 13: letterings say how their lines stand and run, and how monograms do; nothing that there was is otherwise. */
function upgradeFrom12(spec: Json): unknown {
  return { ...spec, formatVersion: 13 };
}

/** Version 14: letterings may name faces that did not ship; nothing that there was is otherwise. */
function upgradeFrom13(spec: Json): unknown {
  return { ...spec, formatVersion: 14 };
}

/** Version 15: single letters set otherwise, least gaps, sizes by class, further forms; nothing that there was is otherwise. */
function upgradeFrom14(spec: Json): unknown {
  return { ...spec, formatVersion: 15 };
}

/** Version 16: a line may have room and a mark of its own above it; nothing that there was is otherwise. */
function upgradeFrom15(spec: Json): unknown {
  return { ...spec, formatVersion: 16 };
}

const STEPS: readonly { readonly from: number; readonly step: (spec: Json) => unknown }[] = [
  { from: 1, step: upgradeFrom1 },
  { from: 2, step: upgradeFrom2 },
  { from: 3, step: upgradeFrom3 },
  { from: 4, step: upgradeFrom4 },
  { from: 5, step: upgradeFrom5 },
  { from: 6, step: upgradeFrom6 },
  { from: 7, step: upgradeFrom7 },
  { from: 8, step: upgradeFrom8 },
  { from: 9, step: upgradeFrom9 },
  { from: 10, step: upgradeFrom10 },
  { from: 11, step: upgradeFrom11 },
  { from: 12, step: upgradeFrom12 },
  { from: 13, step: upgradeFrom13 },
  { from: 14, step: upgradeFrom14 },
  { from: 15, step: upgradeFrom15 },
];
