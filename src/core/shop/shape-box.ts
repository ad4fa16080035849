import { assertNever } from '../outcome';
import type { Shape } from './place-schema';

/** Size of a shape's bounding box in millimetres. */
export interface ShapeBox {
  readonly widthMm: number;
  readonly heightMm: number;
}

export function shapeBox(shape: Shape): ShapeBox {
  switch (shape.kind) {
    case 'rect':
    case 'roundedRect':
    case 'ellipse':
      return { widthMm: shape.widthMm, heightMm: shape.heightMm };
    case 'taper':
      return { widthMm: Math.max(shape.topWidthMm, shape.bottomWidthMm), heightMm: shape.heightMm };
    case 'polygon': {
      const [xs, ys] = [shape.corners.map(([x]) => x), shape.corners.map(([, y]) => y)];
      return { widthMm: Math.max(...xs) - Math.min(...xs), heightMm: Math.max(...ys) - Math.min(...ys) };
    }
    case 'ringPart': {
      const halfRad = (shape.sweepDeg * Math.PI) / 360;
      // Beyond half a turn the widest spot is the ring's own middle, and the ends come round to the other side.
      const widthMm = 2 * shape.outerRadiusMm * (halfRad >= Math.PI / 2 ? 1 : Math.sin(halfRad));
      const endRadiusMm = halfRad > Math.PI / 2 ? shape.outerRadiusMm : shape.innerRadiusMm;
      return { widthMm, heightMm: shape.outerRadiusMm - endRadiusMm * Math.cos(halfRad) };
    }
    default:
      return assertNever(shape);
  }
}
