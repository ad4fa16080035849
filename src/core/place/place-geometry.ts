import { type MeasuredPlace, type Shape, type ShapeBox, type Variant, shapeBox } from '../shop';
import { centringReport } from './centring';
import { type AcrossWindow, type PlaceRect, inscribedRect } from './inscribed-rect';
import { type PlaceProblem, bodyProblems, shapeProblems } from './place-problems';
import { type SeenAcross, seenWhenCurved, seenWhenFilled } from './seen-across';
import { type Ring, movedRing, shapeRing } from './shape-ring';
import { diameterAt, slantMm, unrolled } from './unroll';

/** A place with everything that follows from its measures. Frame of the place: its bounding box at the origin, y down. */
export interface PlaceGeometry {
  /** As it lies flat: for round goods the unrolled part. */
  readonly shape: Shape;
  readonly outline: Ring;
  readonly clear: readonly Ring[];
  readonly box: ShapeBox;
  /** Top left corner of the bounding box on the blank as it is seen. */
  readonly leftMm: number;
  readonly topMm: number;
  /** The blank as it is laid for this place: flat, or folded as it hangs. */
  readonly body: ShapeBox;
  readonly seen: SeenAcross | null;
  /** The part of the outline's width that is seen; null: all of it. */
  readonly window: AcrossWindow | null;
  /** The upright rectangle that lettering may fill; null when there is no room. */
  readonly usable: PlaceRect | null;
  /** True when the usable rectangle is a part of a place that is no rectangle. */
  readonly isInscribed: boolean;
  readonly problems: readonly PlaceProblem[];
}

/** Smaller than this nothing can be lettered. */
const LEAST_ROOM_MM = 5;

const known = new WeakMap<MeasuredPlace, Map<string, PlaceGeometry>>();

/** Computed once for the same measures: every fit asks for it. */
export function placeGeometry({ body }: Variant, place: MeasuredPlace): PlaceGeometry {
  const key = `${body.widthMm} ${body.heightMm}`;
  const found = known.get(place)?.get(key);
  if (found) return found;
  const geometry = computed(body, place);
  known.set(place, (known.get(place) ?? new Map<string, PlaceGeometry>()).set(key, geometry));
  return geometry;
}

function computed(flat: ShapeBox, place: MeasuredPlace): PlaceGeometry {
  const { wrap, datum, centring } = place;
  const shape = shapeAsLaid(place);
  const body = bodyAsSeen(flat, place);
  const box = shapeBox(shape);
  const shiftMm = centring ? centringReport(centring).shiftMm : 0;
  const isCentred = centring !== null || wrap?.kind === 'round';
  const leftMm = isCentred ? body.widthMm / 2 + shiftMm - box.widthMm / 2 : datum.leftMm;
  const topMm = datum.kind === 'hem' ? datum.lineMm - datum.dropMm - box.heightMm : datum.lineMm + datum.dropMm;
  const seen =
    wrap?.kind === 'filled'
      ? seenWhenFilled(flat.widthMm, wrap)
      : wrap?.kind === 'curved'
        ? seenWhenCurved(wrap.radiusMm, wrap.seenDeg)
        : null;
  const window = windowOf(seen, body.widthMm / 2 - leftMm, box.widthMm);
  const fatal = shapeProblems(place, shape, flat);
  const outline = shapeRing(shape);
  const clear = place.clear.map((zone) => movedRing(shapeRing(zone.shape), zone.leftMm, zone.topMm));
  const isPlain = shape.kind === 'rect' && clear.length === 0;
  const base = { shape, outline, clear, box, leftMm, topMm, body, seen, window, isInscribed: !isPlain };
  if (fatal.length > 0) return { ...base, usable: null, problems: fatal };
  const whole = isPlain ? plainRect(box, window) : inscribedRect(outline, clear, window);
  const usable = roomy(whole && heldOff(whole, place));
  const problems: PlaceProblem[] = [...bodyProblems(place, base)];
  if (!usable) {
    const isSwallowed = clear.length > 0 && roomy(inscribedRect(outline, [], window)) !== null;
    problems.unshift(
      isSwallowed
        ? { kind: 'clearSwallows', severity: 'stop', names: place.clear.map(({ name }) => name) }
        : { kind: 'noRoom', severity: 'stop', leastMm: LEAST_ROOM_MM },
    );
  }
  return { ...base, usable, problems };
}

/** Round goods are laid flat by unrolling the band that the place takes, as far round as it is seen. */
function shapeAsLaid({ outline, wrap, datum }: MeasuredPlace): Shape {
  if (wrap?.kind !== 'round') return outline;
  const { widthMm, heightMm } = shapeBox(outline);
  const from = Math.min(datum.dropMm, slantMm(wrap));
  const to = Math.min(from + heightMm, slantMm(wrap));
  const around = Math.PI * diameterAt(wrap, (from + to) / 2);
  return unrolled(wrap, from, Math.max(to, from + 0.1), Math.min(wrap.seenShare, widthMm / around));
}

function bodyAsSeen(flat: ShapeBox, { wrap }: MeasuredPlace): ShapeBox {
  if (wrap?.kind === 'folded') {
    return { widthMm: flat.widthMm / wrap.acrossParts, heightMm: flat.heightMm / wrap.downParts };
  }
  if (wrap?.kind === 'round') return { widthMm: Math.max(wrap.topMm, wrap.bottomMm), heightMm: slantMm(wrap) };
  return flat;
}

function windowOf(seen: SeenAcross | null, middleMm: number, widthMm: number): AcrossWindow | null {
  if (!seen) return null;
  const [fromMm, toMm] = [middleMm - seen.clothMm / 2, middleMm + seen.clothMm / 2];
  return fromMm <= 0 && toMm >= widthMm ? null : { fromMm, toMm };
}

function plainRect({ widthMm, heightMm }: ShapeBox, window: AcrossWindow | null): PlaceRect {
  const xMm = Math.max(0, window?.fromMm ?? 0);
  return { xMm, yMm: 0, widthMm: Math.min(widthMm, window?.toMm ?? widthMm) - xMm, heightMm };
}

/** Drawn in from the sides that lettering is held at. */
function heldOff({ xMm, yMm, widthMm, heightMm }: PlaceRect, { anchor, anchorGapMm: gap }: MeasuredPlace): PlaceRect {
  const name = anchor.toLowerCase();
  const isAtSide = name.includes('left') || name.includes('right');
  const isAtEnd = name.includes('top') || name.includes('bottom');
  return {
    xMm: xMm + (name.includes('left') ? gap : 0),
    yMm: yMm + (name.includes('top') ? gap : 0),
    widthMm: widthMm - (isAtSide ? gap : 0),
    heightMm: heightMm - (isAtEnd ? gap : 0),
  };
}

function roomy(rect: PlaceRect | null): PlaceRect | null {
  return rect && rect.widthMm >= LEAST_ROOM_MM && rect.heightMm >= LEAST_ROOM_MM ? rect : null;
}
