import type { ClearZone } from '../shop';
import { type FreeSpace } from '../place';
import { heldFit } from './held-fit';
import type { Lie } from './ink-in-space';
import type { InkShape } from './ink-shape';
import { boxOf } from './loop-box';

/** What a text would gain if one clear zone might lie in the loop of a letter. */
export interface LoopGain {
  readonly zone: ClearZone;
  readonly emMm: number;
}

/** Less is not worth a word. */
const WORTH_IT = 1.02;

/**
 * The clear zone that costs most by not being let into a loop; null when none costs anything. Looked for only where a loop of the
 * text could hold the zone at all.
 */
export function gainInLoops(ink: InkShape, space: FreeSpace, found: Lie): LoopGain | null {
  const zones = new Set(space.blocks.flatMap(({ zone }) => (zone && !zone.mayLieInLoop ? [zone] : [])));
  let best: LoopGain | null = null;
  for (const zone of zones) {
    const parts = space.blocks.filter((block) => block.zone === zone).map(({ ring }) => boxOf(ring.flat()));
    const [width, height] = [spanOf(parts, 'minX', 'maxX'), spanOf(parts, 'minY', 'maxY')];
    // Some growth is hoped for, or it would not be worth it.
    const emMm = found.emMm * MOST_HOPED;
    const couldHold = ink.loops.some((loop) => {
      const box = boxOf(loop);
      return (box.maxX - box.minX) * emMm > width && (box.maxY - box.minY) * emMm > height;
    });
    if (!couldHold) continue;
    const opened: FreeSpace = {
      ...space,
      blocks: space.blocks.map((block) =>
        block.zone === zone ? { ...block, zone: { ...zone, mayLieInLoop: true } } : block,
      ),
    };
    const larger = heldFit(ink, opened);
    if (larger.emMm > found.emMm * WORTH_IT && larger.emMm > (best?.emMm ?? 0)) best = { zone, emMm: larger.emMm };
  }
  return best;
}

const MOST_HOPED = 1.6;

type Box = ReturnType<typeof boxOf>;

function spanOf(boxes: readonly Box[], from: 'minX' | 'minY', to: 'maxX' | 'maxY'): number {
  return Math.max(...boxes.map((box) => box[to])) - Math.min(...boxes.map((box) => box[from]));
}
