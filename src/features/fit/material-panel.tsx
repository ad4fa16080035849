'use client';

import { useLengths, useRun, useShopMaterials } from '@/client';
import { type FinestCut, isCut, kindFacts, processFacts, processOf } from '@/core/shop';
import { type MainPlace, type PlaceSlot, changeMaterialValue } from '@/core/edit';
import { Swatch } from '@/drawing';
import { Fold, LengthField } from '@/ui';
import { FilmRule } from './film-rule';
import { MaterialDiffers, MaterialSelect } from './shop-materials';

const FINEST: readonly (readonly [keyof FinestCut, string])[] = [
  ['strokeMm', 'Thinnest stroke it takes'],
  ['gapMm', 'Narrowest gap'],
  ['holeMm', 'Smallest hole'],
];

interface MaterialPanelProps {
  readonly place: MainPlace;
  readonly slot: PlaceSlot;
  /** The only colour slot of its lettering. */
  readonly isOnly: boolean;
}

/** What the letters of one colour slot are cut from, how that lies on the bed, and how fine it may be cut. */
export function MaterialPanel({ place, slot: placeSlot, isOnly }: MaterialPanelProps) {
  const { change } = useRun();
  const { unit } = useLengths();
  const { slot, materialId, material } = placeSlot;
  const shop = useShopMaterials();
  const { lies, hint, words } = kindFacts(material.kind);
  const process = processOf(material);
  const refine = (part: Partial<FinestCut>) =>
    change((now) =>
      changeMaterialValue(now, materialId, (value) => ({ ...value, finest: { ...value.finest, ...part } })),
    );
  return (
    <section className="grid grid-cols-[minmax(0,1fr)] gap-2">
      <label className="grid grid-cols-[minmax(0,1fr)] gap-1.5">
        <span className="heading-small">{isOnly ? 'Cut from' : `“${slot}” cut from`}</span>
        <span className="flex items-center gap-2">
          <Swatch kind={material.kind} hex={material.colour.hex} pattern={material.pattern} />
          <MaterialSelect at={place.at} slot={slot} materialId={materialId} />
        </span>
      </label>
      <MaterialDiffers materialId={materialId} material={material} shop={shop} />
      <FilmRule place={place} slot={placeSlot} />
      <p className="text-soft">
        {words[0]!.toUpperCase() + words.slice(1)}: lies {lies};{' '}
        {!isCut(process) ? 'no pass cuts it' : processFacts(process).reversed ? 'cut reversed' : 'cut as it reads'}
        {hint && `; ${hint}`}.
      </p>
      {isCut(process) && (
        <Fold summary="How fine it can be cut">
          {FINEST.map(([part, label]) => (
            <LengthField
              key={part}
              label={label}
              unit={unit}
              decimals={2}
              value={material.finest[part]}
              min={0}
              max={20}
              onChange={(mm) => refine({ [part]: mm })}
            />
          ))}
          <p className="text-sm text-soft">Starting points. The maker’s sheet and your own trials win.</p>
        </Fold>
      )}
    </section>
  );
}
