import fc from 'fast-check';
import { fitRun, textCache } from '../fit';
import { piecesOfFits } from '../pieces';
import { type RunSpec, changeLayout, changeMaterial } from '../run';
import { aRun, seededBytes, shippedFaces, withPlace } from '../test';
import { type PackOptions, freezePass, madeAttempts, madePassSchema, packSkyline, planPasses } from '.';

const cache = textCache(shippedFaces());
const wantedOf = (spec: RunSpec, attempt = 1) =>
  piecesOfFits(spec, fitRun(spec, cache).fits).map((piece) => ({ piece, attempt }));

const OPTIONS: PackOptions = { bedWidth: 3000, bedHeight: 4000, spacing: 60, edge: 50 };
const box = fc.record({ width: fc.integer({ min: 1, max: 3200 }), height: fc.integer({ min: 1, max: 1500 }) });

test('packed boxes keep the edge clear and the spacing between them; the others are left over, none is lost', () => {
  fc.assert(
    fc.property(fc.array(box, { maxLength: 40 }), (boxes) => {
      const { placed, leftOver } = packSkyline(boxes, OPTIONS);
      expect([...placed.map(({ index }) => index), ...leftOver].sort((a, b) => a - b)).toEqual(boxes.map((_, i) => i));
      const lying = placed.map(({ index, x, y }) => ({ x, y, ...boxes[index]! }));
      for (const [i, a] of lying.entries()) {
        expect(a.x).toBeGreaterThanOrEqual(OPTIONS.edge);
        expect(a.y).toBeGreaterThanOrEqual(OPTIONS.edge);
        expect(a.x + a.width).toBeLessThanOrEqual(OPTIONS.bedWidth - OPTIONS.edge);
        expect(a.y + a.height).toBeLessThanOrEqual(OPTIONS.bedHeight - OPTIONS.edge);
        for (const b of lying.slice(i + 1)) {
          const isApartX = a.x + a.width + 60 <= b.x || b.x + b.width + 60 <= a.x;
          const isApartY = a.y + a.height + 60 <= b.y || b.y + b.height + 60 <= a.y;
          expect(isApartX || isApartY).toBe(true);
        }
      }
    }),
    { numRuns: 300 },
  );
});

test('a bed that is exactly full is found full: the spacing is owed between boxes only', () => {
  const options = { bedWidth: 2 * 100 + 10 + 2 * 5, bedHeight: 3 * 100 + 2 * 10 + 2 * 5, spacing: 10, edge: 5 };
  const { placed, leftOver } = packSkyline(Array(7).fill({ width: 100, height: 100 }), options);
  expect(placed).toHaveLength(6);
  expect(leftOver).toEqual([6]);
});

test('every wanted piece lies in a pass or is named as too large, each once', () => {
  const spec = changeLayout(withPlace(aRun(['Ann', 'Bo', 'Montgomery', 'Di']), 300, 80, 'stand-block'), { edgeMm: 5 });
  const { passes, unplaced } = planPasses(spec, wantedOf(spec));
  expect(unplaced.map(({ piece }) => piece.text[0])).toEqual(['Montgomery']);
  expect(unplaced[0]).toMatchObject({ kind: 'largerThanBed', roomWidthMm: 280, roomHeightMm: 280 });
  expect(passes.flatMap(({ placed }) => placed.map(({ piece }) => piece.text[0])).sort()).toEqual(['Ann', 'Bo', 'Di']);
});

test('reversal follows the material and nothing else', () => {
  const film = aRun(['Ann']);
  const adhesive = changeMaterial(film, 'adhesive-silver');
  expect(planPasses(film, wantedOf(film)).passes[0]).toMatchObject({ materialId: 'film-gold', isReversed: true });
  expect(planPasses(adhesive, wantedOf(adhesive)).passes[0]).toMatchObject({
    materialId: 'adhesive-silver',
    isReversed: false,
  });
});

test('recuts lie in the first pass, however many other pieces wait', () => {
  const spec = aRun(Array.from({ length: 25 }, (_, i) => `Name${'abcdefghijklmnopqrstuvwxy'[i]}`));
  const wanted = wantedOf(spec).map((want, i) => ({ ...want, attempt: i === 24 ? 2 : 1 }));
  const { passes } = planPasses(spec, wanted);
  expect(passes.length).toBeGreaterThan(1);
  expect(passes[0]!.placed.some(({ attempt }) => attempt === 2)).toBe(true);
});

test('narrow pieces fill the strip that wide ones leave beside them', () => {
  const names = ['Fitzgerald', 'Montgomery', 'Abernethy', 'Jo', 'Bo', 'Um', 'Al'];
  const spec = withPlace(aRun(names), 180, 40, 'stand-block');
  const { passes } = planPasses(spec, wantedOf(spec));
  expect(passes).toHaveLength(1);
  const wide = passes[0]!.placed.filter(({ piece }) => piece.box.maxX > 1_700_000);
  const lowestWide = Math.max(...wide.map(({ piece, y }) => y + piece.box.maxY));
  expect(wide).toHaveLength(3);
  expect(passes[0]!.placed.filter(({ piece, y }) => y + piece.box.maxY <= lowestWide).length).toBeGreaterThan(4);
});

test('a stop keeps the piece out of every pass', () => {
  const spec = aRun(['Ann', '漢']);
  expect(wantedOf(spec).map(({ piece }) => piece.text[0])).toEqual(['Ann']);
});

test('a frozen pass holds everything its file needs and passes its own schema; freezing twice is the same', () => {
  const spec = aRun(['Ann', 'Bo']);
  const [planned] = planPasses(spec, wantedOf(spec)).passes;
  const freeze = () => freezePass(spec, planned!, { passId: 'abcdefghij', no: 3, version: '9.9.9' }, seededBytes(1));
  const { pass, outlines } = freeze();
  expect(madePassSchema.parse(pass)).toEqual(pass);
  expect(pass).toMatchObject({ no: 3, engine: { knurl: '9.9.9' }, bed: { widthMm: 290 } });
  for (const { outline } of pass.patches[0]!.placed) expect(outlines[outline]).toMatch(/^\[\[\[/);
  expect(freeze()).toEqual({ pass, outlines });
  expect([...madeAttempts([pass]).values()]).toEqual([3, 3]);
});
