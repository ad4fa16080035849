import { type InkOnBlank, nearestOnBlank } from '@/core/place';
import { type Finding, stopOf } from '@/core/finding';
import { fitKeyIn, readPieceId, textKeyOf } from '@/core/spec';
import type { BenchItem, BenchPiece, FrozenPiece } from '@/services';
import type { ScreenFit } from '@/workers/fit-protocol';

/** One layer of what stands at a place of an item: as it was frozen, or as the run has it. */
export interface ShownLayer {
  readonly layerId: string;
  readonly materialId: string;
  /** Null while it follows the run. */
  readonly frozen: FrozenPiece | null;
}

/** What stands at one place of one item: what was made or let through to be cut stays as it was, the rest follows the run. */
export interface ShownFit {
  /** As the run has it now; null while nothing is computed. */
  readonly fit: ScreenFit | null;
  readonly text: readonly string[];
  /** Bottom up. */
  readonly layers: readonly ShownLayer[];
  /** Where a ruler is laid; null without ink, and where that was not kept. */
  readonly onBlank: InkOnBlank | null;
  /** It was made by an earlier Knurl, which did not keep where it was to lie. */
  readonly isSpotLost: boolean;
}

/** `pieces`: those of the same item at the same place. */
export function shownFit(fit: ScreenFit | null, pieces: readonly BenchPiece[]): ShownFit {
  const frozenLayers = new Set(pieces.flatMap(({ layerId, frozen: one }) => (one ? layerId : [])));
  const frozen = pieces.flatMap((piece) => piece.frozen ?? []);
  const isSpotLost = frozen.some(({ spot }) => spot === null);
  if (frozen.length === 0)
    return { fit, text: fit?.text ?? [], layers: liveLayers(fit), onBlank: fit?.onBlank ?? null, isSpotLost };
  const layers = pieces.flatMap((piece, i): ShownLayer[] => {
    const { layerId } = piece;
    // Letters that follow the run are drawn as the layer that they are of, once.
    if (!piece.frozen && pieces.findIndex((one) => !one.frozen && one.layerId === layerId) !== i) return [];
    const live = fit?.layers.find((layer) => layer.layerId === layerId);
    if (piece.frozen) return [{ layerId, materialId: piece.frozen.materialId, frozen: piece.frozen }];
    return live ? [{ layerId, materialId: live.materialId, frozen: null }] : [];
  });
  const inks = [
    ...frozen.map(({ spot }) => spot?.onBlank ?? null),
    ...(fit?.layers ?? []).filter(({ layerId }) => !frozenLayers.has(layerId)).map(({ onBlank }) => onBlank),
  ];
  const known = inks.filter((ink) => ink !== null);
  const { text } = frozen.at(0)!;
  return { fit, text, layers, onBlank: isSpotLost ? null : nearestOnBlank(known), isSpotLost };
}

function liveLayers(fit: ScreenFit | null): ShownLayer[] {
  return (fit?.layers ?? []).map(({ layerId, materialId }) => ({ layerId, materialId, frozen: null }));
}

/** Of many fits at once. */
export function shownFits(
  fits: readonly ScreenFit[],
  items: readonly BenchItem[],
): (ShownFit & { readonly fit: ScreenFit })[] {
  const byFit = new Map<string, BenchPiece[]>();
  for (const piece of items.flatMap(({ pieces }) => pieces)) {
    const key = readPieceId(piece.pieceId)?.fitKey ?? '';
    const own = byFit.get(key);
    if (own) own.push(piece);
    else byFit.set(key, [piece]);
  }
  return fits.map((fit) => ({ ...shownFit(fit, byFit.get(fitKeyIn(fit.itemId, fit.placeId)) ?? []), fit }));
}

/** Texts that cannot be cut as the run has them, each with the first thing that stops it; what was frozen is cut all the same. */
export function stoppedTexts(
  shown: readonly (Pick<ShownFit, 'layers'> & { readonly fit: ScreenFit })[],
): ReadonlyMap<string, Finding> {
  return new Map(
    shown.flatMap(({ fit, layers }) => {
      const stop = layers.some(({ frozen }) => frozen !== null) ? null : stopOf(fit.findings);
      return stop ? [[textKeyOf(fit), stop] as const] : [];
    }),
  );
}
