import { readFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import { SHIPPED_FACES, BRASS_SCRIPT_SHA, STAND_BLOCK_SHA, faceFilePath } from '../shop';
import { shippedFaces } from '../test';
import { loadFace } from '.';

test.each(SHIPPED_FACES)('$name lies under its hash, with its licence beside it', ({ sha }) => {
  const file = `public${faceFilePath(sha)}`;
  expect(createHash('sha256').update(readFileSync(file)).digest('hex')).toBe(sha);
  expect(readFileSync(file.replace('.ttf', '.licence.txt'), 'utf8')).toContain('SIL OPEN FONT LICENSE');
});

test('heights are measured on the drawn letters', () => {
  const script = shippedFaces()(BRASS_SCRIPT_SHA);
  expect(script.capHeightEm).toBeCloseTo(0.877, 2);
  expect(script.xHeightEm).toBeCloseTo(0.47, 2);
  const block = shippedFaces()(STAND_BLOCK_SHA);
  expect(block.capHeightEm).toBeCloseTo(0.714, 2);
  expect(block.xHeightEm).toBeCloseTo(0.501, 2);
});

test('a file that is no font, or was damaged, is refused with the reason', () => {
  expect(loadFace(new Uint8Array(4))).toEqual({ ok: false, problem: { kind: 'notAFont' } });
  expect(loadFace(new TextEncoder().encode('wOF2 and then some more'))).toEqual({
    ok: false,
    problem: { kind: 'notAFont' },
  });
  const damaged = Uint8Array.from(readFileSync(`public${faceFilePath(STAND_BLOCK_SHA)}`));
  damaged.fill(0, 12, 4000);
  expect(loadFace(damaged)).toEqual({ ok: false, problem: { kind: 'tableMissing', tag: 'head' } });
});

test('tracking moves letters apart and leaves combining marks on their letters', () => {
  const face = shippedFaces()(STAND_BLOCK_SHA);
  const [, plain] = face.shape('HH', [], 0).glyphs;
  const [, wide] = face.shape('HH', [], 0.1).glyphs;
  expect(wide!.x - plain!.x).toBeCloseTo(0.1 * face.unitsPerEm, 6);
  expect(face.shape('漢', [], 0).glyphs[0]!.glyphId).toBe(0);
});
