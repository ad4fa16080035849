import { NEW_MATERIAL } from '@/core/shop';
import { filmOptions, filmsAtHand } from './films-at-hand';

test('what the run has stands first, then what only the shop has, and says so', () => {
  const value = (name: string) => ({ ...NEW_MATERIAL, name });
  const own = ['gold', 'navy'].map((id) => ({ id, fromRev: null, value: value(id) }));
  const shop = ['white', 'gold'].map((id) => ({ id, rev: 3, value: value(`${id} film`) }));
  const films = filmsAtHand(own, shop);
  expect(films.map(({ id, isOfShop, fromRev }) => [id, isOfShop, fromRev])).toEqual([
    ['gold', false, null],
    ['navy', false, null],
    ['white', true, 3],
  ]);
  expect(filmOptions(films)).toEqual([
    ['gold', 'gold'],
    ['navy', 'navy'],
    ['white', 'white film, from the shop'],
  ]);
});
