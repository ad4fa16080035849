'use client';

import { type PlaceOption, useFits, useLengths, useRun } from '@/client';
import type { MainPlace } from '@/core/edit';
import { awaitsMeasure, layerWord } from '@/core/figures';
import { placeGeometry } from '@/core/place';
import { type PlaceLayer, placeLayers } from '@/core/spec';
import { Choice, Select, TextButton, optionsOf } from '@/ui';
import type { ScreenFit } from '@/workers/fit-protocol';
import type { FitOrder } from './fit-order';
import { ORDER_WORDS } from './sentences';

interface WallHeadProps {
  readonly place: MainPlace;
  readonly shown: readonly ScreenFit[];
  readonly options: readonly PlaceOption[];
  readonly placeKey: string;
  readonly onPlace: (key: string) => void;
  readonly order: FitOrder;
  readonly onOrder: (order: FitOrder) => void;
  readonly otherId: string | null;
  readonly onCompare: (letteringId: string | null) => void;
  /** The layer that the others give way to; null: none. */
  readonly lifted: string | null;
  readonly onLift: (layerId: string | null) => void;
  /** Shows the items as they will be handed over. */
  readonly onPreview: () => void;
}

/** What the wall shows: of which place, in which order, beside which other lettering, and which of its layers alone. */
export function WallHead(props: WallHeadProps) {
  const { place, shown, options, placeKey, onPlace, order, onOrder, otherId, onCompare, lifted, onLift, onPreview } =
    props;
  const { spec } = useRun();
  const fits = useFits();
  const { pair } = useLengths();
  const { box } = placeGeometry(place.variant, place.measured);
  const isAlike = place.use.variant.kind === 'fixed';
  const numUnmeasured = shown.filter(awaitsMeasure).length;
  const layers = placeLayers(place.lettering, place.placeUse).toReversed();
  const others = spec.shop.letterings.filter(({ id }) => id !== place.placeUse.letteringId);
  return (
    <>
      {options.length > 1 && (
        <div className="mb-4">
          <Choice label="Place" options={options} value={placeKey} onChange={onPlace} />
        </div>
      )}
      <div className="mb-3 flex flex-wrap items-center justify-between gap-x-5 gap-y-2">
        <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1">
          <h1 className="heading-small">
            {shown.length} {shown.length === 1 ? 'fit' : 'fits'}, all at one scale
            {fits.kind === 'computing' && fits.last !== null && ' · fitting…'}
            {numUnmeasured > 0 && ` · ${numUnmeasured} to measure`}
          </h1>
          <p>
            {place.blank.name}, {place.role.name}{' '}
            {isAlike ? <span className="measure">{pair(box.widthMm, box.heightMm)}</span> : 'by size and colour'}
          </p>
        </div>
        <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
          <label className="flex items-center gap-2">
            <span className="heading-small">Order</span>
            <Select options={optionsOf(ORDER_WORDS)} value={order} onChange={onOrder} />
          </label>
          <label className="flex items-center gap-2">
            <span className="heading-small">Beside</span>
            <Select
              options={[['', 'no other lettering'], ...others.map(({ id, value }) => [id, value.name] as const)]}
              value={otherId ?? ''}
              onChange={(id) => onCompare(id || null)}
            />
          </label>
          {layers.length > 1 && (
            <label className="flex items-center gap-2">
              <span className="heading-small">Layers</span>
              <Select
                options={[['', 'all of them'], ...layers.map((layer) => [layer.id, aloneWords(layer)] as const)]}
                value={layers.some(({ id }) => id === lifted) ? (lifted ?? '') : ''}
                onChange={(id) => onLift(id || null)}
              />
            </label>
          )}
          {shown.length > 0 && <TextButton onClick={onPreview}>Finished items</TextButton>}
        </div>
      </div>
    </>
  );
}

function aloneWords({ slot, make }: PlaceLayer): string {
  return `${layerWord({ kind: make.kind, colourSlot: slot })} alone`;
}
