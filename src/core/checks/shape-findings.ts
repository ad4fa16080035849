import { EM_UNITS } from '../faces';
import type { Finding } from '../finding';
import { type Outline, growOutline, isPointInRing } from '../geometry';
import { type MeasuredFit, MOST_GROWTH } from './measure-findings';

/** What is to be said of a layer that is made from the letters, once its outline is looked at. */
export function shapeFindings(fit: MeasuredFit): Finding[] {
  if (fit.emMm <= 0) return [];
  return fit.slot.layers.flatMap((_, i) => [...joined(fit, i), ...crumbs(fit, i)]);
}

/** A border makes one of what stands nearer than twice its distance, so that both ways out are one division each. */
function joined({ artwork, emMm, slot }: MeasuredFit, index: number): Finding[] {
  const { id, make } = slot.layers[index]!;
  const art = artwork.layers[index];
  const border = art?.border;
  if (!art || !border || make.kind !== 'border') return [];
  const numLeft = art.outline.islands.length;
  if (numLeft >= border.numParts) return [];
  const gapEm = border.leastGapEm();
  const reachMm = border.reachEm * emMm;
  const apartUnderMm = (gapEm / 2) * emMm;
  const apartAtEmMm = make.distance.by === 'mm' ? (2 * reachMm) / gapEm : Infinity;
  return [
    {
      kind: 'borderJoins',
      severity: 'note',
      numParts: border.numParts,
      numLeft,
      reachMm,
      apartUnderMm,
      apartAtMm: apartAtEmMm <= MOST_GROWTH * emMm ? apartAtEmMm * artwork.capHeightEm : null,
      at: { layerId: id },
    },
  ];
}

const LEAST_AREA = 1;
const TOLERANCE_MM = 0.01;

/**
 * Parts in which no disc of the thinnest stroke fits anywhere: they hold nowhere. An area tells them from no speck, since a sliver may be
 * long. Letters are drawn by whoever drew their face, and a border is never thinner than what it lies around.
 */
function crumbs({ artwork, emMm, slot }: MeasuredFit, index: number): Finding[] {
  const { id, make, under, material } = slot.layers[index]!;
  const { strokeMm } = material.finest;
  const outline = artwork.layers[index]?.outline;
  const mayCrumble = make.kind === 'inside' || make.kind === 'plate' || under !== undefined;
  if (!outline || !mayCrumble || strokeMm <= 0) return [];
  const units = EM_UNITS / emMm;
  const held = growOutline(outline, {
    distance: (-strokeMm / 2) * units,
    tolerance: TOLERANCE_MM * units,
    leastArea: LEAST_AREA,
  });
  const numCrumbs = outline.islands.length - numHolding(outline, held);
  if (numCrumbs === 0) return [];
  return [
    {
      kind: 'crumbs',
      severity: 'check',
      numCrumbs,
      numParts: outline.islands.length,
      leastMm: strokeMm,
      at: { layerId: id },
    },
  ];
}

/** Of how many islands something is left: what is drawn in lies within the island that it comes from, and in no other. */
function numHolding({ islands }: Outline, held: Outline): number {
  const points = held.islands.map(({ outer }) => [outer[0]!, outer[1]!] as const);
  return islands.filter(({ outer, holes }) =>
    points.some(([x, y]) => isPointInRing(x, y, outer) && !holes.some((hole) => isPointInRing(x, y, hole))),
  ).length;
}
