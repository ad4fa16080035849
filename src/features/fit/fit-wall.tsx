'use client';

import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { memo, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { useFits, useLengths, useRun } from '@/client';
import { isCutHere } from '@/core/blanks';
import { type PlaceAt, changedBorders } from '@/core/edit';
import { classOfSets } from '@/core/resolve';
import { type DrawnLayer, filmsOf, grownPreview, keptLayers } from '@/drawing';
import type { Comparison, DrawnFit, ScreenFit } from '@/workers/fit-protocol';
import { fitKey } from './fit-key';
import { FitTile, type OtherFit } from './fit-tile';
import { commonBox, tilePlaces } from './tile-place';
import type { WallSelection } from './use-wall-selection';

const LEAST_TILE_PX = 210;
const GAP_PX = 16;
const GUESSED_ROW_PX = 160;
const AHEAD = 1;

interface FitWallProps {
  readonly fits: readonly ScreenFit[];
  /** The fit that is decided on. */
  readonly subjectKey: string | null;
  readonly selection: WallSelection;
  readonly comparison: Comparison | null;
  /** The layer that the others give way to; null: none. */
  readonly lifted: string | null;
}

/** Every fit in a grid of tiles at one scale. Only rows near the window are drawn, however many there are. */
export const FitWall = memo(function FitWall(props: FitWallProps) {
  const { fits, subjectKey, selection, comparison, lifted } = props;
  const { spec, place } = useRun();
  const layersOf = useLayers(place.at);
  const others = useOthers(comparison, layersOf);
  const { chosen, focus, toggle } = selection;
  const lengths = useLengths();
  const classes = useMemo(() => classOfSets(spec, place.sizeGroup), [spec, place.sizeGroup]);
  const isBare = isCutHere(spec, place.use);
  const tiles = useMemo(() => tilePlaces(place, isBare), [place, isBare]);
  const shown = useMemo(() => {
    const used = new Set(fits.map(({ variantId }) => variantId ?? ''));
    return commonBox([...tiles].filter(([id]) => used.has(id)).map(([, tile]) => tile));
  }, [tiles, fits]);
  const wall = useRef<HTMLDivElement>(null);
  const [{ topPx, numColumns }, setShape] = useState({ topPx: 0, numColumns: 4 });
  useLayoutEffect(() => {
    const element = wall.current;
    if (!element) return;
    const observer = new ResizeObserver(() => {
      const fitting = Math.floor((element.clientWidth + GAP_PX) / (LEAST_TILE_PX + GAP_PX));
      setShape({ topPx: element.offsetTop, numColumns: Math.max(1, fitting) });
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  const rows = useWindowVirtualizer({
    count: Math.ceil(fits.length / numColumns),
    estimateSize: () => GUESSED_ROW_PX,
    overscan: AHEAD,
    scrollMargin: topPx,
    gap: GAP_PX,
  });
  const focusedAt = fits.findIndex((fit) => fitKey(fit) === selection.focusKey);
  useEffect(() => {
    if (focusedAt >= 0) rows.scrollToIndex(Math.floor(focusedAt / numColumns), { align: 'auto' });
    // eslint-disable-next-line react-hooks/exhaustive-deps -- only when another fit is picked, not when the wall changes
  }, [selection.focusKey]);
  return (
    <div ref={wall} role="list" aria-label="Fits" className="relative" style={{ height: rows.getTotalSize() }}>
      {rows.getVirtualItems().map(({ index, start }) => (
        <div
          key={index}
          ref={rows.measureElement}
          data-index={index}
          role="presentation"
          className="absolute inset-x-0 top-0 grid gap-x-4"
          style={{
            transform: `translateY(${start - topPx}px)`,
            gridTemplateColumns: `repeat(${numColumns}, minmax(0, 1fr))`,
          }}
        >
          {fits.slice(index * numColumns, (index + 1) * numColumns).map((fit, i) => (
            // Kept by where it stands: in another size or form texts change their order, and a tile that changed rows would be made anew.
            <FitTile
              key={i}
              no={index * numColumns + i + 1}
              numFits={fits.length}
              fit={fit}
              layers={layersOf(fit)}
              place={tiles.get(fit.variantId ?? '') ?? tiles.get('')!}
              shown={shown}
              lengths={lengths}
              lifted={fit.layers.some(({ layerId }) => layerId === lifted) ? lifted : null}
              isFocused={fitKey(fit) === subjectKey}
              isChosen={chosen.has(fitKey(fit))}
              onFocus={focus}
              onToggle={toggle}
              other={others?.get(fitKey(fit)) ?? null}
              ofClass={classes.get(fit.setId) ?? null}
            />
          ))}
        </div>
      ))}
    </div>
  );
});

/** What is drawn of a fit; borders that are wanted wider are shown so before their outlines are there. */
function useLayers({ useId, placeId }: PlaceAt): (fit: DrawnFit) => readonly DrawnLayer[] {
  const { paths, spec } = useRun();
  const fits = useFits();
  const { materials } = spec.shop;
  const layersOf = useMemo(() => keptLayers(paths, filmsOf(materials)), [materials, paths]);
  const before = fits.kind === 'computing' ? fits.of : null;
  return useMemo(() => {
    const changed = before && changedBorders(before, spec, { useId, placeId, variantId: null });
    if (!changed) return layersOf;
    return (fit) => grownPreview(layersOf(fit), changed, fit.capHeightMm);
  }, [layersOf, before, spec, useId, placeId]);
}

/** The compared fits by the tile that they belong to; made once, so that tiles need not be drawn again. */
function useOthers(comparison: Comparison | null, layersOf: ReturnType<typeof useLayers>) {
  const all = useFits().last?.fits;
  return useMemo(() => {
    if (!comparison || !all) return null;
    return new Map(
      comparison.fits.flatMap((fit, i): [string, OtherFit][] => {
        const tile = all[i];
        return fit && tile ? [[fitKey(tile), { fit, layers: layersOf(fit) }]] : [];
      }),
    );
    // eslint-disable-next-line react-hooks/exhaustive-deps -- measures come in bit by bit and change nothing here
  }, [comparison, layersOf, all?.length]);
}
