import { type DrawnLayer, layerTransform } from './drawn-layer';

interface InkProps {
  readonly layers: readonly DrawnLayer[];
  /** The layer that the others give way to; null: none. */
  readonly lifted?: string | null;
}

const FADED = 0.16;

/** Ink by its cut outlines, bottom layer first, each in its film's colour. Part of an SVG in the frame of its place. */
export function Ink({ layers, lifted = null }: InkProps) {
  return layers.map((layer) => (
    <path
      key={layer.id}
      data-layer={layer.id}
      d={layer.path}
      fill={layer.hex}
      fillRule="evenodd"
      transform={layerTransform(layer)}
      opacity={lifted === null || lifted === layer.id ? undefined : FADED}
      pointerEvents="none"
    />
  ));
}
