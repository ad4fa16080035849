import { isWholeBlank, measuredOf } from '../shop';
import { type BlankUse, type RunSpec, findBlank, findLettering } from '../spec';

/**
 * Whether a blank is no blank that is taken or bought, since it is cut here itself: a backing as large as a place that is as large as the
 * blank. A patch on something larger is none.
 */
export function isCutHere(spec: RunSpec, { blankId, places }: BlankUse): boolean {
  const blank = findBlank(spec, blankId);
  return places.some(({ placeId, letteringId, wording }) => {
    const { layers } = findLettering(spec, letteringId);
    const hasCard = layers.some(({ make }) => make.kind === 'backing' && make.body === 'place');
    if (!wording || !hasCard) return false;
    return blank.variants.every((variant) => {
      const measured = measuredOf(blank, variant, placeId);
      return measured !== null && isWholeBlank(variant, measured);
    });
  });
}
