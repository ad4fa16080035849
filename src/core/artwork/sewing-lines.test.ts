import { EM_UNITS } from '../faces';
import { boxOfRings, boxRing, joinRings } from '../geometry';
import { sewingLines } from './sewing-lines';

const EM_MM = 50;
const MM = EM_UNITS / EM_MM;
const card = (widthMm: number, heightMm: number) =>
  joinRings([boxRing({ minX: 0, minY: 0, maxX: widthMm * MM, maxY: heightMm * MM })], 0);

test('holes stand at even steps along the edge, so far within it, each of its diameter', () => {
  const lines = sewingLines(card(80, 40), { insetMm: 4, pitchMm: 7, diameterMm: 1.2 }, EM_MM);
  // Twice 72 and 32 within the corners: as many as come nearest to the pitch.
  expect(lines).toHaveLength(Math.round((2 * (72 + 32)) / 7));
  const middles = lines.map(({ by, ring }) => {
    expect(by).toBe('pierce');
    const box = boxOfRings([ring])!;
    expect((box.maxX - box.minX) / MM).toBeCloseTo(1.2, 1);
    return [(box.minX + box.maxX) / 2 / MM, (box.minY + box.maxY) / 2 / MM] as const;
  });
  for (const [x, y] of middles) expect(Math.min(x, 80 - x, y, 40 - y)).toBeCloseTo(4, 1);
  const step = (2 * (72 + 32)) / lines.length;
  middles.forEach(([x, y], i) => {
    const [nextX, nextY] = middles[(i + 1) % middles.length]!;
    // Round a corner the way is longer than straight across it.
    const apart = Math.hypot(nextX - x, nextY - y);
    expect(apart).toBeLessThan(step + 0.05);
    expect(apart).toBeGreaterThan(step / Math.SQRT2 - 0.05);
  });
  expect(sewingLines(card(80, 40), { insetMm: 4, pitchMm: 7, diameterMm: 1.2 }, 0)).toEqual([]);
});
