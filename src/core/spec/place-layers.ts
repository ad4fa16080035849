import { type EdgeTool, type Layer, type LayerMake, type LayerUnder, type Lettering, carrierIn } from '../shop';
import type { MotifUse, PlaceUse } from './run-spec';

/** A part of the place's motif, in the layer order of its lettering. */
export interface MotifMake {
  readonly kind: 'motif';
  readonly part: number;
  /** The letters lie on it. */
  readonly isBehind: boolean;
}

/** A layer of everything that is cut for a place: of its lettering, or a part of its motif. */
export interface PlaceLayer {
  readonly id: string;
  readonly slot: string;
  readonly make: LayerMake | MotifMake;
  readonly under?: LayerUnder | undefined;
  /** Drawn or marked along its edges on a layer below; left out: it is cut. */
  readonly tool?: EdgeTool | undefined;
  /** Each of its letters is a piece of its own. */
  readonly isApart?: true | undefined;
}

/** What somebody chose a film for by hand: the letters, or what they are left open in. */
export function takesOwnFilm({ make: { kind } }: Pick<PlaceLayer, 'make'>): boolean {
  return kind === 'text' || kind === 'plate';
}

/** Films that lie beside each other hide nothing of what is below. */
export function liesOver({ make }: Pick<PlaceLayer, 'make'>): boolean {
  return make.kind === 'motif' ? make.isBehind : make.kind !== 'text';
}

/** Whether one lies over another below it: letters of several colours lie beside each other, and so do the parts of a motif; what lies behind is below the letters alone. */
export function liesOn(upper: PlaceLayer['make'], lower: PlaceLayer['make']): boolean {
  if (lower.kind === 'text') return upper.kind === 'inside';
  if (lower.kind === 'motif') return lower.isBehind && upper.kind !== 'motif';
  return true;
}

/** Bottom up: a motif lies over what is made around letters and motif, and below the letters. What should be drawn where nothing carries it is cut. */
export function placeLayers(
  { layers }: Pick<Lettering, 'layers'>,
  { motif }: Pick<PlaceUse, 'motif'>,
): readonly PlaceLayer[] {
  if (!motif) return layers;
  const first = layers.findIndex(({ make }) => isOfLetters(make));
  const all: readonly PlaceLayer[] = [...layers.slice(0, first), ...motifLayers(motif), ...layers.slice(first)];
  return all.map((layer, i) => (layer.tool && !carrierIn(all, i) ? { ...layer, tool: undefined } : layer));
}

function isOfLetters({ kind }: Layer['make']): boolean {
  return kind === 'text' || kind === 'plate' || kind === 'inside';
}

function motifLayers({ layers, spot }: MotifUse): PlaceLayer[] {
  return layers.map(({ id, slot, part, tool }) => ({
    id,
    slot,
    make: { kind: 'motif', part, isBehind: spot === 'behind' },
    ...(tool ? { tool } : {}),
  }));
}
