import { boxOfRings } from '../geometry';
import { circleAbout, splitHeight, splitRings } from '../monograms';
import type { BendAt } from './bend';
import { type LaidLine, inkBoxOf, resized } from './laid-line';
import type { StackedLines, StandingLine } from './stack-lines';

/** Lines that do not stand below a monogram: in a gap across its letters, or round it. */

/** A monogram, and the lines beside it. */
interface Beside {
  readonly monogram: LaidLine;
  readonly others: readonly LaidLine[];
}

/** Null where no line is a monogram, or none is beside it. */
export function besideMonogram(lines: readonly LaidLine[]): Beside | null {
  const monogram = lines.find(({ line }) => line.runs.length > 0 && line.runs.every(({ isMonogram }) => isMonogram));
  const others = lines.filter((line) => line !== monogram);
  return monogram && others.length > 0 ? { monogram, others } : null;
}

/** In the gap lines are at most so wide, of the letters that are split. */
const MOST_WIDE = 1.3;

/** The letters are split near their middle, and the lines stand between their halves, clear of both by `gap`. */
export function inSplit({ monogram, others }: Beside, gap: number): StackedLines | null {
  const letters = monogram.glyphs.flatMap(({ rings }) => rings);
  const box = boxOfRings(letters);
  if (!box) return null;
  const width = box.maxX - box.minX;
  const fitting = others.map((line) => narrowed(line, MOST_WIDE * width));
  const at = splitHeight(letters, box);
  // The room of each line is its capitals' and what hangs below them.
  const rooms = fitting.map((line) => {
    const own = inkBoxOf(line);
    return { head: Math.max(line.capHeight, own ? -own.minY : 0), foot: Math.max(0, own?.maxY ?? 0) };
  });
  const room = rooms.reduce((sum, { head, foot }) => sum + head + foot + gap, gap);
  const moves = { up: 0, down: Math.round(room) };
  const split: LaidLine = {
    ...monogram,
    glyphs: monogram.glyphs.map((glyph) => ({ ...glyph, rings: splitRings(glyph.rings, at, moves) })),
    beside: splitRings(monogram.beside, at, moves),
  };
  let y = at;
  const standing = fitting.map((laid, i): StandingLine => {
    const { head, foot } = rooms[i]!;
    const baseline = y + gap + head;
    y = baseline + foot;
    return { laid, dx: middleOf(laid), dy: Math.round(baseline) };
  });
  const all = [{ laid: split, dx: -bodyMiddle(letters), dy: 0 }, ...standing];
  return { lines: all.toSorted((a, b) => a.laid.line.no - b.laid.line.no), between: [] };
}

/** A line that runs round: where it stands before it is bent, and the circle that it is bent to. */
export interface RoundLine extends StandingLine {
  /** Null: the monogram, which is not bent. */
  readonly at: BendAt | null;
}

/** One line alone takes at most so much of the circle; of two each keeps to its half. */
const MOST_ALONE = (300 / 180) * Math.PI;
const MOST_OF_TWO = (150 / 180) * Math.PI;

/** The first line runs over the head, the second under the foot with its heads inwards; more stand below one another there. */
export function roundMonogram({ monogram, others }: Beside, gap: number): RoundLine[] {
  const about = circleAbout([...monogram.glyphs.flatMap(({ rings }) => rings), ...monogram.beside]);
  if (!about) return [];
  const { x, y } = about;
  let inner = about.radius;
  const most = others.length > 1 ? MOST_OF_TWO : MOST_ALONE;
  const round = others.map((line, i): RoundLine => {
    const isOver = i === 0;
    const own = narrowed(line, most * (inner + gap));
    const radius = inner + gap + own.capHeight / 2;
    // What comes third lies outside the second.
    if (!isOver) inner += i > 0 && others.length > 2 ? gap + own.capHeight : 0;
    const middleY = isOver ? y - radius : y + radius;
    const at: BendAt = { middleX: x, middleY, radius, way: isOver ? 'arch' : 'dip' };
    return { laid: own, dx: Math.round(x) + middleOf(own), dy: Math.round(middleY + own.capHeight / 2), at };
  });
  const all = [{ laid: monogram, dx: 0, dy: 0, at: null }, ...round];
  return all.toSorted((a, b) => a.laid.line.no - b.laid.line.no);
}

function narrowed(line: LaidLine, most: number): LaidLine {
  const box = inkBoxOf(line);
  const share = box ? Math.min(1, most / (box.maxX - box.minX)) : 1;
  return resized(line, share, share);
}

/** Middle of what stands on the baseline: a tail below it does not pull the lines aside. */
function bodyMiddle(letters: readonly ArrayLike<number>[]): number {
  let [left, right] = [Infinity, -Infinity];
  for (const ring of letters) {
    for (let i = 0; i < ring.length; i += 2) {
      if (ring[i + 1]! > 0) continue;
      left = Math.min(left, ring[i]!);
      right = Math.max(right, ring[i]!);
    }
  }
  return left > right ? 0 : Math.round((left + right) / 2);
}

/** How far the middle of its ink has to go to x = 0. */
function middleOf(line: LaidLine): number {
  const box = inkBoxOf(line);
  return box ? -Math.round((box.minX + box.maxX) / 2) : 0;
}
