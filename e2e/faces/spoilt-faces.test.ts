import { chanceBy } from '@/core/test';
import { type GoodFace, goodFaces, spoiltFace } from './spoilt-faces';
import { drawnOtherwise, tryFace } from './try-face';

let good: readonly GoodFace[];
beforeAll(async () => {
  good = await goodFaces();
}, 60_000);

test('good faces of every kind are taken and draw their letters', async () => {
  for (const face of good) {
    const tried = await tryFace(face);
    expect([face.name, tried.kind]).toEqual([face.name, 'taken']);
    if (tried.kind === 'taken') expect(tried.drawn.size).toBeGreaterThanOrEqual(3);
  }
});

test('spoilt faces are refused, or draw what the good one draws', async () => {
  const otherwise: string[] = [];
  const refused = new Set<string>();
  for (let i = 0; i < 80; i++) {
    const face = spoiltFace(good, chanceBy(4711 + 7919 * i));
    const tried = await tryFace(face);
    if (tried.kind === 'refused') {
      refused.add(tried.why);
      continue;
    }
    const whole = await tryFace(good.find(({ name }) => name === face.name)!);
    if (whole.kind === 'taken') otherwise.push(...drawnOtherwise(tried.drawn, whole.drawn));
  }
  expect(otherwise).toEqual([]);
  expect(refused.size).toBeGreaterThan(4);
}, 60_000);
