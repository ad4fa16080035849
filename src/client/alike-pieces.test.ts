import type { BenchItem } from '@/services';
import { alikePieces, firstOfAlike } from './alike-pieces';

const piece = (pieceId: string, outline: string | null, part: object = {}) => ({
  pieceId,
  stage: null,
  frozen: outline && { materialId: 'gold', outline },
  ...part,
});
const items = (...pieces: object[]) =>
  [{ pieces: pieces.slice(0, 2) }, { pieces: pieces.slice(2) }] as unknown as BenchItem[];

test('pieces of one outline, its lines and one material are told as a count with how many are cut', () => {
  const all = items(
    piece('a', 'note', { stage: 'cut' }),
    piece('b', 'note', { stage: 'bonded' }),
    piece('c', 'note'),
    piece('d', 'name'),
    piece('e', 'note', { frozen: { materialId: 'white', outline: 'note' } }),
    piece('f', 'note', { frozen: { materialId: 'gold', outline: 'note', lines: [{ outline: 'year' }] } }),
    piece('g', null),
    piece('h', null),
  );
  const alike = alikePieces(all);
  expect([...alike.keys()]).toEqual(['a', 'b', 'c']);
  expect(alike.get('a')).toEqual({ num: 3, numCut: 2 });
  expect(alike.get('c')).toBe(alike.get('a'));
  expect(alikePieces(all)).toBe(alike);
});

test('of pieces of one item those that are alike are told once', () => {
  const all = items(piece('a', 'n'), piece('b', 'n'), piece('c', 'o'), piece('d', 'x'), piece('e', 'x'));
  const alike = alikePieces(all);
  const told = firstOfAlike(
    all.flatMap(({ pieces }) => pieces),
    alike,
  );
  expect(told.map(([{ pieceId }, { num }]) => [pieceId, num])).toEqual([
    ['a', 2],
    ['d', 2],
  ]);
});
