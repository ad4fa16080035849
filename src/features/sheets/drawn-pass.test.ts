import { changeMaterialValue } from '@/core/edit';
import { aRun } from '@/core/test';
import type { PassOnBed } from '@/services';
import { bladesOf, materialOf, materialsOf, openFilmsOf } from './drawn-pass';

const passOf = (...materialIds: string[]) =>
  ({ patches: materialIds.map((materialId) => ({ materialId })) }) as unknown as PassOnBed;

test('what a pass is cut from and with is told once each; a material that the run dropped is told by its id', () => {
  const blade = (spec: ReturnType<typeof aRun>, id: string, words: string) =>
    changeMaterialValue(spec, id, (value) => ({ ...value, blade: words }));
  const run = blade(blade(aRun(['Ann']), 'film-gold', 'depth 4'), 'film-white', 'depth 4');
  expect(bladesOf(run, passOf('film-gold', 'film-white', 'film-flock', 'gone'))).toEqual(['depth 4']);
  expect(bladesOf(blade(run, 'film-flock', 'deep'), passOf('film-flock', 'film-gold'))).toEqual(['deep', 'depth 4']);
  expect(bladesOf(run, passOf('film-flock'))).toEqual([]);
  expect(materialsOf(run, passOf('film-gold', 'gone', 'film-gold'))).toBe('gold heat-transfer film, gone');
  expect(materialOf(run, 'gone').material).toBeNull();
});

test('films of which only the colour was said are told once each, as far as they lie in the pass', () => {
  const run = changeMaterialValue(aRun(['Ann']), 'film-gold', (value) => ({ ...value, open: true }));
  const ids = (...materialIds: string[]) => openFilmsOf(run, passOf(...materialIds)).map(([id]) => id);
  expect(ids('film-gold', 'film-white', 'film-gold')).toEqual(['film-gold']);
  expect(ids('film-white', 'gone')).toEqual([]);
});
