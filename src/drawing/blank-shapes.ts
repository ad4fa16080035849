import type { Blank, ShapeBox } from '@/core/shop';

/** How a kind of blank is drawn: as it lies before the crafter, in shares of the width and height of its body. */
export interface BlankShape {
  /** Filled in the blank's colour. */
  readonly outline: string;
  /** Seams, hems and rims. */
  readonly lines: string;
  /** Handles, strings and hooks, drawn beside the body. */
  readonly around?: string;
  /** What stands beyond the body on each side: sleeves, handles, necks. */
  readonly beyond: { readonly left: number; readonly top: number; readonly right: number; readonly bottom: number };
}

const NONE = { left: 0, top: 0, right: 0, bottom: 0 };
const RECT = 'M0 0H1V1H0Z';

const BLANK_SHAPES: Readonly<Record<Blank['kind'], BlankShape>> = {
  garment: {
    outline: 'M.3 0C.36 .1 .64 .1 .7 0L1 .05L1.3 .3L1.14 .42L1 .31V1H0V.31L-.14 .42L-.3 .3L0 .05Z',
    lines: 'M.3 0C.35 .13 .65 .13 .7 0M0 .95H1M0 .31V.06M1 .31V.06',
    beyond: { left: 0.3, top: 0, right: 0.3, bottom: 0 },
  },
  bag: {
    outline: RECT,
    lines: 'M0 .06H1M.2 .06V.14H.34V.06M.66 .06V.14H.8V.06',
    around: 'M.24 0C.24 -.42 .76 -.42 .76 0M.3 0C.3 -.33 .7 -.33 .7 0',
    beyond: { left: 0, top: 0.34, right: 0, bottom: 0 },
  },
  pouch: {
    outline: 'M.03 0H.97Q1 0 1 .06V.94Q1 1 .96 1H.04Q0 1 0 .94V.06Q0 0 .03 0Z',
    lines: 'M0 .1H1M.03 .06H.97M.97 .06V.2L.99 .24L.95 .24L.97 .2',
    beyond: NONE,
  },
  towel: { outline: RECT, lines: 'M0 .8H1M0 .83H1M0 .9H1M0 .03H1M0 .97H1M.5 0V.04', beyond: NONE },
  sock: {
    outline:
      'M0 0H1V.72C1 .9 .85 1 .5 1H-1.15C-1.42 1 -1.5 .97 -1.5 .93C-1.5 .885 -1.36 .865 -1.1 .85C-.5 .825 0 .8 0 .68Z',
    lines: 'M0 .035H1M0 .07H1M1 .7C.72 .74 .5 .84 .56 .995M-1.15 1C-.98 .96 -.98 .89 -1.12 .852',
    beyond: { left: 1.55, top: 0, right: 0, bottom: 0 },
  },
  headwear: {
    outline: 'M0 1C0 .3 .25 0 .5 0C.75 0 1 .3 1 1C1.1 1.3 .7 1.32 .5 1.32C.3 1.32 -.1 1.3 0 1Z',
    lines: 'M.5 0V.86M0 1C.3 .82 .7 .82 1 1',
    beyond: { left: 0.05, top: 0.05, right: 0.05, bottom: 0.35 },
  },
  flag: {
    outline: 'M0 0H1L.5 1Z',
    lines: 'M0 .05H1',
    around: 'M-.12 0H1.12',
    beyond: { left: 0.12, top: 0.05, right: 0.12, bottom: 0 },
  },
  bottle: {
    outline:
      'M.34 -.16L.66 -.16L.66 -.04C.66 .02 1 .04 1 .16L1 .94Q1 1 .92 1L.08 1Q0 1 0 .94L0 .16C0 .04 .34 .02 .34 -.04Z',
    lines: 'M.32 -.16L.68 -.16L.68 -.07L.32 -.07ZM0 .92L1 .92',
    beyond: { left: 0, top: 0.18, right: 0, bottom: 0 },
  },
  cup: {
    outline: 'M0 0L1 0L1 .94Q1 1 .94 1L.06 1Q0 1 0 .94Z',
    lines: 'M0 .05L1 .05',
    around: 'M1 .18C1.32 .14 1.36 .74 1 .76M1 .28C1.2 .26 1.24 .64 1 .66',
    beyond: { left: 0, top: 0.02, right: 0.28, bottom: 0 },
  },
  case: { outline: RECT, lines: 'M0 .12H1M.42 .12V.2H.58V.12M.03 1V.12M.97 1V.12', beyond: NONE },
  book: { outline: 'M.02 0H1V1H.02Q0 1 0 .97V.03Q0 0 .02 0Z', lines: 'M.08 0V1M.97 .03V.97', beyond: NONE },
  tag: {
    outline: 'M.16 0H1V1H.16L0 .72V.28Z',
    lines: 'M.08 .5a.04 .06 0 1 0 .08 0a.04 .06 0 1 0 -.08 0',
    around: 'M.1 .5C-.06 .36 -.14 .66 -.2 .5',
    beyond: { left: 0.2, top: 0, right: 0, bottom: 0 },
  },
  card: { outline: RECT, lines: 'M.04 .05H.96V.95H.04Z', beyond: NONE },
  board: {
    outline: 'M.03 0H.97Q1 0 1 .04V.96Q1 1 .97 1H.03Q0 1 0 .96V.04Q0 0 .03 0Z',
    lines: 'M.46 .05H.54',
    beyond: NONE,
  },
  other: { outline: RECT, lines: 'M.03 .04H.97V.96H.03Z', beyond: NONE },
};

/** It hangs from a hook: a bag for a garment. */
const HANGING_BAG: BlankShape = {
  outline: 'M.42 0H.58L1 .1V1H0V.1Z',
  lines: 'M.5 .02V.94M0 .97H1',
  around: 'M.5 0V-.03C.5 -.05 .56 -.05 .56 -.08S.46 -.12 .44 -.07',
  beyond: { left: 0, top: 0.12, right: 0, bottom: 0 },
};

/** A bag so much taller than wide is no bag with handles. */
const HANGS_FROM = 1.5;

/** Width of the top and of the bottom, as shares of the body's. */
export interface Taper {
  readonly top: number;
  readonly bottom: number;
}

/** A cup of which nothing was measured yet. */
const USUAL_CUP: Taper = { top: 1, bottom: 0.88 };

/** How a blank is drawn; round goods narrow as they were measured. */
export function blankShape(
  kind: Blank['kind'],
  { widthMm, heightMm }: ShapeBox,
  taper: Taper | null = null,
): BlankShape {
  const shape = kind === 'bag' && heightMm > HANGS_FROM * widthMm ? HANGING_BAG : BLANK_SHAPES[kind];
  const narrows = taper ?? (kind === 'cup' ? USUAL_CUP : null);
  if (!narrows) return shape;
  const { outline, lines, around } = shape;
  return {
    ...shape,
    outline: narrowed(outline, narrows),
    lines: narrowed(lines, narrows),
    ...(around === undefined ? {} : { around: narrowed(around, narrows) }),
  };
}

/** Every point of a path moved towards the middle by as much as the side does at its height; above and below it as at the end. */
function narrowed(path: string, { top, bottom }: Taper): string {
  return path.replace(/(-?[\d.]+) (-?[\d.]+)/g, (_, x: string, y: string) => {
    const share = top + (bottom - top) * Math.min(1, Math.max(0, Number(y)));
    return `${Number((0.5 + (Number(x) - 0.5) * share).toFixed(4))} ${y}`;
  });
}
