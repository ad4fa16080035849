'use client';

import { filmOptions, useFilmsAtHand, useRun } from '@/client';
import { filmsOfColour, settleFilm } from '@/core/edit';
import type { Material } from '@/core/shop';
import { Select } from '@/ui';

interface SettleFilmProps {
  readonly materialId: string;
  readonly material: Material;
}

/** Which film is laid where its colour alone was said: asked before the pass is made, and answered for all passes of it. */
export function SettleFilm({ materialId, material }: SettleFilmProps) {
  const { change } = useRun();
  const atHand = filmsOfColour(material, useFilmsAtHand());
  return (
    <label className="grid gap-1.5 border-l-4 border-brass bg-brass-tint px-3 py-1.5">
      <span className="font-semibold">Which {material.colour.name} do you lay?</span>
      <Select
        options={[['', 'choose a film'], ...filmOptions(atHand)]}
        value=""
        onChange={(id) => {
          const film = atHand.find((one) => one.id === id);
          if (film) change((now) => settleFilm(now, materialId, film));
        }}
      />
      <span>Only its colour was said. All passes of it get this film.</span>
    </label>
  );
}
