import { EM_UNITS } from '../faces';
import { type Island, ringArea } from '../geometry';
import { lieNear } from '../largest';
import type { SizeGroup } from '../spec';
import type { Artwork } from '../artwork';
import { type FreeSpace, type PlaceRect, aimedAt } from '../place';
import type { Draft } from './draft-fit';

/** A drafted fit with the size that its rule gives it. */
export interface SizedDraft {
  readonly draft: Draft;
  readonly emMm: number;
}

/** The box of the ink, and its size: smaller than asked where the place has no spot at that size. */
export interface LyingInk extends PlaceRect {
  readonly emMm: number;
}

/**
 * Where each sized text comes to lie: the box that its ink covers in the reader's frame, as its group wants it. Texts that lie
 * by their baseline share one in each place of the group. In the order of `sized`; null without ink or place.
 */
export function lieAll(sized: readonly SizedDraft[]): (LyingInk | null)[] {
  const baselines = commonBaselines(sized);
  return sized.map(({ draft, emMm }) => {
    const { ink, space, largest, artwork, slot } = draft;
    const { lie } = slot.group;
    if (!ink || !space || !largest || emMm <= 0) return null;
    const widthMm = ink.widthEm * emMm;
    const heightMm = ink.heightEm * emMm;
    const baselineMm = baselines.get(slot.group.id)?.get(space);
    const aim = aimOf(space, artwork, { widthMm, heightMm, emMm }, { lie, baselineMm });
    const { xMm, yMm, emMm: itsEmMm } = lieNear(ink, space, emMm, { aim, largest });
    return { xMm, yMm, emMm: itsEmMm, widthMm: ink.widthEm * itsEmMm, heightMm: ink.heightEm * itsEmMm };
  });
}

interface InkSize {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly emMm: number;
}

interface LieWish {
  readonly lie: SizeGroup['lie'];
  readonly baselineMm: number | undefined;
}

/** Where the top left corner of the ink's box should lie if nothing were in the way. */
function aimOf(
  space: FreeSpace,
  artwork: Artwork,
  { widthMm, heightMm, emMm }: InkSize,
  { lie, baselineMm }: LieWish,
): readonly [number, number] {
  const [xMm, yMm] = aimedAt(space, widthMm, heightMm);
  if (lie === 'baseline' && baselineMm !== undefined) return [xMm, baselineMm - baselineEm(artwork) * emMm];
  if (lie !== 'optical') return [xMm, yMm];
  const [across, down] = space.aim;
  const weight = weightEm(artwork);
  // Only what is centred has a middle to be moved to; what is held at a side lies at that side.
  return [
    across.share === 0.5 ? across.atMm - weight.xEm * emMm : xMm,
    down.share === 0.5 ? down.atMm - weight.yEm * emMm : yMm,
  ];
}

/** From the top of the ink down to the first baseline. */
function baselineEm({ inkBox }: Artwork): number {
  return inkBox ? -inkBox.minY / EM_UNITS : 0;
}

const weights = new WeakMap<Artwork, { readonly xEm: number; readonly yEm: number }>();

/** The optical middle, from the ink's top left corner: the centre of its area across, the middle of its letters' height down. */
function weightEm(artwork: Artwork): { readonly xEm: number; readonly yEm: number } {
  const found = weights.get(artwork);
  if (found) return found;
  const { outline, inkBox, capHeightEm, lastBaselineEm } = artwork;
  let area = 0;
  let moment = 0;
  for (const { outer, holes } of outline.islands as readonly Island[]) {
    for (const ring of [outer, ...holes]) {
      area += ringArea(ring);
      moment += momentX(ring);
    }
  }
  const first = baselineEm(artwork);
  const weight = {
    xEm: area > 0 && inkBox ? (moment / area - inkBox.minX) / EM_UNITS : 0,
    yEm: (first - capHeightEm + first + lastBaselineEm) / 2,
  };
  weights.set(artwork, weight);
  return weight;
}

/** Of a ring's area about x = 0. */
function momentX(ring: Int32Array): number {
  let sum = 0;
  for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
    sum += (ring[j]! + ring[i]!) * (ring[j]! * ring[i + 1]! - ring[i]! * ring[j + 1]!);
  }
  return sum / 6;
}

/** One baseline for the texts of one line that share group and place: as near to the middle of the tallest as all of them allow. */
function commonBaselines(sized: readonly SizedDraft[]): ReadonlyMap<string, ReadonlyMap<FreeSpace, number>> {
  const groups = new Map<string, Map<FreeSpace, SizedDraft[]>>();
  for (const one of sized) {
    const { space, ink, artwork, slot } = one.draft;
    const { group } = slot;
    if (group.lie !== 'baseline' || !space || !ink || one.emMm <= 0 || artwork.lastBaselineEm > 0) continue;
    const bySpace = groups.get(group.id) ?? new Map<FreeSpace, SizedDraft[]>();
    groups.set(group.id, bySpace.set(space, [...(bySpace.get(space) ?? []), one]));
  }
  return new Map(
    [...groups].map(([id, bySpace]) => [
      id,
      new Map([...bySpace].map(([space, members]) => [space, baselineFor(space, members)])),
    ]),
  );
}

function baselineFor({ usable, aim }: FreeSpace, members: readonly SizedDraft[]): number {
  const { yMm: top, heightMm } = usable;
  let highest = -Infinity;
  let lowest = Infinity;
  let tallestMm = 0;
  for (const { draft, emMm } of members) {
    const above = baselineEm(draft.artwork) * emMm;
    highest = Math.max(highest, top + above);
    lowest = Math.min(lowest, top + heightMm - (draft.ink!.heightEm * emMm - above));
    tallestMm = Math.max(tallestMm, draft.artwork.capHeightEm * emMm);
  }
  const { share, atMm } = aim[1];
  // The capitals of the tallest, wanted where ink is.
  const wanted = atMm + (1 - share) * tallestMm;
  // Where no line suits all, each keeps inside its place and comes as near as it can.
  return highest <= lowest ? Math.min(Math.max(wanted, highest), lowest) : (highest + lowest) / 2;
}
