import type { FitNumbers } from '../figures';
import { outlineFacts } from '../fit';
import type { CheckedFit } from './check-fits';

export function fitNumbers({ fit, findings, looked, measures }: CheckedFit): FitNumbers {
  const { slot, artwork, emMm, capHeightMm, xHeightMm, mostCapMm, inkWidthMm, inkHeightMm, spot, onBlank } = fit;
  return {
    ...slot.ref,
    itemId: slot.itemId,
    text: slot.text,
    whose: slot.whose,
    isSpread: slot.isSpread,
    copy: slot.copy,
    emMm,
    capHeightMm,
    xHeightMm,
    mostCapMm,
    inkWidthMm,
    inkHeightMm,
    spot,
    onBlank,
    variantId: slot.variant?.id ?? null,
    boundBy: fit.boundBy,
    letteringId: slot.letteringId,
    setId: slot.group.id,
    layers: fit.layers.map(({ layer, part, spot, onBlank }, i) => ({
      layerId: layer.id,
      kind: layer.make.kind,
      colourSlot: layer.colourSlot,
      materialId: layer.materialId,
      part,
      spot,
      onBlank,
      ...outlineFacts(artwork.layers[i]!, emMm),
      measures: measures?.[i] ?? null,
    })),
    findings,
    looked,
  };
}
