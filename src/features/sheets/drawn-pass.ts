import type { Material } from '@/core/shop';
import type { RunSpec } from '@/core/spec';
import type { MadePassHead, PassOnBed, PieceOnBed } from '@/services';
import { UNKNOWN_FILM } from '@/drawing';

/** A pass in the list: made ones are drawn from what was frozen, the others as they would be made now. */
export interface PassRow {
  readonly key: string;
  readonly no: number;
  /** Null while it is only planned. */
  readonly made: Pick<MadePassHead, 'id' | 'isUnmade' | 'isTaken'> | null;
  readonly numPieces: number;
}

export function piecesOf({ patches }: PassOnBed): readonly PieceOnBed[] {
  return patches.flatMap(({ pieces }) => pieces);
}

/** Some of its material is cut as a mirror image. */
export function isReversed({ patches }: PassOnBed): boolean {
  return patches.some((patch) => patch.isReversed);
}

/** The material of a patch; the run may have dropped it since its pass was made. */
export function materialOf({ shop }: RunSpec, materialId: string) {
  const material = shop.materials.find(({ id }) => id === materialId)?.value ?? null;
  return { material, name: material?.name ?? materialId, hex: material?.colour.hex ?? UNKNOWN_FILM };
}

/** What a pass is cut from, each material once. */
export function materialsOf(spec: RunSpec, { patches }: PassOnBed): string {
  return [...new Set(patches.map(({ materialId }) => materialOf(spec, materialId).name))].join(', ');
}

/** What its materials are cut with, in the maker's own words, each setting once; none where nobody has said. */
export function bladesOf(spec: RunSpec, { patches }: PassOnBed): readonly string[] {
  const blades = patches.map(({ materialId }) => materialOf(spec, materialId).material?.blade ?? '');
  return [...new Set(blades)].filter((blade) => blade !== '');
}

/** Materials of a pass of which only the colour was said, each once. */
export function openFilmsOf(
  { shop }: RunSpec,
  { patches }: PassOnBed,
): readonly (readonly [id: string, of: Material])[] {
  const used = new Set(patches.map(({ materialId }) => materialId));
  return shop.materials.flatMap(({ id, value }) => (value.open && used.has(id) ? [[id, value] as const] : []));
}
