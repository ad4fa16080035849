import { type DrawnLayer, layerTransform } from './drawn-layer';

/** Ink by its cut outlines, bottom layer first, each in its film's colour. Part of an SVG in the frame of its place. */
export function Ink({ layers }: { readonly layers: readonly DrawnLayer[] }) {
  return layers.map((layer) => (
    <path
      key={layer.id}
      data-layer={layer.id}
      d={layer.path}
      fill={layer.hex}
      fillRule="evenodd"
      transform={layerTransform(layer)}
      pointerEvents="none"
    />
  ));
}
