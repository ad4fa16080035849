import type { FaceFacts, FaceNeed } from './face-facts';

/** What keeps a face from being cut as it is asked for, the gravest first. */
export type FaceFault =
  | { readonly kind: 'absent' }
  | { readonly kind: 'lacks'; readonly characters: readonly string[] }
  | { readonly kind: 'thin'; readonly mm: number; readonly leastMm: number }
  | { readonly kind: 'smallHole'; readonly mm: number; readonly leastMm: number }
  | { readonly kind: 'near'; readonly mm: number; readonly leastMm: number }
  | { readonly kind: 'wide'; readonly mm: number; readonly mostMm: number }
  | { readonly kind: 'unevenFigures'; readonly figures: readonly string[] };

/** So many figures beside each other are read as a year. */
const YEAR = /[0-9]{3}/;

export function faceFaults(facts: FaceFacts, { texts, finest, roomMm }: FaceNeed): readonly FaceFault[] {
  if (facts.isAbsent) return [{ kind: 'absent' }];
  const { missing, strokeMm, holeMm, nearMm, widestMm, unevenFigures } = facts;
  const faults: FaceFault[] = [];
  if (missing.length > 0) faults.push({ kind: 'lacks', characters: missing });
  if (isUnder(strokeMm, finest.strokeMm)) faults.push({ kind: 'thin', mm: strokeMm, leastMm: finest.strokeMm });
  if (isUnder(holeMm, finest.holeMm)) faults.push({ kind: 'smallHole', mm: holeMm, leastMm: finest.holeMm });
  if (isUnder(nearMm, finest.gapMm)) faults.push({ kind: 'near', mm: nearMm, leastMm: finest.gapMm });
  if (roomMm && widestMm > roomMm) faults.push({ kind: 'wide', mm: widestMm, mostMm: roomMm });
  if (unevenFigures.length > 0 && texts.some((text) => YEAR.test(text)))
    faults.push({ kind: 'unevenFigures', figures: unevenFigures });
  return faults;
}

function isUnder(mm: number | null, leastMm: number): mm is number {
  return mm !== null && mm < leastMm;
}

/** What faces may be put in order by. */
export const FACE_ORDERS = ['suits', 'thickest', 'leastToWeed', 'roomiest', 'narrowest'] as const;
export type FaceOrder = (typeof FACE_ORDERS)[number];

/** Beyond this a thicker stroke makes cutting no easier, of what the film takes. */
const EASY_STROKE = 1.5;

/** Less comes first. */
function rank(facts: FaceFacts, order: FaceOrder, need: FaceNeed): readonly number[] {
  const stroke = facts.strokeMm ?? need.letterHeightMm / 2;
  const room = facts.nearMm ?? (facts.isJoined ? 0 : need.letterHeightMm);
  switch (order) {
    case 'suits': {
      const faults = faceFaults(facts, need);
      const isGrave = faults.some(({ kind }) => kind === 'absent' || kind === 'lacks');
      const ease = Math.min(stroke, need.finest.strokeMm * EASY_STROKE);
      // Where none has room, the one that lacks least of it.
      const over = Math.max(0, facts.widestMm - (need.roomMm ?? Infinity));
      return [Number(isGrave), faults.length, over, -ease, facts.numToWeed, -stroke];
    }
    case 'thickest':
      return [-stroke];
    case 'leastToWeed':
      return [facts.numToWeed, -stroke];
    case 'roomiest':
      return [-room];
    case 'narrowest':
      return [facts.widestMm];
  }
}

/** Equal ones stay in the order in which they came. */
export function inOrder<T extends FaceFacts>(faces: readonly T[], order: FaceOrder, need: FaceNeed): readonly T[] {
  return faces
    .map((facts) => ({ facts, ranks: rank(facts, order, need) }))
    .toSorted((a, b) => difference(a.ranks, b.ranks))
    .map(({ facts }) => facts);
}

function difference(a: readonly number[], b: readonly number[]): number {
  return a.map((value, i) => value - (b[i] ?? 0)).find((value) => value !== 0) ?? 0;
}

/** The face that suits best; null where every one has a fault. That a text has no room is one of the text and its height: a face that has room comes first, and without one the best is told all the same. */
export function bestFace<T extends FaceFacts>(faces: readonly T[], need: FaceNeed): T | null {
  const [best] = inOrder(faces, 'suits', need);
  return best && faceFaults(best, need).every(({ kind }) => kind === 'wide') ? best : null;
}

export const FACE_KINDS = ['all', 'joined', 'apart'] as const;
export type FaceKind = (typeof FACE_KINDS)[number];

/** Which faces are looked through. */
export interface FaceFilter {
  readonly kind: FaceKind;
  /** Only those that can be cut as it is asked for. */
  readonly onlyFaultless: boolean;
}

export function isLookedFor(facts: FaceFacts, { kind, onlyFaultless }: FaceFilter, need: FaceNeed): boolean {
  if (kind !== 'all' && facts.isJoined !== (kind === 'joined')) return false;
  return !onlyFaultless || faceFaults(facts, need).length === 0;
}

const STEP_MM = 0.5;
const LEAST_MM = 1;
const MOST_MM = 500;

/** From this letter height on the thinnest stroke is as wide as the film takes; in steps of half a millimetre; no more than a lettering may ask for. */
export function leastHeightMm({ strokeMm }: FaceFacts, { letterHeightMm, finest }: FaceNeed): number {
  const least = (letterHeightMm * finest.strokeMm) / (strokeMm ?? letterHeightMm / 2);
  return Math.min(MOST_MM, Math.max(LEAST_MM, Math.ceil(least / STEP_MM) * STEP_MM));
}
