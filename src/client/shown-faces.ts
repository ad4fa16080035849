import { type OwnFace, SHIPPED_FACES, keyOfOwnFace } from '@/core/shop';
import { type FaceFacts, type FaceFilter, type FaceNeed, type FaceOrder, inOrder, isLookedFor } from '@/core/suits';
import type { FaceRow, ShopThingView } from '@/services';

/** A face that can be cut, by its key. */
export interface NamedFace {
  readonly key: string;
  readonly name: string;
  /** Of one that was brought in: where it stands in the shop. */
  readonly ownId: string | null;
}

/** A face with what is measured of it, and its name. */
export interface ShownFace extends FaceFacts, Pick<FaceRow, 'samples'>, Pick<NamedFace, 'name' | 'ownId'> {}

/** The shop's own faces, and those that ship. Of two that are the same face the first counts. */
export function allFaces(own: readonly Pick<ShopThingView<OwnFace>, 'id' | 'value'>[]): readonly NamedFace[] {
  const faces = [
    ...own.map(({ id, value }) => ({ key: keyOfOwnFace(value), name: value.name, ownId: id })),
    ...SHIPPED_FACES.map(({ sha, name }) => ({ key: sha, name, ownId: null })),
  ];
  const first = new Map(faces.toReversed().map((face) => [face.key, face]));
  return faces.filter((face) => first.get(face.key) === face);
}

export interface FaceChoosing {
  readonly filter: FaceFilter;
  readonly order: FaceOrder;
  readonly need: FaceNeed;
}

/** What is measured so far, of those that are looked for, in order. */
export function shownFaces(
  rows: readonly FaceRow[],
  all: readonly NamedFace[],
  { filter, order, need }: FaceChoosing,
): readonly ShownFace[] {
  const byKey = new Map(all.map((face) => [face.key, face]));
  const shown = rows.flatMap(({ facts, samples }): ShownFace[] => {
    const named = byKey.get(facts.face);
    if (!named || !isLookedFor(facts, filter, need)) return [];
    return [{ ...facts, samples, name: named.name, ownId: named.ownId }];
  });
  return inOrder(shown, order, need);
}

/** Pixels that the capitals of samples are tall, and the width that the widest of them has. */
const CAPITALS_PX = 20;
const ROOM_PX = 440;

/** How tall the capitals of all samples are drawn, so that the widest text has room: all at one letter height. */
export function capitalsPx(faces: readonly Pick<FaceFacts, 'widestMm'>[], letterHeightMm: number): number {
  const widestMm = Math.max(0, ...faces.map((face) => face.widestMm));
  return Math.min(CAPITALS_PX, (ROOM_PX * letterHeightMm) / widestMm);
}
