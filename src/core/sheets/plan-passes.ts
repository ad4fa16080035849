import { boxHeight, boxWidth, outlineArea } from '../geometry';
import type { Piece } from '../pieces';
import { type RunSpec, bedsOf, edgeOf, findMaterial, isOnce, mayTurn } from '../spec';
import { type Bed, processFacts, processOf } from '../shop';
import { type Um10, mmToUm10, um10ToMm } from '../units';
import { type PackSearch, type WhichPacking, keptPackBoxes } from './kept-packing';
import type { PackOptions } from './pack-boxes';

/** A piece that still has to be cut, and for the how-manieth time. */
export interface WantedPiece {
  readonly piece: Piece;
  readonly attempt: number;
}

export interface PlannedPiece extends WantedPiece {
  readonly x: Um10;
  readonly y: Um10;
  readonly turnDeg: 0 | 90;
}

/** A rectangle of one material laid down on the bed. */
export interface PlannedPatch {
  readonly materialId: string;
  /** Its material is bonded face down: its pieces are cut as mirror images. */
  readonly isReversed: boolean;
  readonly placed: readonly PlannedPiece[];
  readonly x: Um10;
  readonly y: Um10;
  readonly w: Um10;
  readonly h: Um10;
  /** Share of it that the pieces' boxes cover, 0 to 1. */
  readonly usedShare: number;
  /** Share of it that is ink, 0 to 1. */
  readonly inkShare: number;
}

/** One loading of the cutter, not made yet. Today it is one patch from the bed's top left corner. */
export interface PlannedPass {
  readonly patches: readonly PlannedPatch[];
  /** Layouts that were tried for it. */
  readonly layouts: number;
  readonly bedId: string;
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
  /** Longer searches that might better it, and were not done yet. */
  readonly searches: readonly PackSearch[];
}

/**
 * Lays everything wanted on as many beds as it takes, material by material in the order of the run's materials. Recuts
 * come first, since an item waits for them. Orders are searched with a budget that is counted in layouts, from the seed
 * of the run, so that the same run gives the same passes; `which` takes those again that stood before a longer search had been.
 */
export function planPasses(
  spec: RunSpec,
  wanted: readonly WantedPiece[],
  which: WhichPacking = 'best',
  /** Beds that serve once and have served. */
  usedBeds: ReadonlySet<string> = new Set(),
): PassPlan {
  const passes: PlannedPass[] = [];
  const unplaced: UnplacedPiece[] = [];
  const searches: PackSearch[] = [];
  const used = new Set(usedBeds);
  for (const { id: materialId } of spec.shop.materials) {
    const ofMaterial = wanted
      .filter(({ piece }) => piece.materialId === materialId)
      .sort((a, b) => isRecut(b) - isRecut(a) || inIdOrder(a, b));
    let left: readonly WantedPiece[] = ofMaterial;
    const own = bedsOf(spec, materialId);
    const free = own.filter(({ id, value }) => !isOnce(value) || !used.has(id));
    // A run of leftovers alone, all of them used: rather a bed too much than a piece that nobody is told of.
    const beds = free.length > 0 ? free : own.slice(-1);
    for (const [i, bed] of beds.entries()) {
      if (left.length === 0) break;
      const laid = layOn(spec, left, { materialId, bed, which });
      // One loading of a leftover; what it does not hold goes on to the next bed.
      const taken = i < beds.length - 1 ? laid.passes.slice(0, 1) : laid.passes;
      if (laid.search) searches.push(laid.search);
      if (isOnce(bed.value) && taken.length > 0) used.add(bed.id);
      passes.push(...taken);
      const isLaid = new Set(
        taken.flatMap(({ patches }) => patches.flatMap(({ placed }) => placed.map(({ piece }) => piece.id))),
      );
      left = left.filter(({ piece }) => !isLaid.has(piece.id));
      if (i === beds.length - 1) unplaced.push(...laid.unplaced);
    }
  }
  return { passes, unplaced, searches };
}

interface LaidOn {
  readonly passes: readonly PlannedPass[];
  readonly unplaced: readonly UnplacedPiece[];
  readonly search: PackSearch | null;
}

interface LaidFrom {
  readonly materialId: string;
  readonly bed: RunSpec['shop']['beds'][number];
  readonly which: WhichPacking;
}

/** Pieces of one material on as many loadings of one bed as it takes. */
function layOn(spec: RunSpec, wanted: readonly WantedPiece[], { materialId, bed, which }: LaidFrom): LaidOn {
  const options = { ...packOptions(spec, bed.value, wanted.length), mayTurn: mayTurn(spec, materialId) };
  const { packing, search } = keptPackBoxes(wanted.map(sizeOf), wanted.filter(isRecut).length, options, which);
  const { beds, tooLarge, layouts } = packing;
  const passes = beds.map((onBed): PlannedPass => {
    const placed = onBed.map(({ index, x, y, isTurned }): PlannedPiece => {
      return { ...wanted[index]!, x, y, turnDeg: isTurned ? 90 : 0 };
    });
    const leastMm = bed.value.leastMm ?? 0;
    return { patches: [patchOf(spec, materialId, placed, { ...options, leastMm })], layouts, bedId: bed.id };
  });
  return { passes, unplaced: tooLarge.map((index) => largerThanBed(wanted[index]!, options)), search };
}

/** Cost of a layout grows with the square of the pieces: about a fifth of a second in all, up to a few hundred pieces. */
const LAYOUTS_TIMES_PIECES_SQUARED = 6_000_000;
const FEWEST_LAYOUTS = 2;
const MOST_LAYOUTS = 2500;

function packOptions({ layout }: RunSpec, bed: Bed, numPieces: number): PackOptions {
  const affordable = Math.floor(LAYOUTS_TIMES_PIECES_SQUARED / Math.max(1, numPieces) ** 2);
  return {
    bedWidth: mmToUm10(bed.widthMm),
    bedHeight: mmToUm10(bed.heightMm),
    spacing: mmToUm10(layout.spacingMm),
    edge: mmToUm10(edgeOf(layout, bed)),
    mayTurn: layout.mayTurn,
    seed: layout.seed,
    layouts: Math.min(MOST_LAYOUTS, Math.max(FEWEST_LAYOUTS, affordable)),
  };
}

const isRecut = ({ attempt }: WantedPiece) => Number(attempt > 1);

function inIdOrder(a: WantedPiece, b: WantedPiece): number {
  return a.piece.id < b.piece.id ? -1 : 1;
}

function sizeOf({ piece }: WantedPiece): { width: Um10; height: Um10 } {
  return { width: boxWidth(piece.box), height: boxHeight(piece.box) };
}

/** Where the piece ends, down the bed, as it lies. */
function lowEdge({ piece, y, turnDeg }: PlannedPiece): Um10 {
  return y + (turnDeg === 90 ? boxWidth(piece.box) : boxHeight(piece.box));
}

/** The bed's whole width, and down to the lowest piece with its edge, but never shorter than what may be loaded. */
function patchOf(
  spec: RunSpec,
  materialId: string,
  placed: readonly PlannedPiece[],
  { bedWidth, bedHeight, edge, leastMm }: PackOptions & { readonly leastMm: number },
): PlannedPatch {
  const lowest = placed.reduce((low, piece) => Math.max(low, lowEdge(piece)), 0);
  const wholeMm = mmToUm10(Math.ceil(um10ToMm(lowest + edge)));
  const h = Math.min(bedHeight, Math.max(wholeMm, mmToUm10(leastMm)));
  const covered = placed.reduce((sum, { piece }) => sum + boxWidth(piece.box) * boxHeight(piece.box), 0);
  const ink = placed.reduce((sum, { piece }) => sum + outlineArea(piece.outline), 0);
  return {
    materialId,
    isReversed: processFacts(processOf(findMaterial(spec, materialId))).reversed,
    placed,
    x: 0,
    y: 0,
    w: bedWidth,
    h,
    usedShare: covered / (bedWidth * h),
    inkShare: ink / (bedWidth * h),
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
