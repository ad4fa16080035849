'use client';

import { useMemo, useState } from 'react';
import {
  type AlikePieces,
  type ShownFit,
  firstOfAlike,
  shownFit,
  useFits,
  useLengths,
  useRun,
  useShownLayers,
} from '@/client';
import { isCutHere } from '@/core/blanks';
import type { InkOnBlank } from '@/core/place';
import type { BenchItem } from '@/services';
import { type DrawnLayer, asRead, boxOfLayers } from '@/drawing';
import { Figure } from './figure';
import { ItemDrawing } from './item-drawing';
import { type ItemPlace, isPressed, nameOfPiece, passesWords } from './item-places';
import type { Clocks } from './use-clocks';
import { LayerRows } from './layer-rows';
import type { Bench } from './use-bench';
import { PressCards } from './press-card';
import { acrossWords, dropWords } from './sentences';

interface ItemPlaceProps {
  readonly item: BenchItem;
  readonly at: ItemPlace;
  readonly clocks: Clocks;
  /** Pieces that are interchangeable, by id. */
  readonly alike: ReadonlyMap<string, AlikePieces>;
  /** Named where the item has more places than one. */
  readonly isNamed: boolean;
  /** Then how it is pressed stands first. */
  readonly isPressedNext: boolean;
  readonly onMarkPiece: Bench['markPiece'];
}

/** One place of the item in hand: its lettering as it was cut, and where a ruler is laid. */
export function ItemPlaceView({ item, at, clocks, alike, isNamed, isPressedNext, onMarkPiece }: ItemPlaceProps) {
  const { place, pieces } = at;
  const { spec } = useRun();
  const fits = useFits().last?.fits;
  const { placeId } = place.at;
  const [lifted, setLifted] = useState<string | null>(null);
  const shown = useMemo(() => {
    const fit = fits?.find((one) => one.itemId === item.itemId && one.placeId === placeId) ?? null;
    return [shownFit(fit, pieces)];
  }, [fits, item.itemId, placeId, pieces]);
  const [drawing] = useShownLayers(shown);
  return shown.map((one) => (
    <section key={placeId} aria-label={place.role.name} className="min-w-0">
      {isNamed && (
        <h2 className="heading-small mb-1">
          {place.role.name}: {one.text.join(' ')}
        </h2>
      )}
      {isPressedNext && <PressCards at={at} ink={inkSize(one, drawing?.layers ?? [])} clocks={clocks} />}
      <ItemDrawing
        place={place}
        isBare={isCutHere(spec, place.use)}
        layers={one.isSpotLost ? [] : (drawing?.layers ?? [])}
        label={one.text.join(' ')}
        isSmall={isNamed || isPressedNext}
        lifted={lifted}
      />
      {pieces.length > 1 && <LayerRows item={item} at={at} onMark={onMarkPiece} lifted={lifted} onLift={setLifted} />}
      {one.isSpotLost && (
        <p className="mt-2 border-l-4 border-brass bg-brass-tint px-3 py-1.5">
          It was made before Knurl kept where lettering lies: lay it by your own measure, or by a template of the day.
        </p>
      )}
      <dl className="mt-3 flex flex-wrap gap-x-9 gap-y-3">
        {one.onBlank && <RulerFigures ink={one.onBlank} />}
        <InkFigure shown={one} layers={drawing?.layers ?? []} />
        {drawing?.numHoles != null && <Figure label="holes to weed" value={String(drawing.numHoles)} />}
        <Figure label="from" value={passesWords(pieces)} />
        {firstOfAlike(pieces, alike).map(([piece, of]) => (
          <Figure
            key={piece.pieceId}
            label={`${nameOfPiece(at, piece)}, all alike`}
            value={`${of.numCut} of ${of.num} cut`}
          />
        ))}
      </dl>
      {!isPressedNext && (
        <details className="mt-4">
          <summary className="mb-2 cursor-pointer">
            {isPressed(pieces) ? 'How it is pressed' : 'How it is put on'}
          </summary>
          <PressCards at={at} ink={inkSize(one, drawing?.layers ?? [])} clocks={clocks} />
        </details>
      )}
    </section>
  ));
}

/** From the ink to the blank's sides and to the line that its place is measured from. */
function RulerFigures({ ink }: { readonly ink: InkOnBlank }) {
  const { figure, word } = useLengths();
  return (
    <>
      <Figure label={acrossWords(ink)} value={`${figure(ink.leftMm, 0)} · ${figure(ink.rightMm, 0)} ${word}`} />
      <Figure label={dropWords(ink)} value={`${figure(ink.dropMm, 0)} ${word}`} />
    </>
  );
}

function InkFigure({ shown, layers }: { readonly shown: ShownFit; readonly layers: readonly DrawnLayer[] }) {
  const { pair } = useLengths();
  const box = inkSize(shown, layers);
  return box && <Figure label="ink" value={pair(box.widthMm, box.heightMm, 0)} />;
}

function inkSize(shown: ShownFit, layers: readonly DrawnLayer[]) {
  return shown.layers.length > 0 ? boxOfLayers(asRead(layers)) : null;
}
