import { SHIPPED_FACES } from '../shop';
import { shippedFaces } from '../test';
import { facesCovering } from './coverage';

const nameOf = (sha: string) => SHIPPED_FACES.find((face) => face.sha === sha)?.name;

test('every shipped face has the letters of the languages it is offered for', () => {
  expect(facesCovering('Łł Šš Žž Čč Řř Őő Űű Ğğ İı Ññ Øø Åå ß Ææ Œœ'.replaceAll(' ', ''))).toHaveLength(
    SHIPPED_FACES.length,
  );
  expect(facesCovering('Ελλη').map(nameOf).toSorted()).toEqual(['Comfortaa Bold', 'GFS Didot Regular']);
  expect(facesCovering('Юлія').length).toBeGreaterThan(1);
  expect(facesCovering('🎺')).toEqual([]);
});

test('some face has every letter of Greek, Cyrillic, Hebrew and Arabic', () => {
  const letters = (from: number, to: number, but: readonly number[] = []) =>
    Array.from({ length: to - from + 1 }, (_, i) => from + i).flatMap((code) =>
      but.includes(code) ? [] : String.fromCodePoint(code),
    );
  const greek = [...letters(0x386, 0x3ce, [0x387, 0x38b, 0x38d, 0x3a2])];
  const cyrillic = [...letters(0x401, 0x45f, [0x450, 0x45d, 0x400, 0x40d])];
  const hebrew = letters(0x5d0, 0x5ea);
  const arabic = [...letters(0x621, 0x63a), ...letters(0x641, 0x64a)];
  expect(facesCovering(greek).map(nameOf)).toContain('GFS Didot Regular');
  expect(facesCovering(cyrillic).map(nameOf)).toContain('Rubik Bold');
  expect(facesCovering(hebrew).map(nameOf)).toEqual(['Rubik Bold']);
  expect(facesCovering(arabic).map(nameOf)).toContain('Cairo Bold');
  expect(SHIPPED_FACES.length).toBeGreaterThanOrEqual(18);
});

test('the table says what the files say', () => {
  const faceOf = shippedFaces();
  for (const { sha } of SHIPPED_FACES) {
    for (const character of 'AzßŁțΩЮשع漢') {
      // What is put together from a letter and a mark is not in the table.
      const { glyphs } = faceOf(sha).shape(character, [], 0);
      const isDrawn = glyphs.length === 1 && glyphs[0]!.glyphId !== 0;
      expect([sha, character, facesCovering(character).includes(sha)]).toEqual([sha, character, isDrawn]);
    }
  }
});
