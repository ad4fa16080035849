import { EM_UNITS } from '../faces';
import type { Finding } from '../finding';
import { numCrumbs } from '../measures';
import { type MeasuredFit, MOST_GROWTH } from './measure-findings';

/** What is to be said of a layer that is made from the letters, once its outline is looked at. */
export function shapeFindings(fit: MeasuredFit): Finding[] {
  if (fit.emMm <= 0) return [];
  return fit.slot.layers.flatMap((_, i) => [...joined(fit, i), ...crumbsIn(fit, i)]);
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

const TOLERANCE_MM = 0.01;

/**
 * Parts in which no disc of the thinnest stroke fits anywhere: they hold nowhere. An area tells them from no speck, since a sliver may be
 * long. Letters are drawn by whoever drew their face, and a border is never thinner than what it lies around.
 */
function crumbsIn({ artwork, emMm, slot }: MeasuredFit, index: number): Finding[] {
  const { id, make, under, material } = slot.layers[index]!;
  const { strokeMm } = material.finest;
  const outline = artwork.layers[index]?.outline;
  const mayCrumble = make.kind === 'inside' || make.kind === 'plate' || under !== undefined;
  if (!outline || !mayCrumble || strokeMm <= 0) return [];
  const units = EM_UNITS / emMm;
  const crumbs = numCrumbs(outline, strokeMm * units, TOLERANCE_MM * units);
  if (crumbs === 0) return [];
  return [
    {
      kind: 'crumbs',
      severity: 'check',
      numCrumbs: crumbs,
      numParts: outline.islands.length,
      leastMm: strokeMm,
      at: { layerId: id },
    },
  ];
}
