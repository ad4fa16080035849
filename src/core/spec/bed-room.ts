import type { Bed } from '../shop';
import { findBed } from './lookup';
import type { RunSpec } from './run-spec';

interface Room {
  readonly name: string;
  readonly widthMm: number;
  readonly heightMm: number;
}

/** What the bed of a material holds without its margins, and what the run's other beds would. */
export interface BedRoom extends Room {
  /** Pieces may be turned by a quarter. */
  readonly mayTurn: boolean;
  /** Of a bed that serves once: where the rest goes. */
  readonly rest: Room | null;
  readonly others: readonly Room[];
}

export interface BedRooms {
  readonly usual: BedRoom;
  /** Materials that have a bed of their own, or lie otherwise on it. */
  readonly byMaterial: Readonly<Record<string, BedRoom>>;
}

type BedCopy = RunSpec['shop']['beds'][number];

/** The bed of a material, and after a bed that serves once the one for the rest. */
export function bedsOf(
  { shop, layout }: Pick<RunSpec, 'shop' | 'layout'>,
  materialId: string | null,
): readonly [BedCopy, ...BedCopy[]] {
  const copyOf = (id: string): BedCopy => ({ id, fromRev: null, value: findBed({ shop }, id) });
  const own = (materialId !== null && layout.beds?.[materialId]) || layout.bedId;
  const first = copyOf(own);
  if (!isOnce(first.value)) return [first];
  const usual = copyOf(layout.bedId);
  const rest = isOnce(usual.value) ? shop.beds.find(({ value }) => !isOnce(value)) : usual;
  return rest ? [first, rest] : [first];
}

export function isOnce({ once }: Pick<Bed, 'once'>): boolean {
  return once === true;
}

/** Pieces of a film whose pattern runs one way all lie as they read. */
export function mayTurn({ shop, layout }: Pick<RunSpec, 'shop' | 'layout'>, materialId: string | null): boolean {
  const material = shop.materials.find(({ id }) => id === materialId)?.value;
  return layout.mayTurn && material?.pattern === undefined;
}

/** Film left clear at every edge: what the run wants, or what the bed cannot reach, whichever is more. */
export function edgeOf({ edgeMm }: Pick<RunSpec['layout'], 'edgeMm'>, { marginMm = 0 }: Pick<Bed, 'marginMm'>): number {
  return Math.max(edgeMm, marginMm);
}

const known = new WeakMap<RunSpec['shop'], Map<string, BedRooms>>();

/** The very same object as long as the shop's copies and the margins are the same: whatever hangs on it need not be made again. */
export function bedRoomOf(spec: RunSpec): BedRooms {
  const { shop, layout } = spec;
  const { bedId, beds = {}, edgeMm } = layout;
  const rooms = known.get(shop) ?? new Map<string, BedRooms>();
  known.set(shop, rooms);
  const key = JSON.stringify([bedId, beds, edgeMm, layout.mayTurn]);
  const found = rooms.get(key);
  if (found) return found;
  const patterned = shop.materials.filter(({ value }) => value.pattern !== undefined).map(({ id }) => id);
  const ownIds = [...new Set([...Object.keys(beds), ...patterned])];
  const room: BedRooms = {
    usual: roomFor(spec, null),
    byMaterial: Object.fromEntries(ownIds.map((id) => [id, roomFor(spec, id)])),
  };
  rooms.set(key, room);
  return room;
}

function roomFor(spec: RunSpec, materialId: string | null): BedRoom {
  const { shop, layout } = spec;
  const roomOf = (bed: Bed): Room => {
    const edges = 2 * edgeOf(layout, bed);
    return { name: bed.name, widthMm: bed.widthMm - edges, heightMm: bed.heightMm - edges };
  };
  const [first, rest] = bedsOf(spec, materialId);
  const others = shop.beds.filter(({ id }) => id !== first.id && id !== rest?.id).map(({ value }) => roomOf(value));
  return { ...roomOf(first.value), mayTurn: mayTurn(spec, materialId), rest: rest ? roomOf(rest.value) : null, others };
}
