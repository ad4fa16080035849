import type { Bend } from './shop-schema';

/** What a lettering is bent by when nobody has said how much. */
export const FIRST_BEND: Bend = { way: 'arch', curve: { by: 'radius', capitals: 8 }, letters: 'bent' };

export type OwnBend = 'straight' | 'arch' | 'dip' | 'otherWay' | 'flatter' | 'tighter';

const TIMES = 1.5;

/** How a text may be bent otherwise than its set; null: straight. */
export function ownBends(bend: Bend | undefined): readonly { readonly id: OwnBend; readonly bend: Bend | null }[] {
  if (!bend) {
    return [
      { id: 'arch', bend: FIRST_BEND },
      { id: 'dip', bend: { ...FIRST_BEND, way: 'dip' } },
    ];
  }
  // What follows its place is level: there is nothing to be had flatter or the other way.
  if (bend.curve.by === 'place') return [{ id: 'straight', bend: null }];
  return [
    { id: 'straight', bend: null },
    { id: 'otherWay', bend: { ...bend, way: bend.way === 'arch' ? 'dip' : 'arch' } },
    { id: 'flatter', bend: curvedBy(bend, TIMES) },
    { id: 'tighter', bend: curvedBy(bend, 1 / TIMES) },
  ];
}

/** With a circle so many times as large, or a rise that many times as low, as far as either may be. */
function curvedBy({ curve, ...bend }: Bend, times: number): Bend {
  return { ...bend, curve: flatter(curve, times) };
}

function flatter(curve: Bend['curve'], times: number): Bend['curve'] {
  switch (curve.by) {
    case 'radius':
      return { by: 'radius', capitals: Math.min(200, Math.max(1.5, curve.capitals * times)) };
    case 'rise':
      return { by: 'rise', share: Math.min(0.5, Math.max(0.01, curve.share / times)) };
    case 'around':
      return { by: 'around', degrees: Math.min(360, Math.max(60, Math.round(curve.degrees / times))) };
    case 'place':
      return curve;
  }
}
