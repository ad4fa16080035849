'use client';

import { useEffect, useState } from 'react';
import { api, useRun } from '@/client';
import { UM10_PER_MM } from '@/core/units';
import type { BenchItem, BenchPiece } from '@/services';
import { PATH_UNITS_PER_EM } from '@/workers/text-paths';

/** The lettering of an item to be drawn: the frozen outline where there is one, else the fit as it would be cut. */
export interface ItemShape {
  readonly path: string;
  /** Path units to millimetres. */
  readonly scale: number;
  readonly widthMm: number;
  readonly heightMm: number;
  /** Null before the outline is frozen. */
  readonly numHoles: number | null;
}

/** Of one piece of an item. Null while the outline is fetched, and where there is no ink. */
export function useItemShape(item: BenchItem, piece: BenchPiece): ItemShape | null {
  const { fits, paths } = useRun();
  const sha = piece.outline;
  const [frozen, setFrozen] = useState<{ sha: string; shape: ItemShape } | null>(null);
  useEffect(() => {
    if (sha === null) return;
    let isCurrent = true;
    void api.outline(sha).then((outline) => {
      if (isCurrent && outline.ok) setFrozen({ sha, shape: shapeOfOutline(outline.value) });
    });
    return () => {
      isCurrent = false;
    };
  }, [sha]);
  if (sha !== null) return frozen?.sha === sha ? frozen.shape : null;
  const fit = fits.last?.fits.find(({ itemId, placeId }) => itemId === item.itemId && placeId === piece.placeId);
  if (!fit || fit.emMm === 0) return null;
  return {
    path: paths.pathOf(fit.textNo),
    scale: fit.emMm / PATH_UNITS_PER_EM,
    widthMm: fit.inkWidthMm,
    heightMm: fit.inkHeightMm,
    numHoles: null,
  };
}

/** Outlines come with their ink's top left corner at the origin. */
function shapeOfOutline(islands: readonly (readonly (readonly number[])[])[]): ItemShape {
  const rings = islands.flat();
  let width = 0;
  let height = 0;
  let path = '';
  for (const ring of rings) {
    for (let i = 0; i < ring.length; i += 2) {
      width = Math.max(width, ring[i]!);
      height = Math.max(height, ring[i + 1]!);
      path += `${i === 0 ? 'M' : 'L'}${ring[i]} ${ring[i + 1]}`;
    }
    path += 'Z';
  }
  return {
    path,
    scale: 1 / UM10_PER_MM,
    widthMm: width / UM10_PER_MM,
    heightMm: height / UM10_PER_MM,
    numHoles: rings.length - islands.length,
  };
}
