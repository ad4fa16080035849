import { packsWords } from './packs-words';

test('packs are told in words, with what is in one', () => {
  expect([packsWords(0, 6), packsWords(1, 6), packsWords(20, 2), packsWords(1, 1), packsWords(3, 1)]).toEqual([
    'none',
    '1 pack of 6',
    '20 packs of 2',
    '1 single',
    '3 single ones',
  ]);
});
