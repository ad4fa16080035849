import type { Bed, Copy, Lettering, Material, PressCard } from '../shop';
import { type RunSpec, materialIdsOf } from '../spec';
import { withFilms } from './change-place';

/** What a shop has, as copies that a run can take. */
export interface ShopCopies {
  readonly materials: readonly Copy<Material>[];
  readonly beds: readonly Copy<Bed>[];
  readonly letterings: readonly Copy<Lettering>[];
  readonly cards: readonly Copy<PressCard>[];
}

/**
 * A fresh run as the shop has things now: its own materials in the shop's state, every bed, lettering and press card. What the run uses
 * stays in it, also where the shop has taken it out.
 */
export function withShop(spec: RunSpec, { materials, beds, letterings, cards }: ShopCopies): RunSpec {
  const { shop, layout, uses } = spec;
  const used = new Set(uses.flatMap((use) => use.places.flatMap((place) => materialIdsOf(place))));
  const lettered = new Set(uses.flatMap((use) => use.places.map(({ letteringId }) => letteringId)));
  const inShop = new Map(materials.map((copy) => [copy.id, copy]));
  return withFilms({
    ...spec,
    shop: {
      ...shop,
      materials: shop.materials.flatMap((own) => inShop.get(own.id) ?? (used.has(own.id) ? own : [])),
      letterings: withUsed(letterings, shop.letterings, lettered),
      beds: withUsed(beds, shop.beds, new Set([layout.bedId])),
      cards,
    },
  });
}

/** Everything that the shop has, and before it what is used and not there any more. */
function withUsed<T>(
  inShop: readonly Copy<T>[],
  own: readonly Copy<T>[],
  used: ReadonlySet<string>,
): readonly Copy<T>[] {
  const lost = own.filter(({ id }) => used.has(id) && !inShop.some((copy) => copy.id === id));
  return [...lost, ...inShop];
}
