import fc from 'fast-check';
import { PathText } from './path-text';

const readable = (bytes: Uint8Array) => new TextDecoder().decode(bytes);

test('rings of any length are written as whole numbers from their origin', () => {
  const whole = fc.integer({ min: -2_000_000_000, max: 2_000_000_000 });
  const ring = fc.array(fc.tuple(whole, whole), { minLength: 1, maxLength: 40 });
  fc.assert(
    fc.property(
      fc.array(ring, { maxLength: 5 }),
      fc.tuple(whole, whole),
      fc.constantFrom(1, 0.01),
      (rings, origin, unit) => {
        const text = new PathText(unit);
        for (const points of rings) text.addRing(Int32Array.from(points.flat()), origin);
        const [x0, y0] = origin;
        const at = ([x, y]: readonly [number, number]) => `${whole0((x - x0) * unit)} ${whole0((y - y0) * unit)}`;
        const wanted = rings.map((points) => `M${points.map(at).join('L')}Z`).join('');
        expect(readable(text.taken())).toBe(wanted);
        expect(text.length).toBe(wanted.length);
      },
    ),
  );
});

test('more than fits at first finds room', () => {
  const text = new PathText(1);
  const ring = Int32Array.from({ length: 60_000 }, (_, i) => i);
  text.addRing(ring, [0, 0]);
  expect(readable(text.taken()).match(/-?\d+/g)!.map(Number)).toEqual([...ring]);
});

/** Rounded; zero has no sign. */
function whole0(value: number): number {
  return Math.round(value) + 0;
}
