'use client';

import { facetOf, useLengths, useRun } from '@/client';
import { inkOnBlank } from '@/core/place';
import { mainPlace } from '@/core/run';
import type { BenchItem } from '@/services';
import { Facet } from '@/ui';
import { ItemDrawing } from './item-drawing';
import { type ItemShape, useItemShape } from './use-item-shape';

/** The item in hand: its name to be read from two metres, its lettering as it was cut, and where it goes. */
export function BenchCurrent({ item }: { readonly item: BenchItem }) {
  const { spec } = useRun();
  const shape = useItemShape(item);
  const place = mainPlace(spec);
  const piece = item.pieces[0];
  const facet = facetOf(item);
  const madeText = item.pieces.find((p) => p.madeText !== null)?.madeText ?? null;
  return (
    <section className="min-w-0 p-5">
      <p className="heading-small">
        {item.blankName} · {piece?.materialName}
      </p>
      <h1 className="text-[2.6rem] leading-tight font-bold break-words">{item.text.join(' ')}</h1>
      <p className="mb-3 flex items-center gap-2 text-lg">
        <Facet {...facet} sizePx={30} /> {facet.label}
      </p>
      {madeText && (
        <p className="mb-3 border-l-4 border-brass bg-brass-tint px-3 py-1.5">
          It was cut as <b>{madeText.join(' ')}</b>; the roster says otherwise now. Mark it spoiled (wrong name) to cut
          it again.
        </p>
      )}
      <ItemDrawing
        place={place}
        shape={shape}
        film={piece?.materialHex ?? place.material.colour.hex}
        label={item.text.join(' ')}
      />
      <dl className="mt-4 flex flex-wrap gap-x-9 gap-y-3">
        {shape && <PlaceFigures item={shape} />}
        {shape?.numHoles != null && <Figure label="holes to weed" value={String(shape.numHoles)} />}
        <Figure label="from" value={piece?.passNo == null ? 'no pass yet' : `pass ${piece.passNo}`} />
        {Object.entries(item.fields)
          .filter(([name, value]) => name !== 'text' || value !== item.text.join(' '))
          .map(([name, value]) => (
            <Figure key={name} label={name === 'text' ? 'for' : name} value={value} isWord />
          ))}
      </dl>
    </section>
  );
}

/** Where a ruler is laid: from the ink to the blank's own edges. */
function PlaceFigures({ item }: { readonly item: ItemShape }) {
  const { spec } = useRun();
  const { figure, pair, word } = useLengths();
  const { measured, variant } = mainPlace(spec);
  const { leftMm, rightMm, topMm } = inkOnBlank(variant, measured, item.widthMm, item.heightMm);
  return (
    <>
      <Figure label="left · right" value={`${figure(leftMm, 0)} · ${figure(rightMm, 0)} ${word}`} />
      <Figure label="from the top edge" value={`${figure(topMm, 0)} ${word}`} />
      <Figure label="ink" value={pair(item.widthMm, item.heightMm, 0)} />
    </>
  );
}

function Figure({ label, value, isWord = false }: { label: string; value: string; isWord?: boolean }) {
  return (
    <div>
      <dt className="heading-small">{label}</dt>
      <dd
        className={`${isWord ? 'text-[1.35rem]' : 'text-[1.9rem] leading-tight'} font-semibold ${isWord ? '' : 'measure'}`}
      >
        {value}
      </dd>
    </div>
  );
}
