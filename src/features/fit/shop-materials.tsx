'use client';

import {
  type FilmAtHand,
  filmOptions,
  materialPart,
  materialPartName,
  useFilmsAtHand,
  useLengths,
  useRun,
} from '@/client';
import { type PlaceAt, changeMaterial, filmsOfColour, leaveFilmOpen, putMaterialCopy } from '@/core/edit';
import { type Copy, type Material, materialDifferences } from '@/core/shop';
import type { ShopThingView } from '@/services';
import { Button, Select } from '@/ui';

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
    if (id === OPEN) change((now) => leaveFilmOpen(now, at, slot, atHand));
    else if (film)
      change((now) => changeMaterial(film.isOfShop ? putMaterialCopy(now, copyOf(film)) : now, at, id, slot));
  };
  const film = atHand.find(({ id }) => id === materialId)?.value;
  const mayBeOpen = film && !film.open && filmsOfColour(film, atHand).length > 1;
  const open = mayBeOpen ? [[OPEN, `whatever of ${film.colour.name} is there`] as const] : [];
  return (
    <Select className="min-w-0 flex-1" options={[...filmOptions(atHand), ...open]} value={materialId} onChange={take} />
  );
}

const OPEN = '';

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
