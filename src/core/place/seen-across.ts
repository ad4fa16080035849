/** What is seen of a body that rounds off, in millimetres. */
export interface SeenAcross {
  /** Width on the cloth as it lies flat: what lettering may use. */
  readonly clothMm: number;
  /** Width of the same as it appears from the front. */
  readonly seenMm: number;
  /** Half axes of the body seen from above: across, and towards the viewer. */
  readonly acrossMm: number;
  readonly depthMm: number;
}

const RAD_PER_DEG = Math.PI / 180;

/**
 * A filled body as an ellipse with the perimeter that it has lying flat (both faces, and the gusset on both sides) and the depth that
 * it gets. Null when that perimeter does not reach round such a depth: at most it is as deep as a round body.
 */
export function seenWhenFilled(
  flatWidthMm: number,
  { gussetMm, depthMm, seenDeg }: { readonly gussetMm: number; readonly depthMm: number; readonly seenDeg: number },
): SeenAcross | null {
  const perimeter = 2 * (flatWidthMm + gussetMm);
  if (depthMm > deepest(flatWidthMm, gussetMm)) return null;
  const across = halfAxisFor(perimeter, depthMm / 2);
  return seenOfEllipse(across, depthMm / 2, seenDeg);
}

/** As deep as a body of this width and gusset can get and still be no deeper than wide. */
export function deepest(flatWidthMm: number, gussetMm: number): number {
  return (2 * (flatWidthMm + gussetMm)) / Math.PI;
}

/** A surface that curves with one radius, such as the front of a cap. */
export function seenWhenCurved(radiusMm: number, seenDeg: number): SeenAcross {
  return seenOfEllipse(radiusMm, radiusMm, seenDeg);
}

/**
 * The normal at (a sin t, b cos t) leans by atan(b/a · tan t) from the viewer, so the part within θ ends where
 * tan t = a/b · tan θ.
 */
function seenOfEllipse(a: number, b: number, seenDeg: number): SeenAcross {
  const end = Math.atan((a / b) * Math.tan(seenDeg * RAD_PER_DEG));
  return { clothMm: 2 * arcLength(a, b, end), seenMm: 2 * a * Math.sin(end), acrossMm: a, depthMm: b };
}

/** Length of the ellipse from t = 0, by Simpson's rule; 400 steps leave less than a nanometre on what fits a table. */
function arcLength(a: number, b: number, end: number): number {
  const steps = 400;
  const speed = (t: number) => Math.sqrt((a * Math.cos(t)) ** 2 + (b * Math.sin(t)) ** 2);
  let sum = speed(0) + speed(end);
  for (let i = 1; i < steps; i++) sum += (i % 2 === 1 ? 4 : 2) * speed((end * i) / steps);
  return (sum * end) / steps / 3;
}

/** The half axis across for a perimeter and the other half axis; the perimeter grows with it, so halving finds it. */
function halfAxisFor(perimeter: number, b: number): number {
  let [low, high] = [0, perimeter / 4];
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (4 * arcLength(middle, b, Math.PI / 2) < perimeter) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
