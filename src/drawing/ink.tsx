import { type DrawnLayer, layerTransform } from './drawn-layer';

interface InkProps {
  readonly layers: readonly DrawnLayer[];
  /** The layer that the others give way to; null: none. */
  readonly lifted?: string | null;
}

const FADED = 0.16;

/** Filled, or a line as wide as it is in millimetres. */
export function inkLook({ hex, lineMm, mmPerUnit }: Pick<DrawnLayer, 'hex' | 'lineMm' | 'mmPerUnit'>) {
  return lineMm === undefined
    ? { fill: hex, fillRule: 'evenodd' as const }
    : { fill: 'none', stroke: hex, strokeWidth: lineMm / mmPerUnit };
}

/** Ink by its cut outlines, bottom layer first, each in its film's colour. Part of an SVG in the frame of its place. */
export function Ink({ layers, lifted = null }: InkProps) {
  return layers.map((layer, i) => (
    <path
      key={i}
      data-layer={layer.id}
      d={layer.path}
      {...inkLook(layer)}
      transform={layerTransform(layer)}
      opacity={lifted === null || lifted === layer.id ? undefined : FADED}
      pointerEvents="none"
    />
  ));
}
