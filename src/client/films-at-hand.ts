'use client';

import type { Copy, Material } from '@/core/shop';
import type { ShopThingView } from '@/services';
import { api } from './api';
import { useApiQuery } from './api-query';
import { useRun } from './run-session';

/** The shop's materials, read when the step is opened; none until they are read. */
export function useShopMaterials(): readonly ShopThingView<Material>[] {
  const { value } = useApiQuery({ key: ['shop', 'materials'], ask: () => api.things('materials'), isKept: false });
  return value?.materials ?? [];
}

export interface FilmAtHand extends Copy<Material> {
  /** Only the shop has it; the run gets a copy when it is taken. */
  readonly isOfShop: boolean;
}

/** What the run has, then what else the shop has. */
export function useFilmsAtHand(): readonly FilmAtHand[] {
  const { materials } = useRun().spec.shop;
  return filmsAtHand(materials, useShopMaterials());
}

export function filmsAtHand(
  materials: readonly Copy<Material>[],
  shop: readonly ShopThingView<Material>[],
): readonly FilmAtHand[] {
  return [
    ...materials.map((own) => ({ ...own, isOfShop: false })),
    ...shop
      .filter(({ id }) => !materials.some((own) => own.id === id))
      .map(({ id, rev, value }) => ({ id, fromRev: rev, value, isOfShop: true })),
  ];
}

export function filmOptions(atHand: readonly FilmAtHand[]): (readonly [string, string])[] {
  return atHand.map(({ id, value, isOfShop }) => [id, isOfShop ? `${value.name}, from the shop` : value.name]);
}
