import fc from 'fast-check';
import { type Spot, boxAt } from '@/core/place';
import { NEW_MATERIAL } from '@/core/shop';
import {
  type DrawnLayer,
  PLAIN,
  asRead,
  boxOfLayers,
  filmsOf,
  frozenLayer,
  frozenLines,
  grownPreview,
  inkLook,
  layerTransform,
  lookOfMaterial,
  movedPath,
  rectSteps,
} from '.';

/** An L of 60 × 20 mm, so that every turn looks different. */
const L = [
  [
    [0, 0, 500_000, 0, 500_000, 150_000, 600_000, 150_000, 600_000, 200_000, 0, 200_000],
    [10_000, 10_000, 10_000, 20_000, 20_000, 20_000],
  ],
];

const at = (spot: Spot): DrawnLayer => frozenLayer('layer', L, { hex: '#000000', ...PLAIN }, spot);
const pointsOf = (path: string) =>
  [...path.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)] as const);
const same = (x: number, y: number) => [x, y] as const;

const SPOT = fc.record({
  xMm: fc.integer({ min: -40, max: 300 }),
  yMm: fc.integer({ min: -40, max: 300 }),
  turnDeg: fc.constantFrom<Spot['turnDeg']>(0, 90, 180, 270),
});

test('the path fills just the box that its ink covers, wherever it lies and however it is turned', () => {
  fc.assert(
    fc.property(SPOT, (spot) => {
      const layer = at(spot);
      const points = pointsOf(movedPath(layer, same));
      const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
      const { xMm, yMm, widthMm, heightMm } = boxAt(spot, 60, 20);
      expect([Math.min(...xs), Math.min(...ys)]).toEqual([xMm, yMm]);
      expect([Math.max(...xs), Math.max(...ys)]).toEqual([xMm + widthMm, yMm + heightMm]);
      expect(boxOfLayers([layer])).toEqual({ xMm, yMm, widthMm, heightMm });
      // The corner where the reader begins.
      const corner = { 0: [0, 0], 90: [20, 0], 180: [60, 20], 270: [0, 60] }[spot.turnDeg];
      expect(points[0]).toEqual([xMm + corner[0]!, yMm + corner[1]!]);
    }),
  );
});

test('the transform of a drawing says the same as moving its points', () => {
  fc.assert(
    fc.property(
      SPOT,
      fc.tuple(fc.integer({ min: 0, max: 600_000 }), fc.integer({ min: 0, max: 200_000 })),
      (spot, point) => {
        const layer = at(spot);
        const said = /^translate\((\S+) (\S+)\) (?:rotate\((\d+)\) )?scale\((\S+)\)$/.exec(layerTransform(layer))!;
        const [x, y, scale] = [said[1], said[2], said[4]].map(Number) as [number, number, number];
        const turn = (Number(said[3] ?? 0) * Math.PI) / 180;
        const [px, py] = [point[0] * scale, point[1] * scale];
        const byTransform = [
          x + px * Math.cos(turn) - py * Math.sin(turn),
          y + px * Math.sin(turn) + py * Math.cos(turn),
        ];
        const moved = pointsOf(movedPath({ ...layer, path: `M${point[0]} ${point[1]}` }, same))[0]!;
        expect(moved[0]).toBeCloseTo(byTransform[0]!, 1);
        expect(moved[1]).toBeCloseTo(byTransform[1]!, 1);
      },
    ),
  );
});

test('layers as they read keep their places to each other, and begin at the origin', () => {
  const turned = asRead([at({ xMm: 50, yMm: 10, turnDeg: 90 }), at({ xMm: 46, yMm: 13, turnDeg: 90 })]);
  // Turned by a quarter, down is along the line and to the left is down the page.
  expect(turned.map(({ spot }) => spot)).toEqual([
    { xMm: 0, yMm: 0, turnDeg: 0 },
    { xMm: 3, yMm: 4, turnDeg: 0 },
  ]);
  expect(boxOfLayers(turned)).toEqual({ xMm: 0, yMm: 0, widthMm: 63, heightMm: 24 });
  expect(asRead([])).toEqual([]);
  expect(boxOfLayers([])).toBeNull();
});

test('a frozen outline whose spot was not kept stands at the origin, as large as it was cut', () => {
  const layer = frozenLayer('layer', L, { hex: '#123456', ...PLAIN }, null);
  expect(layer).toMatchObject({ spot: { xMm: 0, yMm: 0, turnDeg: 0 }, widthMm: 60, heightMm: 20, hex: '#123456' });
  expect(layer.path.match(/Z/g)).toHaveLength(2);
});

test('a rectangle in steps keeps its corners and closes', () => {
  const steps = rectSteps({ xMm: 5, yMm: 7, widthMm: 40, heightMm: 20 });
  expect(steps).toContainEqual([45, 27]);
  expect(steps[0]).toEqual([5, 7]);
  expect(steps.at(-1)).toEqual([5, 7]);
  expect(steps.every(([x, y]) => x >= 5 && x <= 45 && y >= 7 && y <= 27)).toBe(true);
});

test('a material is drawn with its finish, and what runs one way with that way as the piece reads', () => {
  const colour = { name: 'navy', hex: '#203040' };
  expect(lookOfMaterial({ colour }, 'plain')).toEqual({ hex: '#203040', finish: 'plain', runs: null });
  expect(lookOfMaterial({ colour, pattern: 'along' }, 'pattern')).toMatchObject({ finish: 'pattern', runs: 'down' });
  expect(lookOfMaterial({ colour, pattern: 'across' }, 'plain')).toMatchObject({ finish: 'pattern', runs: 'across' });
  expect(lookOfMaterial({ colour, pattern: 'along' }, 'flock')).toMatchObject({ finish: 'flock', runs: 'down' });
  const film = (kind: 'standardFilm' | 'flockFilm') => ({
    id: kind,
    fromRev: null,
    value: { ...NEW_MATERIAL, kind, colour },
  });
  const filmOf = filmsOf([film('standardFilm'), film('flockFilm')]);
  expect(filmOf('flockFilm')).toEqual({ hex: '#203040', finish: 'flock', runs: null });
  expect(filmOf('gone')).toMatchObject(PLAIN);
  const flock = frozenLayer('layer', L, filmOf('flockFilm'), null);
  expect(flock).toMatchObject({ hex: '#203040', finish: { finish: 'flock', runs: null } });
  expect(frozenLayer('layer', L, filmOf('standardFilm'), null)).not.toHaveProperty('finish');
  // What is drawn on it has none of its finish.
  expect(frozenLines(flock, L, { by: 'draw', layerId: 'pen' })).not.toHaveProperty('finish');
});

test('a border that is wanted wider is the letters with a stroke around them, at its place among the layers', () => {
  const layer = (id: string, more: Partial<DrawnLayer> = {}): DrawnLayer => ({
    ...frozenLayer(id, L, { hex: '#123456', ...PLAIN }, null),
    path: id,
    mmPerUnit: 0.01,
    ...more,
  });
  const layers = [
    layer('wide'),
    layer('narrow'),
    layer('text'),
    layer('motif'),
    layer('motif', { path: 'pen', lineMm: 1 }),
  ];
  const around = new Set(['text', 'motif']);
  const mm = grownPreview(layers, { reaches: new Map([['wide', { by: 'mm', mm: 2.5 } as const]]), around }, 20);
  expect(mm.map(({ path }) => path)).toEqual(['textmotif', 'narrow', 'text', 'motif', 'pen']);
  expect(inkLook(mm[0]!)).toEqual({
    fill: '#123456',
    fillRule: 'evenodd',
    stroke: '#123456',
    strokeWidth: 500,
    strokeLinejoin: 'round',
  });
  const share = grownPreview(
    layers,
    { reaches: new Map([['narrow', { by: 'height', share: 0.1 } as const]]), around },
    20,
  );
  expect(share.map(({ grownMm }) => grownMm)).toEqual([undefined, 2, undefined, undefined, undefined]);
  expect(grownPreview(layers, { reaches: new Map([['gone', { by: 'mm', mm: 1 } as const]]), around }, 20)).toBe(layers);
  expect(
    grownPreview(layers, { reaches: new Map([['wide', { by: 'mm', mm: 1 } as const]]), around: new Set() }, 20),
  ).toBe(layers);
  expect(inkLook(layer('text'))).toEqual({ fill: '#123456', fillRule: 'evenodd' });
  expect(inkLook(layer('pen', { lineMm: 1 }))).toEqual({ fill: 'none', stroke: '#123456', strokeWidth: 100 });
});
