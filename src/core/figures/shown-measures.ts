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
  /** What is told: of gaps the narrowest, whether along a run of two edges or where two letters come nearest. */
  readonly widthMm: number;
  /** Two letters whose distance it is; null: as it was measured along the edges. */
  readonly between: string | null;
  /** Its check is about the spot. */
  readonly isAtSpot: boolean;
  /** The check that its material makes of it; null while it holds. */
  readonly broken: Finding | null;
  /** The limit that it breaks; null where it breaks none. */
  readonly leastMm: number | null;
}

/** What measures are shown of: a fit, or what of it is asked about. */
export interface MeasuredOf {
  readonly layers: readonly LayerNumbers[];
  readonly findings: readonly Finding[];
}

/**
 * What was measured of all layers, bottom up. One rule for gaps: the letters have one that is told, the narrowest that is asked about,
 * against what their material takes; where two letters come nearer at a point than any run of edges does, it is theirs, by name.
 */
export function shownMeasures(fit: MeasuredOf): ShownMeasure[] {
  const near = lettersNear(fit);
  return fit.layers.flatMap((layer) =>
    PARTS.flatMap(([part, kind]): ShownMeasure[] => {
      const spot = layer.measures?.[part];
      if (!spot) return [];
      const broken =
        fit.findings.find((one) => one.kind === kind && one.severity !== 'note' && isOf(one, layer)) ?? null;
      const measured = { key: `${layer.layerId}-${part}`, part, layer, spot, isAtSpot: broken !== null };
      if (part === 'gap' && near?.layer === layer && (near.finding.gapMm < spot.widthMm || !broken)) {
        const { letters, gapMm, leastMm } = near.finding;
        return [{ ...measured, widthMm: gapMm, between: letters.join(''), broken: near.finding, leastMm }];
      }
      const leastMm = broken && 'leastMm' in broken ? broken.leastMm : null;
      return [{ ...measured, widthMm: spot.widthMm, between: null, broken, leastMm }];
    }),
  );
}

function isOf({ at }: Finding, layer: LayerNumbers): boolean {
  return at?.layerId === undefined || at.layerId === layer.layerId;
}

type LettersNear = Extract<Finding, { readonly kind: 'lettersNear' }>;

/** Letters near each other, with the layer whose gap they are; null without any, and where letters of several colours have each their own. */
function lettersNear({ layers, findings }: MeasuredOf): { finding: LettersNear; layer: LayerNumbers } | null {
  const finding = findings.find((one): one is LettersNear => one.kind === 'lettersNear');
  const [layer, ...others] = layers.filter(({ kind, measures }) => kind === 'text' && measures?.gap);
  return finding && layer && others.length === 0 ? { finding, layer } : null;
}

/** By the same rule what is asked about: of two that speak of the letters' gap only that which is shown. */
export function oneGap({ layers, findings }: MeasuredOf): readonly Finding[] {
  const near = lettersNear({ layers, findings });
  if (!near) return findings;
  const told = shownMeasures({ layers, findings }).find(({ layer, part }) => layer === near.layer && part === 'gap');
  return findings.filter(
    (one) => one === told?.broken || (one !== near.finding && !(one.kind === 'narrowGap' && isOf(one, near.layer))),
  );
}

/** What is said beside the measures. */
export function saidBeside(fit: MeasuredOf): readonly Finding[] {
  const near = lettersNear(fit)?.finding;
  return fit.findings.filter((one) => !MEASURED.has(one.kind) && one !== near);
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
