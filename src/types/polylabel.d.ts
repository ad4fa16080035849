declare module 'polylabel' {
  /** The point inside a polygon (outer ring, then holes) that is farthest from all edges, to `precision`, with that distance. */
  export default function polylabel(
    polygon: readonly (readonly (readonly [number, number])[])[],
    precision?: number,
  ): [x: number, y: number] & { readonly distance: number };
}
