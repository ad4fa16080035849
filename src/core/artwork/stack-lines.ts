import { type Ring, boxRing } from '../geometry';
import { type Stack, aboveLine } from '../shop';
import { type LaidLine, inkBoxOf, resized } from './laid-line';

/** A line where it stands: its baseline, and how far to the right it is moved. */
export interface StandingLine {
  readonly laid: LaidLine;
  readonly dx: number;
  /** Of its baseline, below that of the first line. */
  readonly dy: number;
}

export interface StackedLines {
  readonly lines: readonly StandingLine[];
  /** What stands above a line, by the index of that line: rings where they stand. */
  readonly between: readonly { readonly above: number; readonly ring: Ring }[];
}

/** A line that is brought to the width of the widest grows at most so many times. */
const MOST_WIDER = 4;
/** What hangs below a line, or stands out above one, may take this share of the room between them. */
const INTO_GAP = 0.5;

/** Thickness of a rule, diameter of a dot, height of a lozenge; shares of the height of the first line's capitals. */
const RULE_SHARE = 0.055;
const RULE_WIDTH = 0.7;
const DOT_SHARE = 0.16;
const LOZENGE_SHARE = 0.24;
const DOT_POINTS = 48;

/**
 * Lines one below the other, their ink centred on x = 0, with clear room from the feet of one to the heads of the next: as the stack has
 * it, or the line below. `capHeight`: of the first line's capitals, which the room is a share of.
 */
export function stackLines(own: readonly LaidLine[], stack: Stack, capHeight: number): StackedLines {
  const lines = stack.widths === 'equal' ? asWide(own) : own;
  const standing: StandingLine[] = [];
  const between: { above: number; ring: Ring }[] = [];
  lines.forEach((laid, i) => {
    const box = inkBoxOf(laid);
    const dx = box ? -Math.round((box.minX + box.maxX) / 2) : 0;
    const before = standing.at(-1);
    if (!before) {
      standing.push({ laid, dx, dy: 0 });
      return;
    }
    const [foot, lowest] = feetOf(before);
    const above = aboveLine(stack, laid.line);
    const gap = above.gapShare * capHeight;
    const least = Math.min(widthOf(before.laid), widthOf(laid));
    const mark = above.between === 'nothing' ? null : ornamentOf(above.between, capHeight, least);
    const room = mark ? 2 * gap + mark.height : gap;
    const head = laid.capHeight;
    const highest = box ? -box.minY : head;
    // Heads stand clear of feet; what reaches beyond them comes half as near.
    const byCapitals = foot + room + head;
    const byInk = lowest + room - (isUneven(before.laid) ? 0 : INTO_GAP * gap) + highest;
    const dy = Math.round(Math.max(byCapitals, highest > head || lowest > foot ? byInk : byCapitals));
    if (mark) {
      const from = Math.max(foot, lowest);
      const to = dy - Math.max(head, highest);
      between.push(...mark.rings((from + to) / 2).map((ring) => ({ above: i, ring })));
    }
    standing.push({ laid, dx, dy });
  });
  return { lines: standing, between };
}

/** Baseline and lowest ink of a line where it stands. */
function feetOf({ laid, dy }: StandingLine): readonly [number, number] {
  const box = inkBoxOf(laid);
  return [dy, dy + (box ? Math.max(0, box.maxY) : 0)];
}

/** What hangs below its baseline belongs to its body: a frame, or the tall letter of a monogram. */
function isUneven({ line, beside }: LaidLine): boolean {
  return beside.length > 0 || line.runs.some(({ isTall }) => isTall);
}

function widthOf(laid: LaidLine): number {
  const box = inkBoxOf(laid);
  return box ? box.maxX - box.minX : 0;
}

function asWide(lines: readonly LaidLine[]): readonly LaidLine[] {
  const widest = Math.max(...lines.map(widthOf));
  return lines.map((laid) => {
    const width = widthOf(laid);
    const by = width > 0 ? Math.min(MOST_WIDER, widest / width) : 1;
    return resized(laid, by, by);
  });
}

interface Ornament {
  readonly height: number;
  /** Its rings with its middle at x = 0 and at a height. */
  readonly rings: (y: number) => readonly Ring[];
}

function ornamentOf(kind: Exclude<Stack['between'], 'nothing'>, capHeight: number, width: number): Ornament {
  switch (kind) {
    case 'rule': {
      const [half, thick] = [Math.round((RULE_WIDTH * width) / 2), RULE_SHARE * capHeight];
      const box = (y: number) => ({
        minX: -half,
        maxX: half,
        minY: Math.round(y - thick / 2),
        maxY: Math.round(y + thick / 2),
      });
      return { height: thick, rings: (y) => [boxRing(box(y))] };
    }
    case 'dot':
      return { height: DOT_SHARE * capHeight, rings: (y) => [around(DOT_POINTS, (DOT_SHARE * capHeight) / 2, y)] };
    case 'lozenge':
      return { height: LOZENGE_SHARE * capHeight, rings: (y) => [around(4, (LOZENGE_SHARE * capHeight) / 2, y)] };
  }
}

/** Points on a circle about x = 0; four of them are a lozenge on its point. */
function around(numPoints: number, radius: number, y: number): Ring {
  const ring = new Int32Array(2 * numPoints);
  for (let i = 0; i < numPoints; i++) {
    const at = (i / numPoints) * 2 * Math.PI;
    ring[2 * i] = Math.round(radius * Math.cos(at));
    ring[2 * i + 1] = Math.round(y + radius * Math.sin(at));
  }
  return ring;
}
