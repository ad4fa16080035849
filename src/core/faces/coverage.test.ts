import { SHIPPED_FACES } from '../shop';
import { shippedFaces } from '../test';
import { facesCovering } from './coverage';

const nameOf = (sha: string) => SHIPPED_FACES.find((face) => face.sha === sha)?.name;

test('every shipped face has the letters of the languages it is offered for', () => {
  expect(facesCovering('Łł Šš Žž Čč Řř Őő Űű Ğğ İı Ññ Øø Åå ß Ææ Œœ'.replaceAll(' ', ''))).toHaveLength(
    SHIPPED_FACES.length,
  );
  expect(facesCovering('Ελλη').map(nameOf)).toEqual(['Comfortaa Bold']);
  expect(facesCovering('Юлія').length).toBeGreaterThan(1);
  expect(facesCovering('🎺')).toEqual([]);
});

test('the table says what the files say', () => {
  const faceOf = shippedFaces();
  for (const { sha } of SHIPPED_FACES) {
    for (const character of 'AzßŁțΩЮ漢') {
      const isDrawn = faceOf(sha).shape(character, [], 0).glyphs[0]!.glyphId !== 0;
      expect([sha, character, facesCovering(character).includes(sha)]).toEqual([sha, character, isDrawn]);
    }
  }
});
