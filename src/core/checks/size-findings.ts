import { type Finding, hasStop } from '../finding';
import type { Fit } from '../fit';
import { gainInLoops, gainWithoutExtenders } from '../largest';
import { tooSmall } from './stop-findings';

/** A descender or an accent is worth a note once it costs this much letter height. */
const WORTH_A_NOTE_MM = 0.5;

/** What is worth saying about a size that is possible: smaller than its set, or smaller for a descender's sake. */
export function sizeFindings(fit: Fit, stops: readonly Finding[]): Finding[] {
  const { artwork, slot, draft, sized, set } = fit;
  const { largest, space, ink, letterEm, sizable } = draft;
  if (!ink || !largest || !space || hasStop(stops)) return [];
  const { letterMm, isHeld, missed, isBetween } = sized;
  const found: Finding[] = [];
  const emMm = letterMm / letterEm;
  if (isHeld && emMm * artwork.lowest.capHeightEm < slot.leastHeightMm) {
    found.push(tooSmall(artwork, emMm, slot.leastHeightMm));
  }
  if (set !== null && set.heldBackBy === null && sizable.mostMm < set.letterMm && !sizable.own) {
    found.push({ kind: 'belowSet', severity: 'check', capHeightMm: sizable.mostMm, setMm: set.letterMm });
  }
  if (isBetween && set) {
    const setMm = Math.min(set.letterMm, sizable.mostMm);
    found.push({ kind: 'belowSet', severity: 'check', capHeightMm: letterMm, setMm });
  }
  if (missed) {
    const mm = missed.by === 'height' ? letterMm : letterMm * sizable.widthPerHeight;
    found.push({ kind: 'belowOwn', severity: 'check', by: missed.by, mm, askedMm: missed.mm });
  }
  if (isHeld) return found;
  // Beside a motif, in a frame or bent nobody can tell what an extender costs: the whole is sized as one.
  if (largest.boundBy !== 'width' && !slot.motif && !slot.form.monogram && !slot.form.bend) {
    // As it was sized: without what keeps millimetres around it, for which the place is moved in.
    const costMm = gainWithoutExtenders(draft.artwork, space, largest) * letterEm;
    if (costMm >= WORTH_A_NOTE_MM) found.push({ kind: 'extenderCosts', severity: 'note', costMm });
  }
  const loop = gainInLoops(ink, space, largest);
  if (loop) {
    const largerPct = (loop.emMm / largest.emMm - 1) * 100;
    const costMm = (loop.emMm - largest.emMm) * letterEm;
    found.push({ kind: 'loopClosed', severity: 'note', zone: loop.zone.name, costMm, largerPct });
  }
  return found;
}
