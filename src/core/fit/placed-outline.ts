import { EM_UNITS } from '../faces';
import { EMPTY_OUTLINE, type Outline, mapOutline, turnOutline } from '../geometry';
import { UM10_PER_MM, mmToUm10 } from '../units';
import type { Fit } from './fit-run';

/** The fit at its true size in integers of 0.1 µm, with the top left corner of its ink at the origin. */
export function inkOutline({ lettered, emMm }: Fit): Outline {
  return sizedOutline(lettered.outline, lettered.inkBox, emMm, 0, 0);
}

/** The fit at its true size where it lies in its place, turned as it reads, in integers of 0.1 µm. */
export function placedOutline({ lettered, emMm, xMm, yMm, turnDeg }: Fit): Outline {
  if (turnDeg === 0) return sizedOutline(lettered.outline, lettered.inkBox, emMm, xMm, yMm);
  let outline = sizedOutline(lettered.outline, lettered.inkBox, emMm, 0, 0);
  for (let turned = 0; turned < turnDeg; turned += 90) outline = turnOutline(outline);
  return mapOutline(outline, 1, 1, mmToUm10(xMm), mmToUm10(yMm));
}

function sizedOutline(
  outline: Outline,
  inkBox: { readonly minX: number; readonly minY: number } | null,
  emMm: number,
  xMm: number,
  yMm: number,
): Outline {
  if (!inkBox) return EMPTY_OUTLINE;
  const scale = (emMm * UM10_PER_MM) / EM_UNITS;
  return mapOutline(outline, scale, scale, mmToUm10(xMm) - inkBox.minX * scale, mmToUm10(yMm) - inkBox.minY * scale);
}
