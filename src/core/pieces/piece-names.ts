import { type FitSlot, fitSlots } from '../fit';
import { type RunSpec, findLettering, pieceIdOf } from '../spec';
import { presentOrThrow } from '../outcome';

/** Which pieces a run has, told from its words alone: nothing is drawn, so that the bench never waits for outlines. */
export interface PieceName {
  readonly id: string;
  readonly slot: FitSlot;
  readonly layerId: string;
  readonly materialId: string;
}

export function namesOfSlot(spec: RunSpec, slot: FitSlot): PieceName[] {
  return findLettering(spec, slot.place.letteringId).layers.map(({ id: layerId, slot: colour }) => ({
    id: pieceIdOf(slot.ref, layerId, 1),
    slot,
    layerId,
    materialId: presentOrThrow(slot.place.materials[colour], `material for ${colour}`),
  }));
}

/** Specs never change, so that a large roster is walked once however many marks follow. */
const known = new WeakMap<RunSpec, readonly PieceName[]>();

/** In roster order. */
export function pieceNames(spec: RunSpec): readonly PieceName[] {
  const names = known.get(spec) ?? fitSlots(spec).flatMap((slot) => namesOfSlot(spec, slot));
  known.set(spec, names);
  return names;
}
