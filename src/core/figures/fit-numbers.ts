import type { Finding } from '../finding';
import type { InkOnBlank, InkPart, Spot } from '../place';
import type { FitRef } from '../spec';
import type { Measures } from './measures';

/** A fit without its outlines: plain values that cross from thread to thread and leave as JSON. */
export interface FitNumbers extends FitRef {
  readonly itemId: string;
  readonly text: readonly string[];
  /** Whose it is, in the list's words. */
  readonly whose: string;
  /** A letter to each blank; and to which copy of the text it belongs, from 1. */
  readonly isSpread: boolean;
  readonly copy: number;
  readonly emMm: number;
  readonly capHeightMm: number;
  readonly xHeightMm: number;
  /** The tallest capitals that its place holds, whatever its set asks for. */
  readonly mostCapMm: number;
  readonly inkWidthMm: number;
  readonly inkHeightMm: number;
  /** Where all of its ink lies in its place; null without ink or place. */
  readonly spot: Spot | null;
  /** Where a ruler is laid for it, to the ink itself. */
  readonly onBlank: InkOnBlank | null;
  /** Null when the blank does not come in what the list asks for. */
  readonly variantId: string | null;
  /** What keeps it from being larger. */
  readonly boundBy: 'width' | 'height' | 'outline' | 'set';
  readonly letteringId: string;
  /** What it is sized with: its group, or its class of one. */
  readonly setId: string;
  /** Bottom up. */
  readonly layers: readonly LayerNumbers[];
  readonly findings: readonly Finding[];
  /** Findings that somebody looked at and let stand. */
  readonly looked: readonly Finding[];
}

export interface LayerNumbers {
  readonly layerId: string;
  /** What it is made from, such as `text`, `border` or `motif`. */
  readonly kind: string;
  readonly colourSlot: string;
  readonly materialId: string;
  /** Its ink within the ink of the whole, as it reads; null without any. */
  readonly part: InkPart | null;
  /** Where that lies in the place, and where a ruler is laid for it. */
  readonly spot: Spot | null;
  readonly onBlank: InkOnBlank | null;
  readonly numIslands: number;
  /** Holes to weed. */
  readonly numHoles: number;
  /** Length of all edges that are cut. */
  readonly edgeMm: number;
  readonly areaMm2: number;
  /** Null until it was measured. */
  readonly measures: Measures | null;
}

/** What a layer is called: by its colour, but for plain letters, and for a part of a motif in their colour. */
export function layerWord({ kind, colourSlot }: Pick<LayerNumbers, 'kind' | 'colourSlot'>): string {
  if (kind === 'text' && colourSlot === 'main') return 'letters';
  return kind === 'motif' && !colourSlot.startsWith('motif') ? 'motif' : colourSlot;
}

/** What all layers of a fit come to. */
export function factsOf({ layers }: Pick<FitNumbers, 'layers'>) {
  const sum = (of: (layer: LayerNumbers) => number) => layers.reduce((all, layer) => all + of(layer), 0);
  return {
    numIslands: sum(({ numIslands }) => numIslands),
    numHoles: sum(({ numHoles }) => numHoles),
    edgeMm: sum(({ edgeMm }) => edgeMm),
    areaMm2: sum(({ areaMm2 }) => areaMm2),
  };
}
