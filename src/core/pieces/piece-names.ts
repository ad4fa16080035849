import { type Slot, type SlotLayer, isLayerEmpty, lettersApart } from '../resolve';
import { pieceIdOf } from '../spec';

/** Which pieces a run has, told from its words alone: nothing is drawn, so that the bench never waits for outlines. */
export interface PieceName {
  readonly id: string;
  readonly slot: Slot;
  readonly layer: SlotLayer;
  /** Where the layer stands among the slot's, from the bottom. */
  readonly layerIndex: number;
  /** Which letter of the layer it is, where each is a piece of its own; null: all of it. */
  readonly part: { readonly no: number; readonly letter: string } | null;
}

/** One for each layer that has something to cut, or for each of its letters where they are pieces of their own; what is drawn on one belongs to that. A slot without anything has its lowest: its stop has to stand somewhere. */
export function namesOfSlot(slot: Slot): PieceName[] {
  const names = slot.layers.flatMap((layer, layerIndex): PieceName[] => {
    const nameOf = (part: PieceName['part']) => ({
      id: pieceIdOf(slot.ref, layer.id, (part?.no ?? 0) + 1),
      slot,
      layer,
      layerIndex,
      part,
    });
    const letters = lettersApart(slot, layer);
    return letters?.length ? letters.map(({ letter }, no) => nameOf({ no, letter })) : [nameOf(null)];
  });
  const ofTheirOwn = names.filter(({ layer }) => !layer.line);
  const cut = ofTheirOwn.filter(({ layer }) => !isLayerEmpty(slot, layer));
  return cut.length > 0 ? cut : ofTheirOwn.slice(0, 1);
}

/** The slots of a run are the same array as long as nothing of them changes, so that a large roster is walked once. */
const known = new WeakMap<readonly Slot[], readonly PieceName[]>();

/** In roster order. */
export function pieceNames(slots: readonly Slot[]): readonly PieceName[] {
  const names = known.get(slots) ?? slots.flatMap(namesOfSlot);
  known.set(slots, names);
  return names;
}
