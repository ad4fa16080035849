'use client';

import { useQueries } from '@tanstack/react-query';
import { useMemo } from 'react';
import { outlinesOf } from '@/core/figures';
import type { OutlineNumbers } from '@/core/geometry';
import { type DrawnLayer, filmsOf, frozenLayer, frozenLines, layersOfFit } from '@/drawing';
import { api } from './api';
import { outlineQuery } from './api-query';
import { useRun } from './run-session';
import type { ShownFit } from './shown-fit';

/** What is drawn of what stands at a place. */
export interface ShownDrawing {
  /** Where they lie in the place. */
  readonly layers: readonly DrawnLayer[];
  /** Holes to weed, of what is frozen; null before. */
  readonly numHoles: number | null;
  /** Outlines are on their way. */
  readonly isReading: boolean;
}

/** The layers of what stands at several places: frozen ones by the outlines that were kept, the others as the run has them. */
export function useShownLayers(shown: readonly ShownFit[]): readonly ShownDrawing[] {
  const { spec, paths } = useRun();
  const shas = useMemo(
    () => [
      ...new Set(shown.flatMap(({ layers }) => layers.flatMap(({ frozen }) => (frozen ? outlinesOf(frozen) : [])))),
    ],
    [shown],
  );
  const answers = useQueries({ queries: shas.map((sha) => outlineQuery(sha, () => api.outline(sha))) });
  const outlines = new Map(shas.map((sha, i) => [sha, answers[i]?.data] as const));
  const filmOf = useMemo(() => filmsOf(spec.shop.materials), [spec.shop.materials]);
  return shown.map(({ fit, layers }) =>
    drawingOf(layers, fit ? layersOfFit(fit, paths, filmOf) : [], {
      outlineOf: (sha) => {
        const answer = outlines.get(sha);
        return answer?.ok ? answer.value : null;
      },
      frozen: (layer, outline, spot) => frozenLayer(layer.layerId, outline, filmOf(layer.materialId), spot),
    }),
  );
}

interface Drawing {
  /** Null while it is on its way. */
  readonly outlineOf: (sha: string) => OutlineNumbers | null;
  readonly frozen: (
    layer: ShownFit['layers'][number],
    outline: OutlineNumbers,
    spot: NonNullable<ShownFit['layers'][number]['frozen']>['spot'],
  ) => DrawnLayer;
}

/** Layers of what stands at one place: what is frozen by its own outline, the rest by those that the fit has. */
export function drawingOf(
  layers: ShownFit['layers'],
  live: readonly DrawnLayer[],
  { outlineOf, frozen }: Drawing,
): ShownDrawing {
  let numHoles: number | null = null;
  let isReading = false;
  const drawn = layers.flatMap((layer): readonly DrawnLayer[] => {
    if (!layer.frozen) return live.filter(({ id }) => id === layer.layerId);
    const outline = outlineOf(layer.frozen.outline);
    if (!outline) {
      isReading = true;
      return [];
    }
    numHoles = (numHoles ?? 0) + holesIn(outline);
    const own = frozen(layer, outline, layer.frozen.spot);
    const lines = (layer.frozen.lines ?? []).flatMap((line) => {
      const rings = outlineOf(line.outline);
      return rings ? [frozenLines(own, rings, line)] : [];
    });
    return [own, ...lines];
  });
  return { layers: drawn, numHoles, isReading };
}

/** Rings of its islands beside the outer one of each. */
export function holesIn(islands: OutlineNumbers): number {
  return islands.reduce((sum, rings) => sum + rings.length - 1, 0);
}
