import { boxHeight, boxWidth } from '../geometry';
import type { Piece } from '../pieces';
import { type RunSpec, findBed, findMaterial, processFacts } from '../run';
import { type Um10, mmToUm10, um10ToMm } from '../units';
import { type PackOptions, packSkyline } from './pack-skyline';

/** A piece that still has to be cut, and for the how-manieth time. */
export interface WantedPiece {
  readonly piece: Piece;
  readonly attempt: number;
}

export interface PlannedPiece extends WantedPiece {
  readonly x: Um10;
  readonly y: Um10;
}

/** One loading of the cutter, not made yet: one patch of one material from the bed's top left corner. */
export interface PlannedPass {
  readonly materialId: string;
  readonly isReversed: boolean;
  readonly placed: readonly PlannedPiece[];
  /** The material that has to be laid down: the bed's whole width, and down to the lowest piece with its edge. */
  readonly patchWidth: Um10;
  readonly patchHeight: Um10;
  /** Share of the patch that the pieces' boxes cover, 0 to 1. */
  readonly usedShare: number;
}

export interface UnplacedPiece extends WantedPiece {
  readonly kind: 'largerThanBed';
  readonly pieceWidthMm: number;
  readonly pieceHeightMm: number;
  readonly roomWidthMm: number;
  readonly roomHeightMm: number;
}

export interface PassPlan {
  readonly passes: readonly PlannedPass[];
  readonly unplaced: readonly UnplacedPiece[];
}

/**
 * Lays everything wanted on as many beds as it takes, material by material in the order of the run's materials. Recuts
 * come first, since an item waits for them. Several orders are tried and the shortest layout is taken.
 */
export function planPasses(spec: RunSpec, wanted: readonly WantedPiece[]): PassPlan {
  const bed = findBed(spec, spec.layout.bedId);
  const options: PackOptions = {
    bedWidth: mmToUm10(bed.widthMm),
    bedHeight: mmToUm10(bed.heightMm),
    spacing: mmToUm10(spec.layout.spacingMm),
    edge: mmToUm10(spec.layout.edgeMm),
  };
  const passes: PlannedPass[] = [];
  const unplaced: UnplacedPiece[] = [];
  for (const { id: materialId } of spec.shop.materials) {
    const ofMaterial = wanted.filter(({ piece }) => piece.materialId === materialId);
    const { beds, tooLarge } = shortestOf(ORDERS.map((order) => layOut(ofMaterial, order, options)));
    passes.push(...beds.map((onBed) => passOf(spec, materialId, onBed, options)));
    unplaced.push(...tooLarge.map((piece) => largerThanBed(piece, options)));
  }
  return { passes, unplaced };
}

interface Layout {
  readonly beds: readonly (readonly PlannedPiece[])[];
  readonly tooLarge: readonly WantedPiece[];
}

/** Bed after bed, each as full as the order allows. */
function layOut(wanted: readonly WantedPiece[], order: Order, options: PackOptions): Layout {
  let waiting = [...wanted].sort((a, b) => isRecut(b) - isRecut(a) || order(a, b) || inIdOrder(a, b));
  const beds: PlannedPiece[][] = [];
  while (waiting.length > 0) {
    const { placed, leftOver } = packSkyline(waiting.map(sizeOf), options);
    if (placed.length === 0) break;
    const here = waiting;
    beds.push(placed.map(({ index, x, y }) => ({ ...here[index]!, x, y })));
    waiting = leftOver.map((index) => here[index]!);
  }
  return { beds, tooLarge: waiting };
}

/** The layout on the fewest beds; of several, the one that takes the least film on its last bed. The first wins ties. */
function shortestOf(layouts: readonly Layout[]): Layout {
  const lowestOnLast = ({ beds }: Layout) =>
    Math.max(0, ...(beds.at(-1) ?? []).map(({ piece, y }) => y + boxHeight(piece.box)));
  return layouts.reduce((best, next) => {
    const fewer = next.beds.length - best.beds.length || lowestOnLast(next) - lowestOnLast(best);
    return fewer < 0 ? next : best;
  });
}

type Order = (a: WantedPiece, b: WantedPiece) => number;

/**
 * Orders that suit a skyline: wide pieces first leave a strip beside them that narrow ones fill; tall ones first make
 * even rows. Which is better depends on the names, so each is tried.
 */
const ORDERS: readonly Order[] = [
  (a, b) => sizeOf(b).width - sizeOf(a).width || sizeOf(b).height - sizeOf(a).height,
  (a, b) => sizeOf(b).height - sizeOf(a).height || sizeOf(b).width - sizeOf(a).width,
  (a, b) => sizeOf(b).width * sizeOf(b).height - sizeOf(a).width * sizeOf(a).height,
];

/** Layouts that a plan tries; a made pass says so. */
export const NUM_LAYOUTS = ORDERS.length;

const isRecut = ({ attempt }: WantedPiece) => Number(attempt > 1);

function inIdOrder(a: WantedPiece, b: WantedPiece): number {
  return a.piece.id < b.piece.id ? -1 : 1;
}

function sizeOf({ piece }: WantedPiece): { width: Um10; height: Um10 } {
  return { width: boxWidth(piece.box), height: boxHeight(piece.box) };
}

function passOf(
  spec: RunSpec,
  materialId: string,
  placed: readonly PlannedPiece[],
  { bedWidth, bedHeight, edge }: PackOptions,
): PlannedPass {
  const lowest = Math.max(...placed.map(({ piece, y }) => y + boxHeight(piece.box)));
  const wholeMm = mmToUm10(Math.ceil(um10ToMm(lowest + edge)));
  const patchHeight = Math.min(bedHeight, wholeMm);
  const covered = placed.reduce((sum, { piece }) => sum + boxWidth(piece.box) * boxHeight(piece.box), 0);
  return {
    materialId,
    isReversed: processFacts(findMaterial(spec, materialId).process).reversed,
    placed,
    patchWidth: bedWidth,
    patchHeight,
    usedShare: covered / (bedWidth * patchHeight),
  };
}

function largerThanBed(wanted: WantedPiece, { bedWidth, bedHeight, edge }: PackOptions): UnplacedPiece {
  const { width, height } = sizeOf(wanted);
  return {
    ...wanted,
    kind: 'largerThanBed',
    pieceWidthMm: um10ToMm(width),
    pieceHeightMm: um10ToMm(height),
    roomWidthMm: um10ToMm(bedWidth - 2 * edge),
    roomHeightMm: um10ToMm(bedHeight - 2 * edge),
  };
}
