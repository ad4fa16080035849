import type { Face } from '../faces';
import { SHIPPED_FACES } from '../shop';
import { shippedFaces } from '../test';
import { unevenFigures } from '.';

/** The same face with some figures drawn as in old style: as high as an x, or hanging below the line. */
function oldStyle(face: Face, low: string, hanging: string): Face {
  const idsOf = (text: string) => new Set([...text].map((figure) => face.shape(figure, [], 0).glyphs[0]!.glyphId));
  const [lows, hangings] = [idsOf(low), idsOf(hanging)];
  const moved = (ring: Float64Array, scale: number, shift: number) =>
    ring.map((value, i) => (i % 2 === 0 ? value : value * scale + shift));
  return {
    ...face,
    glyphRings: (id) =>
      face.glyphRings(id).map((ring) => {
        if (lows.has(id)) return moved(ring, face.xHeightEm / face.capHeightEm, 0);
        return hangings.has(id) ? moved(ring, 1, -0.2 * face.unitsPerEm) : ring;
      }),
  };
}

const NONE = { low: [], hanging: [] };
const plain = shippedFaces()(SHIPPED_FACES[3]!.sha);

test('figures as high as an x, and those that hang below the line, are found; the others are not', () => {
  const old = oldStyle(plain, '012', '34579');
  // What hangs has its top lower as well.
  expect(unevenFigures(old, '1986', [])).toEqual({ low: ['1', '9'], hanging: ['9'] });
  expect(unevenFigures(old, 'Anno 2024', [])).toEqual({ low: ['2', '0', '4'], hanging: ['4'] });
  expect(unevenFigures(old, '68', [])).toEqual(NONE);
});

test('a figure that reaches as high as a capital and hangs below the line only hangs', () => {
  const long = {
    ...plain,
    glyphRings: (id: number) =>
      plain.glyphRings(id).map((ring) => ring.map((v, i) => (i % 2 === 1 && v < 100 ? v - 300 : v))),
  };
  expect(unevenFigures(long, '7', [])).toEqual({ low: [], hanging: ['7'] });
});

test('a text without figures asks nothing of a face', () => {
  expect(unevenFigures(oldStyle(plain, '0123456789', ''), 'Ottoline', [])).toEqual(NONE);
});

test('a figure that the face does not have is none of the low ones', () => {
  const without: Face = {
    ...oldStyle(plain, '0123456789', ''),
    shape: (text, features, tracking) => {
      const shaped = plain.shape(text, features, tracking);
      return { ...shaped, glyphs: shaped.glyphs.map((glyph) => ({ ...glyph, glyphId: 0 })) };
    },
  };
  expect(unevenFigures(without, '2024', [])).toEqual(NONE);
  expect(unevenFigures({ ...without, shape: () => ({ glyphs: [], advance: 0 }) }, '2024', [])).toEqual(NONE);
});

test.each(SHIPPED_FACES.map(({ name, sha }) => [name, sha]))(
  '%s: what it says of its figures is what is drawn',
  (_, sha) => {
    const face = shippedFaces()(sha);
    const { low, hanging } = unevenFigures(face, '0123456789', []);
    for (const figure of '0123456789') {
      const ys = face
        .glyphRings(face.shape(figure, [], 0).glyphs[0]!.glyphId)
        .flatMap((ring) => [...ring].filter((_, i) => i % 2 === 1));
      const isLow = Math.max(...ys) < 0.92 * face.capHeightEm * face.unitsPerEm;
      const hangs = Math.min(...ys) < -0.08 * face.capHeightEm * face.unitsPerEm;
      expect([figure, low.includes(figure), hanging.includes(figure)]).toEqual([figure, isLow, hangs]);
    }
  },
);
