import { presentOrThrow } from '../outcome';
import type { Bed, Blank, Lettering, Material, Motif, Variant } from '../shop';
import type { TextRef } from './refs';
import type { BlankUse, PlaceUse, RunSpec, SizeGroup } from './run-spec';

/** Finds the run's own copies by id. They throw, since `specFaults` refuses a spec whose ids lead nowhere. */

interface Copied<T> {
  readonly id: string;
  readonly value: T;
}

function byId<T>(copies: readonly Copied<T>[], id: string, what: string): T {
  return presentOrThrow(copies.find((copy) => copy.id === id)?.value, `${what} ${id}`);
}

export function findBlank(spec: RunSpec, id: string): Blank {
  return byId(spec.shop.blanks, id, 'blank');
}

export function findMaterial(spec: RunSpec, id: string): Material {
  return byId(spec.shop.materials, id, 'material');
}

export function findBed(spec: { readonly shop: Pick<RunSpec['shop'], 'beds'> }, id: string): Bed {
  return byId(spec.shop.beds, id, 'bed');
}

export function findLettering(spec: RunSpec, id: string): Lettering {
  return byId(spec.shop.letterings, id, 'lettering');
}

export function findMotif(spec: RunSpec, id: string): Motif {
  return byId(spec.shop.motifs, id, 'motif');
}

export function findSizeGroup(spec: RunSpec, id: string): SizeGroup {
  return presentOrThrow(
    spec.sizeGroups.find((group) => group.id === id),
    `size group ${id}`,
  );
}

/** Null where it leads nowhere any more, as on a page whose blank was taken out of the run. */
export function findPlaceUse({ uses }: Pick<RunSpec, 'uses'>, at: Pick<TextRef, 'useId' | 'placeId'>): PlaceUse | null {
  const use = uses.find(({ id }) => id === at.useId);
  return use?.places.find(({ placeId }) => placeId === at.placeId) ?? null;
}

/** The size and colour that stands for a use on screens: its own, or the first where every entry has one of its own. */
export function variantFor(spec: RunSpec, { blankId, variant }: BlankUse): Variant {
  const { variants } = findBlank(spec, blankId);
  const found = variant.kind === 'fixed' ? variants.find(({ id }) => id === variant.variantId) : variants[0];
  return presentOrThrow(found, `a variant of blank ${blankId}`);
}
