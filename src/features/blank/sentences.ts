import type { CentringReport, PlaceProblem, Suggestion } from '@/core/place';
import type { Anchor9, BlankKind, Datum, Shape, Wrap } from '@/core/shop';
import { assertNever } from '@/core/outcome';

export const ANCHOR_WORDS: Record<Anchor9, string> = {
  topLeft: 'top left',
  top: 'top',
  topRight: 'top right',
  left: 'left',
  centre: 'centre',
  right: 'right',
  bottomLeft: 'bottom left',
  bottom: 'bottom',
  bottomRight: 'bottom right',
};

export const SHAPE_WORDS: Record<Shape['kind'], string> = {
  rect: 'rectangle',
  roundedRect: 'rounded rectangle',
  ellipse: 'ellipse',
  ringPart: 'part of a ring',
  taper: 'tapering strip',
  polygon: 'corners',
};

export const DATUM_WORDS: Record<Datum['kind'], string> = {
  edge: 'top edge',
  neckSeam: 'neck seam',
  rim: 'rim',
  handle: 'handle seam',
  hem: 'hem',
};

export const WRAP_WORDS: Record<Wrap['kind'] | 'flat', string> = {
  flat: 'flat',
  folded: 'folded, as it hangs',
  filled: 'filled',
  stretched: 'stretched',
  curved: 'curved',
  round: 'round goods',
};

export const READING_WORDS = { 0: 'upright', 90: 'turned right', 180: 'upside down', 270: 'turned left' } as const;

export const KIND_WORDS: Record<BlankKind, string> = {
  garment: 'garment',
  bag: 'bag',
  pouch: 'pouch',
  towel: 'towel, cloth',
  sock: 'socks',
  headwear: 'headwear',
  flag: 'flag, pennant',
  bottle: 'bottle, jar',
  cup: 'cup',
  case: 'box, case',
  book: 'folder, book',
  tag: 'tag',
  card: 'card',
  board: 'board',
  other: 'other',
};

export const USE_WORDS = {
  worn: 'worn',
  washed: 'washed',
  scuffed: 'scuffed',
  food: 'touches food',
  decorative: 'only decorative',
} as const;

type Figure = (mm: number) => string;

/** What is wrong with a place, and what would do. */
export function problemWords(problem: PlaceProblem, figure: Figure): string {
  switch (problem.kind) {
    case 'polygonCrosses':
      return `The outline crosses itself: the edge from corner ${problem.edges[0]} meets the one from corner ${problem.edges[1]}. Put the corners in order round the place.`;
    case 'polygonFlat':
      return 'The corners enclose next to nothing. Measure them again.';
    case 'ringCrossed':
      return `The inner radius of ${figure(problem.innerMm)} is not smaller than the outer one of ${figure(problem.outerMm)}. Change the two over, or measure again.`;
    case 'tooDeep':
      return `${figure(problem.depthMm)} is deeper than this blank can get: round, it would be ${figure(problem.mostMm)} deep. Measure the filled depth, or the width lying flat, again.`;
    case 'overBase':
      return `The place ends ${figure(problem.byMm)} below the base; the side is ${figure(problem.sideMm)} long. Move it up, or take it less tall.`;
    case 'clearSwallows':
      return `What is kept clear (${problem.names.map((name) => name || 'no name').join(', ')}) leaves nothing of the place. Make it smaller, or move it.`;
    case 'noRoom':
      return `No upright rectangle of at least ${figure(problem.leastMm)} has room in it, so nothing can be lettered here. Measure again.`;
    case 'overEdge':
      return `The place reaches ${figure(problem.byMm)} over the ${EDGE_WORDS[problem.side]}: measure again.`;
    case 'radiusTooLarge':
      return `Corners of ${figure(problem.radiusMm)} are more than half of the place; ${figure(problem.mostMm)} is drawn.`;
    default:
      return assertNever(problem);
  }
}

const EDGE_WORDS = { left: 'left edge', right: 'right edge', top: 'top edge', bottom: 'lower edge' } as const;

/** Why a measure is usual. */
export function suggestionWords({ reason, rangeMm }: Suggestion, figure: Figure): string {
  const range = rangeMm ? `${figure(rangeMm[0])} to ${figure(rangeMm[1])}` : '';
  switch (reason) {
    case 'halfOfChest':
      return `text across the chest is usually 40 to 65 % of its width (${range}); in doubt smaller`;
    case 'oneSideOfChest':
      return `a name on one side of the chest is usually ${range} wide`;
    case 'belowCollar':
      return `usual below the collar for this size (${range})`;
    case 'offRim':
      return 'keep at least so far off a rim that lips touch';
    case 'offBase':
      return 'keeps it off the edge of the base';
    case 'offSeams':
      return `seams and hems are kept clear of by ${range}`;
    case 'betweenSeams':
      return 'stays clear of the seams on both sides';
    default:
      return assertNever(reason);
  }
}

export function centringWords({ why, differencesMm }: CentringReport, figure: Figure): string {
  switch (why) {
    case 'withinTolerance':
      return 'Both middles are the same within the tolerance: take the body’s, it is easier to measure.';
    case 'eyeReadsHandles':
      return 'The eye reads the handles: text in the middle of the body would look off.';
    case 'handlesLean':
      return `The handles lean: their middle moves from ${offWords(differencesMm[0]!, figure)} to ${offWords(differencesMm.at(-1)!, figure)}. No middle between them is right, so the body’s is taken; or measure again.`;
    default:
      return assertNever(why);
  }
}

/** `4 mm right of the body’s middle`. */
export function offWords(mm: number, figure: Figure): string {
  if (Math.abs(mm) < 0.05) return 'the body’s middle';
  return `${figure(Math.abs(mm))} ${mm > 0 ? 'right' : 'left'} of the body’s middle`;
}
