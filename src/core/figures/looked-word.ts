import type { Finding } from '../finding';

/** Under which word a finding of a text is let stand: its kind, with the layer behind it where there are several. */
export function lookedWord({ layers }: { readonly layers: readonly unknown[] }, { kind, at }: Finding): string {
  return layers.length > 1 && at?.layerId !== undefined ? `${kind}-${at.layerId}` : kind;
}
