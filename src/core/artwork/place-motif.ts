import { EM_UNITS } from '../faces';
import {
  type Box,
  EMPTY_OUTLINE,
  type Outline,
  boxHeight,
  boxOfRings,
  boxWidth,
  joinOutlines,
  mapOutline,
  outlineRings,
} from '../geometry';
import { MOTIF_UNITS } from '../shop';
import type { SlotMotif } from '../resolve';
import { LEAST_AREA, type Letters } from './letters';
import { motifShapes } from './motif-shapes';
import { roomWithin } from './room-within';

/** The heights of the letters that a motif stands beside, in em. */
export interface BesideLetters {
  readonly capHeightEm: number;
  readonly lastBaselineEm: number;
}

/** Letters with a motif: it counts as one of them for whatever is made around all. */
export function withMotif(letters: Letters, motif: SlotMotif, heights: BesideLetters): Letters {
  const shapes = motifShapes(motif.motif);
  const used = motif.parts.map((part) => shapes[part] ?? EMPTY_OUTLINE);
  const copies = copiesOf(motif, used, boxOf([letters.all()]), heights);
  const placed = shapes.map((shape) =>
    joinOutlines(
      copies.map((copy) => moved(shape, copy)),
      LEAST_AREA,
    ),
  );
  let all: Outline | null = null;
  return {
    ...letters,
    ofMotif: (part) => placed[part] ?? EMPTY_OUTLINE,
    all: () =>
      (all ??= joinOutlines([letters.all(), ...motif.parts.map((part) => placed[part] ?? EMPTY_OUTLINE)], LEAST_AREA)),
  };
}

/** Where a copy lies: its frame scaled, then moved; reversed it reads from right to left. */
interface Copy {
  readonly scale: number;
  readonly x: number;
  readonly y: number;
  readonly isReversed: boolean;
}

function moved(shape: Outline, { scale, x, y, isReversed }: Copy): Outline {
  return mapOutline(shape, isReversed ? -scale : scale, scale, x, y);
}

function boxOf(outlines: readonly Outline[]): Box | null {
  return boxOfRings(outlines.flatMap((outline) => [...outlineRings(outline)]));
}

function copiesOf(motif: SlotMotif, used: readonly Outline[], text: Box | null, heights: BesideLetters): Copy[] {
  const own = boxOf(used);
  if (!own) return [];
  if (!text) return [standing(own, motif.share * heights.capHeightEm)];
  if (motif.spot === 'around') {
    const around = aroundText(motif, used, own, text);
    if (around) return [around];
  }
  return besideText(motif, own, text, heights);
}

/** By itself it stands on the line, its left edge at the pen. */
function standing(own: Box, heightEm: number): Copy {
  const scale = (heightEm * EM_UNITS) / boxHeight(own);
  return { scale, x: -own.minX * scale, y: -own.maxY * scale, isReversed: false };
}

function besideText(
  { spot, share, gapShare }: SlotMotif,
  own: Box,
  text: Box,
  { capHeightEm, lastBaselineEm }: BesideLetters,
): Copy[] {
  const scale = (share * capHeightEm * EM_UNITS) / boxHeight(own);
  const gap = gapShare * capHeightEm * EM_UNITS;
  const [width, height] = [boxWidth(own) * scale, boxHeight(own) * scale];
  const middleX = (text.minX + text.maxX) / 2;
  // Beside a line it stands where its capitals do, not where an extender happens to reach.
  const middleY = ((lastBaselineEm - capHeightEm) / 2) * EM_UNITS;
  const at = (left: number, top: number, isReversed = false): Copy => ({
    scale,
    x: isReversed ? left + width + own.minX * scale : left - own.minX * scale,
    y: top - own.minY * scale,
    isReversed,
  });
  const [left, right] = [text.minX - gap - width, text.maxX + gap];
  const [above, below] = [text.minY - gap - height, text.maxY + gap];
  const before = at(left, middleY - height / 2);
  switch (spot) {
    case 'before':
      return [before];
    case 'after':
      return [at(right, middleY - height / 2)];
    case 'both':
      return [before, at(right, middleY - height / 2, true)];
    case 'above':
      return [at(middleX - width / 2, above)];
    case 'below':
      return [at(middleX - width / 2, below)];
    case 'topLeft':
      return [at(left, above)];
    case 'topRight':
      return [at(right, above, true)];
    case 'bottomLeft':
      return [at(left, below)];
    case 'bottomRight':
      return [at(right, below, true)];
    default:
      return [at(middleX - width / 2, middleY - height / 2)];
  }
}

/** Less room within than this share of its height is none: it is then laid behind the text. */
const LEAST_ROOM = 0.05;

/** As large as its inside takes the text; null where it has none. */
function aroundText({ share }: SlotMotif, used: readonly Outline[], own: Box, text: Box): Copy | null {
  // Whether it has an inside is the motif's, not this text's: one long name must not be laid out otherwise than the rest.
  if (roomWithin(used, own, 1).halfHeight < LEAST_ROOM * MOTIF_UNITS) return null;
  const room = roomWithin(used, own, boxWidth(text) / boxHeight(text));
  if (room.halfHeight <= 0) return null;
  const scale = boxHeight(text) / 2 / (room.halfHeight * Math.min(1, share));
  return {
    scale,
    x: (text.minX + text.maxX) / 2 - room.x * scale,
    y: (text.minY + text.maxY) / 2 - room.y * scale,
    isReversed: false,
  };
}
