import { EM_UNITS } from '../faces';
import { boxOfRings, boxRing, ringArea } from '../geometry';
import { BRASS_SCRIPT_SHA, HEAVY_SLAB_SHA, SHIPPED_FACES, STAND_BLOCK_SHA } from '../shop';
import { shippedFaces } from '../test';
import { bridgeRing, stemOf } from './bridge';

const faceOf = shippedFaces();
const EM = EM_UNITS;
/** A post from one height to another. */
const post = (left: number, right: number, top = -0.7, foot = 0) => [
  boxRing({ minX: left * EM, maxX: right * EM, minY: top * EM, maxY: foot * EM }),
];

test('a bridge is three quarters as thick as a stem, and reaches into both letters by a little less than half of that', () => {
  for (const sha of [STAND_BLOCK_SHA, HEAVY_SLAB_SHA, BRASS_SCRIPT_SHA]) {
    const face = faceOf(sha);
    const width = 0.75 * stemOf(face) * EM;
    const ring = bridgeRing(post(0, 0.2), post(0.3, 0.5, -0.4, -0.1), face)!;
    const box = boxOfRings([ring])!;
    expect((box.maxY - box.minY) / width).toBeCloseTo(1, 2);
    expect((box.maxX - box.minX) / (0.1 * EM + 0.9 * width)).toBeCloseTo(1, 2);
    expect((box.minX + box.maxX) / 2 / EM).toBeCloseTo(0.25, 3);
    // As outer rings run.
    expect(ringArea(ring)).toBeGreaterThan(0);
  }
});

test('it runs aslant where the nearest points do', () => {
  const ring = bridgeRing(post(0, 0.2, -0.7, -0.4), post(0.3, 0.5, -0.3, 0), faceOf(STAND_BLOCK_SHA))!;
  const box = boxOfRings([ring])!;
  expect((box.maxX - box.minX) / (box.maxY - box.minY)).toBeCloseTo(1, 2);
});

test('nothing is drawn between letters that touch, or that stand too far apart', () => {
  const face = faceOf(STAND_BLOCK_SHA);
  expect(bridgeRing(post(0, 0.2), post(0.1, 0.4), face)).toBeNull();
  expect(bridgeRing(post(0, 0.2), post(0.56, 0.7), face)).toBeNull();
  expect(bridgeRing(post(0, 0.2), post(0.54, 0.7), face)).not.toBeNull();
});

test('a stem is as wide as its l, and a heavy face has a thicker one', () => {
  const [block, slab] = [STAND_BLOCK_SHA, HEAVY_SLAB_SHA].map((sha) => stemOf(faceOf(sha)));
  expect(slab!).toBeGreaterThan(block!);
  // Of a face whose l is a plain post.
  const plain = faceOf(SHIPPED_FACES.find(({ name }) => name === 'Barlow Condensed Bold')!.sha);
  const [glyph] = plain.shape('l', [], 0).glyphs;
  const box = boxOfRings(plain.glyphRings(glyph!.glyphId).map((ring) => Int32Array.from(ring)))!;
  expect(stemOf(plain) * plain.unitsPerEm).toBeCloseTo(box.maxX - box.minX, 0);
});
