import { EM_UNITS } from '../faces';
import { boxHeight, boxWidth } from '../geometry';
import type { LetteredText } from '../lettering';

/** Room for lettering as it reads. */
interface ReadingRoom {
  readonly widthMm: number;
  readonly heightMm: number;
}

export interface LargestFit {
  /** Millimetres to the em at which the ink just fills the area in one direction. Zero without ink. */
  readonly emMm: number;
  readonly boundBy: 'width' | 'height';
  /** The em that the width and the capitals alone would allow: larger where a descender or an accent binds. */
  readonly emMmByCaps: number;
}

/** Outlines are snapped to 0.1 µm after sizing; two of those keep a snapped outline inside its place for certain. */
const SNAP_MM = 0.0002;

/** The largest size at which the ink lies inside the area, turned neither way. */
export function largestInArea({ inkBox, capHeightEm }: LetteredText, area: ReadingRoom): LargestFit {
  if (!inkBox) return { emMm: 0, boundBy: 'width', emMmByCaps: 0 };
  const byWidth = ((area.widthMm - SNAP_MM) * EM_UNITS) / boxWidth(inkBox);
  const byHeight = ((area.heightMm - SNAP_MM) * EM_UNITS) / boxHeight(inkBox);
  const byCaps = (area.heightMm - SNAP_MM) / capHeightEm;
  return {
    emMm: Math.min(byWidth, byHeight),
    boundBy: byWidth <= byHeight ? 'width' : 'height',
    emMmByCaps: Math.min(byWidth, byCaps),
  };
}
