'use client';

import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useLayoutEffect, useMemo, useRef, useState } from 'react';
import { useLengths, useRun } from '@/client';
import type { MainPlace } from '@/core/run';
import type { ScreenFit } from '@/workers/fit-protocol';
import { FitTile } from './fit-tile';
import { commonBox, tilePlaces } from './tile-place';

const LEAST_TILE_PX = 210;
const GAP_PX = 16;
const GUESSED_ROW_PX = 160;
const AHEAD = 4;

/** Every fit in a grid of tiles at one scale. Only rows near the window are drawn, however many there are. */
export function FitWall({ fits, place }: { readonly fits: readonly ScreenFit[]; readonly place: MainPlace }) {
  const { paths } = useRun();
  const lengths = useLengths();
  const tiles = useMemo(() => tilePlaces(place), [place]);
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
            <FitTile
              key={`${fit.itemId}-${fit.placeId}`}
              no={index * numColumns + i + 1}
              numFits={fits.length}
              fit={fit}
              path={paths.pathOf(fit.textNo)}
              place={tiles.get(fit.variantId ?? '') ?? tiles.get('')!}
              shown={shown}
              film={place.material.colour.hex}
              lengths={lengths}
            />
          ))}
        </div>
      ))}
    </div>
  );
}
