import type { ChangedBorders } from '@/core/edit';
import type { DrawnLayer } from './drawn-layer';

/**
 * Layers with borders as wide as they are wanted, until their outlines are there: the letters with a stroke around them, which fills as
 * much as a border does but for the gaps that it closes. The very same layers where nothing reaches otherwise.
 */
export function grownPreview(
  layers: readonly DrawnLayer[],
  { reaches, around }: ChangedBorders,
  capHeightMm: number,
): readonly DrawnLayer[] {
  const letters = layers.filter(({ id, lineMm }) => around.has(id) && lineMm === undefined);
  const path = letters.map((layer) => layer.path).join('');
  if (path === '' || !layers.some(({ id }) => reaches.has(id))) return layers;
  return layers.map((layer) => {
    const reach = reaches.get(layer.id);
    if (!reach) return layer;
    return { ...layer, path, grownMm: reach.by === 'mm' ? reach.mm : reach.share * capHeightMm };
  });
}
