'use client';

import { useQueries } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { OutlineNumbers } from '@/core/geometry';
import { type DrawnLayer, filmsOf, frozenLayer, layersOfFit } from '@/drawing';
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
    () => [...new Set(shown.flatMap(({ layers }) => layers.flatMap(({ frozen }) => frozen?.outline ?? [])))],
    [shown],
  );
  const answers = useQueries({ queries: shas.map((sha) => outlineQuery(sha, () => api.outline(sha))) });
  const outlines = new Map(shas.map((sha, i) => [sha, answers[i]?.data] as const));
  const filmOf = useMemo(() => filmsOf(spec.shop.materials), [spec.shop.materials]);
  return shown.map(({ fit, layers }) => {
    const live = fit ? layersOfFit(fit, paths, filmOf) : [];
    let numHoles: number | null = null;
    let isReading = false;
    const drawn = layers.flatMap(({ layerId, materialId, frozen }): DrawnLayer[] => {
      if (!frozen) return live.filter(({ id }) => id === layerId);
      const outline = outlines.get(frozen.outline);
      if (!outline?.ok) {
        isReading = true;
        return [];
      }
      numHoles = (numHoles ?? 0) + holesIn(outline.value);
      return [frozenLayer(layerId, outline.value, filmOf(materialId), frozen.spot)];
    });
    return { layers: drawn, numHoles, isReading };
  });
}

/** Rings of its islands beside the outer one of each. */
export function holesIn(islands: OutlineNumbers): number {
  return islands.reduce((sum, rings) => sum + rings.length - 1, 0);
}
