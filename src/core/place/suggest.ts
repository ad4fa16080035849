import { type Blank, type MeasuredPlace, type PlaceRole, type Variant, shapeBox, sizeKey } from '../shop';
import { placeGeometry } from './place-geometry';
import { slantMm } from './unroll';

/** A measure that would be usual, with the reason; the maker takes it or types another. Millimetres. */
export interface Suggestion {
  readonly measure: 'width' | 'drop';
  readonly mm: number;
  readonly reason:
    'halfOfChest' | 'oneSideOfChest' | 'belowCollar' | 'offRim' | 'offSeams' | 'betweenSeams' | 'offBase';
  /** The usual range, where there is one. */
  readonly rangeMm: readonly [number, number] | null;
  /** True when the present measure lies within what is usual. */
  readonly isMet: boolean;
}

/** Seams are kept clear of by 10–15 mm, a rim where lips touch by 20 mm or more; in doubt the smaller place. */
const SEAM_MM: readonly [number, number] = [10, 15];
const RIM_MM = 20;
/** A name on one side of the chest; text across it takes 40–65 % of its width. */
const ONE_SIDE_MM: readonly [number, number] = [70, 130];
const CHEST_SHARE: readonly [number, number] = [0.4, 0.65];

/** Usual drops below a collar, by size: a small hand's width for adults, much less for an infant. */
const DROPS_MM: readonly { readonly sizes: RegExp; readonly mm: number }[] = [
  { sizes: /^(?:nb|newborn|infant|baby|\d+m)$/, mm: 35 },
  { sizes: /^(?:toddler|[1-5]|[1-5]y|[2-5]t)$/, mm: 45 },
  { sizes: /^(?:child|kids|youth|[6-9]|1[0-4]|[6-9]y|1[0-4]y|youth[a-z]+)$/, mm: 55 },
];
const ADULT_DROP_MM = 75;

/** What this place would usually measure; empty where nothing usual is known. */
export function suggestionsFor(blank: Blank, variant: Variant, role: PlaceRole, place: MeasuredPlace): Suggestion[] {
  const { kind } = blank;
  if (place.wrap?.kind === 'round') return roundSuggestions(place);
  if (kind === 'garment') return garmentSuggestions(variant, role, place);
  if (kind === 'bag' || kind === 'pouch' || kind === 'towel' || kind === 'sock' || kind === 'case') {
    return seamSuggestions(variant, place);
  }
  return [];
}

function roundSuggestions({ datum, outline, wrap }: MeasuredPlace): Suggestion[] {
  const { heightMm } = shapeBox(outline);
  const side = wrap?.kind === 'round' ? slantMm(wrap) : 0;
  const found: Suggestion[] = [
    { measure: 'drop', mm: RIM_MM, reason: 'offRim', rangeMm: null, isMet: datum.dropMm >= RIM_MM },
  ];
  const lowest = side - SEAM_MM[0] - heightMm;
  if (datum.dropMm > lowest && lowest >= RIM_MM) {
    found.push({ measure: 'drop', mm: Math.floor(lowest), reason: 'offBase', rangeMm: null, isMet: false });
  }
  return found;
}

function garmentSuggestions(variant: Variant, role: PlaceRole, place: MeasuredPlace): Suggestion[] {
  const { body, box } = placeGeometry(variant, place);
  const isOneSide = role.side === 'left' || role.side === 'right' || role.twinOf !== null;
  const rangeMm = isOneSide ? ONE_SIDE_MM : ([body.widthMm * CHEST_SHARE[0], body.widthMm * CHEST_SHARE[1]] as const);
  // In doubt smaller: the lower third of what is usual.
  const mm = Math.round(rangeMm[0] + (rangeMm[1] - rangeMm[0]) / 3);
  const isMet = box.widthMm >= rangeMm[0] && box.widthMm <= rangeMm[1];
  const dropMm = dropFor(variant.size);
  return [
    { measure: 'width', mm, reason: isOneSide ? 'oneSideOfChest' : 'halfOfChest', rangeMm, isMet },
    {
      measure: 'drop',
      mm: dropMm,
      reason: 'belowCollar',
      rangeMm: [dropMm - 15, dropMm + 15],
      isMet: place.datum.kind !== 'neckSeam' || Math.abs(place.datum.dropMm - dropMm) <= 15,
    },
  ];
}

function dropFor(size: string): number {
  const key = sizeKey(size);
  return DROPS_MM.find(({ sizes }) => sizes.test(key))?.mm ?? ADULT_DROP_MM;
}

function seamSuggestions(variant: Variant, place: MeasuredPlace): Suggestion[] {
  const { body, box, leftMm, topMm } = placeGeometry(variant, place);
  const [least, good] = SEAM_MM;
  const most = body.widthMm - 2 * good;
  const isWidthMet = leftMm >= least - 0.05 && body.widthMm - leftMm - box.widthMm >= least - 0.05;
  return [
    {
      measure: 'width',
      mm: Math.min(Math.round(box.widthMm), Math.floor(most)),
      reason: 'betweenSeams',
      rangeMm: null,
      isMet: isWidthMet,
    },
    ...(place.datum.kind === 'edge'
      ? [{ measure: 'drop', mm: good, reason: 'offSeams', rangeMm: SEAM_MM, isMet: topMm >= least } as const]
      : []),
  ];
}
