import bidiFactory from 'bidi-js';

const bidi = bidiFactory();

/** How deep in the other direction each UTF-16 unit stands: even ones run to the right, odd ones to the left. `auto`: its first letter tells. */
export function levelsIn(text: string, direction: 'ltr' | 'auto'): Uint8Array {
  return bidi.getEmbeddingLevels(text, direction).levels;
}
