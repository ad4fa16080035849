import { type CheckedFit, factsOf, fitNumbers } from '@/core/checks';
import { layerOutline, outlineAt, placedOutline } from '@/core/fit';
import { outlineToNumbers } from '@/core/geometry';
import { spotOfPart } from '@/core/place';
import { presentOrThrow } from '@/core/outcome';
import { pieceIdOf } from '@/core/spec';
import type { FrozenPiece } from '../frozen';
import type { FitAnswer, FitsAnswer, LayerAnswer } from './answers';
import type { FitsRequest } from './compute';
import type { RunReport } from './kept-reports';

/** Fits for another program, measured, each layer with what is frozen of it. */
export function fitsAnswer({ frozen, withOutlines }: FitsRequest, report: RunReport): FitsAnswer {
  const { fits, setSizes } = report.measured();
  const frozenById = new Map(frozen.map((piece) => [piece.pieceId, piece]));
  return { fits: fits.map((checked) => fitAnswer(checked, frozenById, withOutlines)), setSizes };
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
    const own = spot && layer.part && outlineAt(layerOutline(fit, i), spotOfPart(spot, fit, layer.part));
    return {
      ...layer,
      pieceId,
      frozen: frozenById.get(pieceId) ?? null,
      outline: withOutlines && own ? outlineToNumbers(own) : null,
    };
  });
  const [lowest] = layers;
  return {
    ...numbers,
    ...factsOf(numbers),
    xMm: spot?.xMm ?? 0,
    yMm: spot?.yMm ?? 0,
    turnDeg: spot?.turnDeg ?? 0,
    materialId: presentOrThrow(lowest, 'a layer').materialId,
    layers,
    outline: withOutlines ? outlineToNumbers(placedOutline(fit)) : null,
  };
}
