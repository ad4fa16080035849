import type { ArtCache } from '../artwork';
import { type Measured, type Measures, withMeasured } from '../figures';
import type { Finding } from '../finding';
import { type Fit, type FitReport, type SetSize, fitAll } from '../fit';
import type { Slot } from '../resolve';
import { apartFindings } from './apart-findings';
import { bedFindings } from './bed-findings';
import { borderFindings } from './border-findings';
import { contrastFindings } from './contrast-findings';
import { formFindings } from './form-findings';
import { layerFindings } from './layer-findings';
import { letterFindings } from './letter-findings';
import { openAndLooked } from './looked-findings';
import { measureFindings } from './measure-findings';
import { measureLayer } from './measure-layer';
import { middleFindings } from './middle-findings';
import { reachFindings } from './reach-findings';
import { shapeFindings } from './shape-findings';
import { sizeFindings } from './size-findings';
import { stopFindings } from './stop-findings';
import { suitFindings } from './suit-findings';

/** A fit with everything that is to be said of it. */
export interface CheckedFit {
  readonly fit: Fit;
  /** Open, stops first. */
  readonly findings: readonly Finding[];
  /** Findings that somebody looked at and let stand. */
  readonly looked: readonly Finding[];
  /** By layer, bottom up; null until it was measured, and its findings come with it. */
  readonly measures: readonly Measures[] | null;
}

export interface CheckedReport {
  readonly fits: readonly CheckedFit[];
  readonly setSizes: Readonly<Record<string, SetSize>>;
}

/** Fits of many slots with what is to be said of them by size, place and colour; strokes are measured by `measureFit`. */
export function checkedReport(slots: readonly Slot[], cache: ArtCache): CheckedReport {
  return checkReport(fitAll(slots, cache));
}

export function checkReport({ fits, setSizes }: FitReport): CheckedReport {
  return { fits: fits.map(checkFit), setSizes };
}

function checkFit(fit: Fit): CheckedFit {
  const { open, looked } = openAndLooked(fit.slot, findingsOf(fit));
  return { fit, findings: open, looked, measures: null };
}

/** Everything that is to say about a sized fit, stops first. What depends on strokes is measured later. */
export function findingsOf(fit: Fit): Finding[] {
  const stops = stopFindings(fit);
  return [
    ...stops,
    ...fit.slot.findings.filter(({ severity }) => severity !== 'stop'),
    ...sizeFindings(fit, stops),
    ...middleFindings(fit, stops),
    ...borderFindings(fit),
    ...contrastFindings(fit),
    ...layerFindings(fit),
    ...apartFindings(fit),
    ...formFindings(fit),
    ...suitFindings(fit),
    ...bedFindings(fit),
    ...reachFindings(fit),
  ];
}

/** Measures every layer of a fit against its own material, and looks at its letters one by one. */
export function measureFit(fit: Fit, { faceOf }: Pick<ArtCache, 'faceOf'>): Measured {
  const { artwork, emMm, slot } = fit;
  const measures = slot.layers.map(({ material }, i) => measureLayer(artwork, i, emMm, material.finest));
  // What has no place has no size: nothing of it is near or thin.
  const found =
    artwork.inkBox && emMm > 0
      ? [
          ...measures.flatMap((one, i) => measureFindings(fit, i, one)),
          ...shapeFindings(fit),
          ...letterFindings(fit, faceOf),
        ]
      : [];
  const { open, looked } = openAndLooked(slot, found);
  return { measures, findings: open, looked };
}

/** Measures every fit of a report. */
export function measuredReport({ fits, setSizes }: CheckedReport, cache: ArtCache): CheckedReport {
  return {
    fits: fits.map((checked) => {
      const found = measureFit(checked.fit, cache);
      return { ...withMeasured(checked, found), measures: found.measures };
    }),
    setSizes,
  };
}
