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

/**
 * What was measured of all layers, bottom up. One rule for gaps: a text has one, its narrowest, against what its material takes; where two
 * letters come nearer at a point than any run of edges does, it is theirs, by name.
 */
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
      const key = `${layer.layerId}-${part}`;
      const near = part === 'gap' && layer.kind === 'text' ? lettersNear(fit.findings) : null;
      if (near && near.gapMm < spot.widthMm) {
        return [
          {
            key,
            part,
            layer,
            spot,
            widthMm: near.gapMm,
            between: near.letters.join(''),
            broken: near,
            isAtSpot: broken !== null,
            leastMm: near.leastMm,
          },
        ];
      }
      return [
        { key, part, layer, spot, widthMm: spot.widthMm, between: null, broken, isAtSpot: broken !== null, leastMm },
      ];
    }),
  );
}

type LettersNear = Extract<Finding, { readonly kind: 'lettersNear' }>;

function lettersNear(findings: readonly Finding[]): LettersNear | null {
  return findings.find((one): one is LettersNear => one.kind === 'lettersNear') ?? null;
}

/** The gap that a finding speaks of; null where it speaks of none. */
function gapOf(finding: Finding): number | null {
  if (finding.kind === 'lettersNear') return finding.gapMm;
  return finding.kind === 'narrowGap' ? finding.widthMm : null;
}

/** By the same rule: of two that speak of a gap the one with the narrower is told. */
export function oneGap(findings: readonly Finding[]): readonly Finding[] {
  const narrowest = Math.min(...findings.map((finding) => gapOf(finding) ?? Infinity));
  const told = findings.find((finding) => gapOf(finding) === narrowest);
  return findings.filter((finding) => gapOf(finding) === null || finding === told);
}

/** What is said beside the measures: letters near each other only as long as no gap of theirs is shown. */
export function saidBeside(fit: Parameters<typeof shownMeasures>[0]): readonly Finding[] {
  const showsGap = fit.layers.some(({ kind, measures }) => kind === 'text' && measures?.gap);
  return fit.findings.filter(({ kind }) => !MEASURED.has(kind) && !(showsGap && kind === 'lettersNear'));
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
