import type { Reach } from '../shop';
import { type RunSpec, placeLayers } from '../spec';
import { type PlaceAt, placeAt } from './main-place';

/** Borders of a place that are wider or narrower now, and what they lie around. */
export interface ChangedBorders {
  /** How far each of them reaches, by the id of its layer. */
  readonly reaches: ReadonlyMap<string, Reach>;
  /** Ids of the layers of letters and motif. */
  readonly around: ReadonlySet<string>;
}

/** Null where no border of the place reaches farther or less far than it did. */
export function changedBorders(before: RunSpec, now: RunSpec, at: PlaceAt): ChangedBorders | null {
  if (before.shop.letterings === now.shop.letterings) return null;
  const { lettering, placeUse } = placeAt(now, at);
  const was = new Map(bordersIn(before, placeUse.letteringId).map(({ id, distance }) => [id, distance]));
  const changed = bordersIn(now, placeUse.letteringId).flatMap(({ id, distance }): [string, Reach][] => {
    const old = was.get(id);
    return old && !isSameReach(old, distance) ? [[id, distance]] : [];
  });
  if (changed.length === 0) return null;
  const isLetters = (kind: string) => kind === 'text' || kind === 'motif';
  const around = placeLayers(lettering, placeUse).flatMap(({ id, make }) => (isLetters(make.kind) ? id : []));
  return { reaches: new Map(changed), around: new Set(around) };
}

function bordersIn({ shop }: RunSpec, letteringId: string) {
  const layers = shop.letterings.find(({ id }) => id === letteringId)?.value.layers ?? [];
  return layers.flatMap(({ id, make }) => (make.kind === 'border' ? [{ id, distance: make.distance }] : []));
}

function isSameReach(a: Reach, b: Reach): boolean {
  return a.by === 'mm' ? b.by === 'mm' && a.mm === b.mm : b.by === 'height' && a.share === b.share;
}
