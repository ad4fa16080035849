import { useId } from 'react';
import type { SeenMap } from '@/core/place';
import { type DrawnLayer, movedPath } from './drawn-layer';
import { FilmPattern } from './film-pattern';
import { inkLook } from './ink';

interface SeenInkProps {
  readonly layers: readonly DrawnLayer[];
  readonly map: SeenMap;
}

/** Ink on what rounds off or is drawn out: every point of its outline where it is seen. Part of an SVG. */
export function SeenInk({ layers, map }: SeenInkProps) {
  const id = useId();
  return layers.map((layer, i) => {
    const { hex, finish } = layer;
    return (
      <g key={i} pointerEvents="none">
        {finish && <FilmPattern id={`${id}${i}`} look={{ hex, ...finish }} mmPerUnit={1} />}
        <path
          d={movedPath(layer, map)}
          {...inkLook({ ...layer, mmPerUnit: 1 })}
          {...(finish ? { fill: `url(#${id}${i})` } : {})}
        />
      </g>
    );
  });
}
