import { useId } from 'react';
import { type DrawnLayer, layerTransform } from './drawn-layer';
import { FilmPattern } from './film-pattern';

interface InkProps {
  readonly layers: readonly DrawnLayer[];
  /** The layer that the others give way to; null: none. */
  readonly lifted?: string | null;
}

const FADED = 0.16;

/** Filled, or a line as wide as it is in millimetres. */
export function inkLook({
  hex,
  lineMm,
  grownMm,
  mmPerUnit,
}: Pick<DrawnLayer, 'hex' | 'lineMm' | 'grownMm' | 'mmPerUnit'>) {
  if (lineMm !== undefined) return { fill: 'none', stroke: hex, strokeWidth: lineMm / mmPerUnit };
  const filled = { fill: hex, fillRule: 'evenodd' as const };
  if (grownMm === undefined) return filled;
  return { ...filled, stroke: hex, strokeWidth: (2 * grownMm) / mmPerUnit, strokeLinejoin: 'round' as const };
}

/** Ink by its cut outlines, bottom layer first, each in its film's colour and finish. Part of an SVG in the frame of its place. */
export function Ink({ layers, lifted = null }: InkProps) {
  const id = useId();
  return (
    <>
      {layers.map(
        ({ hex, finish, mmPerUnit }, i) =>
          finish && <FilmPattern key={i} id={`${id}${i}`} look={{ hex, ...finish }} mmPerUnit={mmPerUnit} />,
      )}
      {layers.map((layer, i) => (
        <path
          key={i}
          data-layer={layer.id}
          d={layer.path}
          {...inkLook(layer)}
          {...(layer.finish ? { fill: `url(#${id}${i})` } : {})}
          transform={layerTransform(layer)}
          opacity={lifted === null || lifted === layer.id ? undefined : FADED}
          pointerEvents="none"
        />
      ))}
    </>
  );
}
