import type { Finding } from '../finding';
import type { LayerNumbers } from './fit-numbers';
import type { MeasuredSpot } from './measures';

const PARTS = [
  ['stroke', 'thinStroke'],
  ['gap', 'narrowGap'],
  ['hole', 'smallHole'],
] as const;

const MEASURED: ReadonlySet<Finding['kind']> = new Set(PARTS.map(([, kind]) => kind));

/** One measure of one layer, with what is asked about it. */
export interface ShownMeasure {
  readonly key: string;
  readonly part: (typeof PARTS)[number][0];
  readonly layer: LayerNumbers;
  readonly spot: MeasuredSpot;
  /** The check that its material makes of it; null while it holds. */
  readonly broken: Finding | null;
  /** The limit that it breaks; null where it breaks none. */
  readonly leastMm: number | null;
}

/** What was measured of all layers, bottom up. */
export function shownMeasures(fit: {
  readonly layers: readonly LayerNumbers[];
  readonly findings: readonly Finding[];
}): ShownMeasure[] {
  return fit.layers.flatMap((layer) =>
    PARTS.flatMap(([part, kind]): ShownMeasure[] => {
      const spot = layer.measures?.[part];
      if (!spot) return [];
      const isOwn = ({ at }: Finding) => at?.layerId === undefined || at.layerId === layer.layerId;
      const broken = fit.findings.find((one) => one.kind === kind && one.severity !== 'note' && isOwn(one)) ?? null;
      const leastMm = broken && 'leastMm' in broken ? broken.leastMm : null;
      return [{ key: `${layer.layerId}-${part}`, part, layer, spot, broken, leastMm }];
    }),
  );
}

/** Whether a finding is of the kind that measuring finds: it is shown at the measure. */
export function isMeasureFinding({ kind }: Finding): boolean {
  return MEASURED.has(kind);
}

/** Whether it was drawn, and not measured yet. */
export function awaitsMeasure({
  emMm,
  layers,
}: {
  readonly emMm: number;
  readonly layers: readonly LayerNumbers[];
}): boolean {
  return emMm > 0 && layers.some(({ part, measures }) => part !== null && measures === null);
}
