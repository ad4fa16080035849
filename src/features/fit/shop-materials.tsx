'use client';

import { api, materialPart, materialPartName, useApiQuery, useLengths, useRun } from '@/client';
import { type PlaceAt, changeMaterial, putMaterialCopy } from '@/core/edit';
import { type Copy, type Material, materialDifferences } from '@/core/shop';
import type { ShopThingView } from '@/services';
import { Button, Select } from '@/ui';

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
  const shop = useShopMaterials();
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

interface MaterialSelectProps {
  readonly at: PlaceAt;
  readonly slot: string;
  readonly materialId: string;
}

/** What of the shop is taken is copied into the run. */
export function MaterialSelect({ at, slot, materialId }: MaterialSelectProps) {
  const { change } = useRun();
  const atHand = useFilmsAtHand();
  const take = (id: string) => {
    const film = atHand.find((one) => one.id === id);
    if (film) change((now) => changeMaterial(film.isOfShop ? putMaterialCopy(now, copyOf(film)) : now, at, id, slot));
  };
  return <Select className="min-w-0 flex-1" options={filmOptions(atHand)} value={materialId} onChange={take} />;
}

function copyOf({ id, fromRev, value }: FilmAtHand): Copy<Material> {
  return { id, fromRev, value };
}

interface DiffersProps {
  readonly materialId: string;
  readonly material: Material;
  readonly shop: readonly ShopThingView<Material>[];
}

/** Where the run's copy says otherwise than the shop, value by value, and the shop’s can be taken. */
export function MaterialDiffers({ materialId, material, shop }: DiffersProps) {
  const { change } = useRun();
  const lengths = useLengths();
  const newer = shop.find(({ id }) => id === materialId);
  const parts = newer ? materialDifferences(material, newer.value) : [];
  if (!newer || parts.length === 0) return null;
  return (
    <div className="border-l-4 border-note bg-note-tint px-3 py-1.5">
      <p>The shop says otherwise:</p>
      <ul className="text-sm">
        {parts.map((part) => (
          <li key={part}>
            {materialPartName(part)}: {materialPart(material, part, lengths)} here,{' '}
            {materialPart(newer.value, part, lengths)} in the shop
          </li>
        ))}
      </ul>
      <Button
        onClick={() =>
          change((now) => putMaterialCopy(now, { id: materialId, fromRev: newer.rev, value: newer.value }))
        }
      >
        Take the shop’s
      </Button>
    </div>
  );
}
