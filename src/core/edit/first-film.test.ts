import { type Copy, type Material, DEFAULT_MATERIALS, NEW_MATERIAL } from '../shop';
import { firstFilm } from '.';

const film = (id: string, hex: string, kind: Material['kind'] = 'standardFilm'): Copy<Material> => ({
  id,
  fromRev: null,
  value: { ...NEW_MATERIAL, kind, colour: { name: id, hex } },
});
const cotton = { fabricClass: 'cotton' } as const;

test('a run begins with the first film that is told from its blank, of those that are put on it', () => {
  const films = [
    film('gold', '#dfb357'),
    film('sticky', '#203050', 'adhesiveFilm'),
    film('white', '#ffffff'),
    film('navy', '#203050', 'stretchFilm'),
  ];
  expect(firstFilm(films, cotton, '#26292e')?.id).toBe('gold');
  expect(firstFilm(films, cotton, '#d9cdb0')?.id).toBe('navy');
  expect(firstFilm(films, { fabricClass: null }, '#d9cdb0')?.id).toBe('navy');
  expect(firstFilm(films, { fabricClass: 'hardCoated' }, '#d9cdb0')?.id).toBe('sticky');
  // Where none is told from it, the usual one; where there is none for it, none.
  expect(firstFilm(films.slice(0, 1), cotton, '#d9cdb0')?.id).toBe('gold');
  expect(firstFilm(films.slice(0, 1), { fabricClass: 'hardCoated' }, '#000000')).toBeUndefined();
  expect(firstFilm(DEFAULT_MATERIALS, cotton, '#26292e')).toBe(DEFAULT_MATERIALS[0]);
});
