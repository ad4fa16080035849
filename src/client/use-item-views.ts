'use client';

import { useMemo } from 'react';
import { isCutHere } from '@/core/blanks';
import { facesSeenTogether } from '@/core/place';
import type { Blank, Variant } from '@/core/shop';
import type { RunSpec } from '@/core/spec';
import type { InkedFace } from '@/drawing';
import type { ScreenFit } from '@/workers/fit-protocol';
import { type ItemFace, itemFaces } from './item-faces';
import { useFits, useRun, useWork } from './run-session';
import { useShownLayers } from './use-shown-layers';

/** One side of an item as it will be handed over. */
export interface ItemView {
  readonly blank: Blank;
  readonly variant: Variant;
  readonly faces: readonly InkedFace[];
  /** The item is what is cut: there is no blank below it. */
  readonly isCutHere: boolean;
  /** The places that are seen on it, by name. */
  readonly words: string;
}

export interface ItemViews {
  readonly itemId: string;
  /** What the item says, place by place. */
  readonly words: string;
  readonly views: readonly ItemView[];
}

const NO_FITS: readonly ScreenFit[] = [];

/** Items as they will be handed over, each by the sides that carry ink. */
export function useItemViews(itemIds: readonly string[]): readonly ItemViews[] {
  const { spec } = useRun();
  const fits = useFits().last?.fits;
  const { items } = useWork().bench;
  const faces = useMemo(() => itemFaces(spec, fits ?? NO_FITS, items, new Set(itemIds)), [spec, fits, items, itemIds]);
  const all = useMemo(() => [...faces.values()].flat(), [faces]);
  const drawings = useShownLayers(useMemo(() => all.map(({ shown }) => shown), [all]));
  return itemIds.map((itemId) =>
    viewsOfItem(spec, itemId, faces.get(itemId) ?? [], (face) => drawings[all.indexOf(face)]?.layers ?? []),
  );
}

/** One item: what it says, each text once, and its sides. */
export function viewsOfItem(
  spec: RunSpec,
  itemId: string,
  faces: readonly ItemFace[],
  layersOf: (face: ItemFace) => InkedFace['layers'],
): ItemViews {
  return {
    itemId,
    words: [...new Set(faces.map(({ shown }) => shown.text.join(' ')))].join(' / '),
    views: viewsOf(spec, faces, layersOf),
  };
}

/** The sides of one item. */
export function viewsOf(
  spec: RunSpec,
  faces: readonly ItemFace[],
  layersOf: (face: ItemFace) => InkedFace['layers'],
): readonly ItemView[] {
  const inked = faces.map((face) => {
    const { measured, role, blank, variant, use } = face.place;
    return { measured, side: role.side, role, blank, variant, use, layers: layersOf(face) };
  });
  return facesSeenTogether(inked).flatMap((group) => {
    const first = group.at(0);
    if (!first) return [];
    return {
      blank: first.blank,
      variant: first.variant,
      faces: group,
      isCutHere: isCutHere(spec, first.use),
      words: group.map(({ role }) => role.name).join(', '),
    };
  });
}
