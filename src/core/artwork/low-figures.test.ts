import type { Face } from '../faces';
import { SHIPPED_FACES } from '../shop';
import { shippedFaces } from '../test';
import { lowFigures } from '.';

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

const plain = shippedFaces()(SHIPPED_FACES[3]!.sha);

test('figures as high as an x, and those that hang below the line, are found; the others are not', () => {
  const old = oldStyle(plain, '012', '34579');
  expect(lowFigures(old, '1986', [])).toEqual(['1', '9']);
  expect(lowFigures(old, 'Anno 2024', [])).toEqual(['2', '0', '4']);
  expect(lowFigures(old, '68', [])).toEqual([]);
});

test('a text without figures asks nothing of a face', () => {
  expect(lowFigures(oldStyle(plain, '0123456789', ''), 'Ottoline', [])).toEqual([]);
});

test('a figure that the face does not have is none of the low ones', () => {
  const without: Face = {
    ...oldStyle(plain, '0123456789', ''),
    shape: (text, features, tracking) => {
      const shaped = plain.shape(text, features, tracking);
      return { ...shaped, glyphs: shaped.glyphs.map((glyph) => ({ ...glyph, glyphId: 0 })) };
    },
  };
  expect(lowFigures(without, '2024', [])).toEqual([]);
  expect(lowFigures({ ...without, shape: () => ({ glyphs: [], advance: 0 }) }, '2024', [])).toEqual([]);
});

test.each(SHIPPED_FACES.map(({ name, sha }) => [name, sha]))(
  '%s: what it says of its figures is what is drawn',
  (_, sha) => {
    const face = shippedFaces()(sha);
    const low = new Set(lowFigures(face, '0123456789', []));
    for (const figure of '0123456789') {
      const ys = face
        .glyphRings(face.shape(figure, [], 0).glyphs[0]!.glyphId)
        .flatMap((ring) => [...ring].filter((_, i) => i % 2 === 1));
      const isLow =
        Math.max(...ys) < 0.92 * face.capHeightEm * face.unitsPerEm ||
        Math.min(...ys) < -0.08 * face.capHeightEm * face.unitsPerEm;
      expect([figure, low.has(figure)]).toEqual([figure, isLow]);
    }
  },
);
