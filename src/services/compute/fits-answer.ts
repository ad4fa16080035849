import type { RunReport } from '@/core/report';
import { type CheckedFit, fitNumbers } from '@/core/checks';
import { factsOf } from '@/core/figures';
import { type Fit, layerOutline, outlineAt, placedOutline } from '@/core/fit';
import { outlineToNumbers } from '@/core/geometry';
import { presentOrThrow } from '@/core/outcome';
import { namesOfSlot } from '@/core/pieces';
import { pieceIdOf, takesOwnFilm } from '@/core/spec';
import type { FrozenPiece } from '../frozen';
import { pageOfList, toldOf } from '../page';
import type { FitAnswer, FitsAnswer, LayerAnswer, LetterAnswer } from './answers';
import type { FitsRequest } from './compute';

/** Fits for another program, measured, each layer with what is frozen of it. */
export function fitsAnswer({ frozen, withOutlines, page }: FitsRequest, report: RunReport): FitsAnswer {
  const { fits: all, setSizes } = report.checked;
  // Nobody waits for measures of what is on another page.
  const fits = report.measuredOf(pageOfList(all, page));
  const frozenById = new Map(frozen.map((piece) => [piece.pieceId, piece]));
  return {
    ...toldOf(all.length, page),
    fits: fits.map((checked) => fitAnswer(checked, frozenById, withOutlines)),
    setSizes,
  };
}

function lettersOf(
  { slot, layers }: Fit,
  index: number,
  frozenById: ReadonlyMap<string, FrozenPiece>,
): readonly LetterAnswer[] {
  return namesOfSlot(slot).flatMap(({ id: pieceId, layerIndex, part }) =>
    part && layerIndex === index
      ? [
          {
            letter: part.letter,
            pieceId,
            frozen: frozenById.get(pieceId) ?? null,
            spot: layers[index]?.parts?.[part.no]?.spot ?? null,
          },
        ]
      : [],
  );
}

function fitAnswer(
  checked: CheckedFit,
  frozenById: ReadonlyMap<string, FrozenPiece>,
  withOutlines: boolean,
): FitAnswer {
  const { fit } = checked;
  const numbers = fitNumbers(checked);
  const { spot } = numbers;
  const layers = numbers.layers.map((layer, i): LayerAnswer => {
    const pieceId = pieceIdOf(fit.slot.ref, layer.layerId, 1);
    const letters = lettersOf(fit, i, frozenById);
    const own = layer.spot && outlineAt(layerOutline(fit, i), layer.spot);
    return {
      ...layer,
      pieceId,
      frozen: frozenById.get(pieceId) ?? null,
      ...(letters.length > 0 ? { letters } : {}),
      outline: withOutlines && own ? outlineToNumbers(own) : null,
    };
  });
  return {
    ...numbers,
    ...factsOf(numbers),
    xMm: spot?.xMm ?? 0,
    yMm: spot?.yMm ?? 0,
    turnDeg: spot?.turnDeg ?? 0,
    materialId: presentOrThrow(fit.slot.layers.find(takesOwnFilm), 'a layer of letters').materialId,
    layers,
    outline: withOutlines ? outlineToNumbers(placedOutline(fit)) : null,
  };
}
