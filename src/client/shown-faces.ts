import { type OwnFace, SHIPPED_FACES, keyOfOwnFace } from '@/core/shop';
import { type FaceFacts, type FaceFilter, type FaceNeed, type FaceOrder, inOrder, isLookedFor } from '@/core/suits';
import type { FaceRow, ShopThingView } from '@/services';

/** A face that can be cut, by its key. */
export interface NamedFace {
  readonly key: string;
  readonly name: string;
  /** Of one that was brought in: where it stands in the shop. */
  readonly ownId: string | null;
  /** Somebody has looked up that goods may be cut with it; those that ship may be. */
  readonly mayCut: boolean;
}

/** A face with what is measured of it, and its name. */
export interface ShownFace extends FaceFacts, Pick<FaceRow, 'samples'>, Omit<NamedFace, 'key'> {}

/** The shop's own faces, and those that ship; one that ships and was brought in as well is the shop's own. */
export function allFaces(own: readonly Pick<ShopThingView<OwnFace>, 'id' | 'value'>[]): readonly NamedFace[] {
  const brought = own.map(({ id, value }) => ({
    key: keyOfOwnFace(value),
    name: value.name,
    ownId: id,
    mayCut: value.mayCut === 'yes',
  }));
  const shipped = SHIPPED_FACES.filter(({ sha }) => !brought.some(({ key }) => key === sha));
  return [...brought, ...shipped.map(({ sha, name }) => ({ key: sha, name, ownId: null, mayCut: true }))];
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
  const byKey = new Map(rows.map((row) => [row.facts.face, row]));
  const shown = all.flatMap(({ key, ...named }): ShownFace[] => {
    const row = byKey.get(key);
    if (!row || !isLookedFor(row.facts, filter, need)) return [];
    return [{ ...row.facts, samples: row.samples, ...named }];
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
