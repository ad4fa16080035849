'use client';

import { useMemo } from 'react';
import { useRun } from '@/client';
import { isCutHere } from '@/core/blanks';
import { type Arrangement, type MainPlace, arrangementsFor, takeArrangement } from '@/core/edit';
import { filmsOf, layersOfFit } from '@/drawing';
import type { ScreenFit } from '@/workers/fit-protocol';
import { TileDrawing } from './tile-drawing';
import { tilePlaces } from './tile-place';

interface ArrangementPanelProps {
  readonly place: MainPlace;
  /** The text that is looked at; null while none is there. */
  readonly fit: ScreenFit | null;
}

/** A text in other films of the run, beside each other on its own blank and at one scale; one press takes one for all. */
export function ArrangementPanel({ place, fit }: ArrangementPanelProps) {
  const { spec, change } = useRun();
  const { at } = place;
  const arrangements = useMemo(() => arrangementsFor(spec, at), [spec, at]);
  const isBare = isCutHere(spec, place.use);
  const tiles = useMemo(() => tilePlaces(place, isBare), [place, isBare]);
  if (!fit || arrangements.length < 2) return null;
  const tile = tiles.get(fit.variantId ?? '') ?? tiles.get('')!;
  return (
    <section className="grid gap-2">
      <h3 className="heading-small">Its colours beside each other</h3>
      <ul className="grid grid-cols-2 gap-2">
        {arrangements.map((one, i) => (
          <li key={Object.values(one.materials).join()}>
            <button
              type="button"
              aria-pressed={i === 0}
              className={`grid w-full gap-1 border bg-white p-1.5 text-left text-sm hover:bg-verdigris-tint ${i === 0 ? 'border-2 border-ink' : 'border-rule-strong'}`}
              onClick={() => change((now) => takeArrangement(now, at, one.materials))}
            >
              <ArrangedFit label={fit.text.join(' ')} fit={fit} arrangement={one} place={tile} />
              <ArrangementWords arrangement={one} isPresent={i === 0} />
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

interface ArrangedFitProps {
  readonly label: string;
  readonly fit: ScreenFit;
  readonly arrangement: Arrangement;
  readonly place: Parameters<typeof TileDrawing>[0]['place'];
}

function ArrangedFit({ label, fit, arrangement: { materials }, place }: ArrangedFitProps) {
  const { spec, paths } = useRun();
  const layers = useMemo(() => {
    const arranged = fit.layers.map((layer) => ({
      ...layer,
      materialId: materials[layer.colourSlot] ?? layer.materialId,
    }));
    return layersOfFit({ ...fit, layers: arranged }, paths, filmsOf(spec.shop.materials));
  }, [fit, materials, paths, spec.shop.materials]);
  return (
    <TileDrawing
      label={`${label} in these colours`}
      fit={fit}
      layers={layers}
      place={place}
      shown={place.box}
      isStopped={false}
    />
  );
}

function ArrangementWords({
  arrangement,
  isPresent,
}: {
  readonly arrangement: Arrangement;
  readonly isPresent: boolean;
}) {
  const { spec } = useRun();
  const { materials, least } = arrangement;
  const nameOf = (id: string) => spec.shop.materials.find((one) => one.id === id)?.value.colour;
  const words = Object.entries(materials).map(([slot, id]) => `${slot}: ${nameOf(id)?.name ?? id}`);
  return (
    <>
      <span>{words.join(', ')}</span>
      <span className={least.isHard ? 'font-semibold' : 'text-soft'}>
        {least.isHard
          ? `${least.film} on ${least.ground} is hard to tell`
          : `told apart by ${Math.round(least.difference)} of 100`}
        {isPresent && ', as it is'}
      </span>
    </>
  );
}
