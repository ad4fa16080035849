import { type RunSpec, findMaterial } from '@/core/spec';
import type { MadePass } from '@/core/sheets';
import { um10ToMm } from '@/core/units';
import type { PlannedPassAnswer } from '@/services';

/** A pass as it is drawn and described, whether it is made or only planned. Frame of the bed, millimetres. */
export interface DrawnPass {
  readonly key: string;
  readonly no: number;
  readonly isMade: boolean;
  readonly bedName: string;
  readonly bedWidthMm: number;
  readonly bedHeightMm: number;
  readonly patchHeightMm: number;
  readonly materialId: string;
  readonly isReversed: boolean;
  readonly usedShare: number | null;
  readonly pieces: readonly DrawnPiece[];
}

export interface DrawnPiece {
  readonly id: string;
  readonly attempt: number;
  readonly text: string;
  readonly path: string;
}

export function drawPlanned(pass: PlannedPassAnswer): DrawnPass {
  return {
    key: `planned-${pass.no}`,
    no: pass.no,
    isMade: false,
    bedName: pass.bed.name,
    bedWidthMm: pass.bed.widthMm,
    bedHeightMm: pass.bed.heightMm,
    patchHeightMm: pass.patchHeightMm,
    materialId: pass.materialId,
    isReversed: pass.isReversed,
    usedShare: pass.usedShare,
    pieces: pass.pieces.map(({ pieceId, attempt, text, path }) => ({
      id: pieceId,
      attempt,
      text: text.join(' '),
      path: path ?? '',
    })),
  };
}

/** A made pass shows the very shapes of its cut file; `paths` are read from it, by piece. */
export function drawMade(pass: MadePass, paths: ReadonlyMap<string, string>): DrawnPass {
  const placed = pass.patches.flatMap((patch) => patch.placed);
  return {
    key: `made-${pass.no}`,
    no: pass.no,
    isMade: true,
    bedName: pass.bed.name,
    bedWidthMm: pass.bed.widthMm,
    bedHeightMm: pass.bed.heightMm,
    patchHeightMm: Math.max(...pass.patches.map(({ y, h }) => um10ToMm(y + h))),
    materialId: pass.patches[0]?.materialId ?? '',
    isReversed: placed.some(({ reversed }) => reversed),
    usedShare: null,
    pieces: placed.map(({ pieceId, attempt, text }) => ({
      id: pieceId,
      attempt,
      text: text.join(' '),
      path: paths.get(pieceId) ?? '',
    })),
  };
}

/** The material of a pass; the run may have dropped it since the pass was made. */
export function materialOf(spec: RunSpec, materialId: string): { name: string; hex: string } {
  const isKnown = spec.shop.materials.some(({ id }) => id === materialId);
  if (!isKnown) return { name: materialId, hex: '#c9c3b4' };
  const { name, colour } = findMaterial(spec, materialId);
  return { name, hex: colour.hex };
}
