/** A ring of corners as SVG path data. */
export function ringPath(ring: readonly (readonly [number, number])[]): string {
  return `M${ring.map(([x, y]) => `${Number(x.toFixed(3))} ${Number(y.toFixed(3))}`).join('L')}Z`;
}

/** Islands of flat rings, as outlines are kept, as SVG path data in their own units; to be filled even-odd. */
export function islandsPath(islands: readonly (readonly (readonly number[])[])[]): string {
  let path = '';
  for (const ring of islands.flat()) {
    for (let i = 0; i < ring.length; i += 2) path += `${i === 0 ? 'M' : 'L'}${ring[i]} ${ring[i + 1]}`;
    path += 'Z';
  }
  return path;
}
