import { SPOIL_REASONS } from '@/core/ledger';
import type { BenchItem, BenchPiece } from '@/services';
import {
  chosenByKey,
  freshChoice,
  pieceKey,
  pieceOptions,
  reasonKey,
  spoilWords,
  spoiledBy,
  togglePiece,
} from './spoil-choice';

const piece = (pieceId: string, more: Partial<BenchPiece> = {}) =>
  ({
    pieceId,
    attempt: 1,
    text: ['Ann'],
    placeName: 'chest',
    materialName: 'gold film',
    process: 'film',
    ...more,
  }) as BenchPiece;
const item = (...pieces: BenchPiece[]) => ({ pieces }) as unknown as BenchItem;

test('pieces are told by text, by place where there are several, by material where one place has several', () => {
  const one = item(piece('a'), piece('b', { materialName: 'navy film' }), piece('c', { placeName: 'sleeve' }));
  expect(pieceOptions([one]).map(({ words }) => words)).toEqual([
    'Ann, chest, gold film',
    'Ann, chest, navy film',
    'Ann, sleeve',
  ]);
  expect(
    pieceOptions([item(piece('a')), item(piece('b', { text: ['Bo', 'Quay'] }))]).map(({ words }) => words),
  ).toEqual(['Ann', 'Bo Quay']);
});

test('a single piece needs no asking; of several none is chosen beforehand, and never a reason', () => {
  expect(freshChoice(pieceOptions([item(piece('a'))]))).toMatchObject({ pieceIds: new Set(['a']), reason: null });
  const two = freshChoice(pieceOptions([item(piece('a'), piece('b'))]));
  expect([two.pieceIds.size, two.reason]).toEqual([0, null]);
});

test('letters choose a reason, digits a piece and drop it again; other keys mean nothing', () => {
  const options = pieceOptions([item(piece('a'), piece('b', { attempt: 3 }))]);
  const fresh = freshChoice(options);
  const second = chosenByKey(fresh, options, '2')!;
  expect([...second.pieceIds]).toEqual(['b']);
  expect(chosenByKey(second, options, '2')!.pieceIds.size).toBe(0);
  expect(chosenByKey(second, options, 'B')).toMatchObject({ reason: SPOIL_REASONS[1], pieceIds: new Set(['b']) });
  const last = reasonKey(SPOIL_REASONS.length - 1);
  expect(chosenByKey(fresh, options, last)!.reason).toBe(SPOIL_REASONS.at(-1));
  for (const key of ['3', '0', 'x', 'Enter', 'Tab'])
    expect([key, chosenByKey(fresh, options, key)]).toEqual([key, null]);
  expect(chosenByKey(freshChoice(options.slice(0, 1)), options.slice(0, 1), '1')).toBeNull();
  expect([pieceKey(0), pieceKey(8), pieceKey(9)]).toEqual(['1', '9', null]);
  expect([...togglePiece(second, 'a').pieceIds].sort()).toEqual(['a', 'b']);
});

test('nothing is recorded before pieces and reason are chosen; then the chosen pieces with their cuttings', () => {
  const options = pieceOptions([item(piece('a'), piece('b', { attempt: 3 }))]);
  const fresh = freshChoice(options);
  expect(spoiledBy(fresh, options)).toBeNull();
  expect(spoilWords(fresh, options).missing).toBe('Choose which pieces and what happened first.');
  const reasoned = { ...fresh, reason: 'crooked' };
  expect([spoiledBy(reasoned, options), spoilWords(reasoned, options).missing]).toEqual([
    null,
    'Choose which pieces first.',
  ]);
  const whole = { ...togglePiece(reasoned, 'b'), note: 'slipped', blankLost: true };
  expect(spoiledBy(whole, options)).toEqual({
    pieces: [{ pieceId: 'b', attempt: 3 }],
    reason: 'crooked',
    note: 'slipped',
    blankLost: true,
  });
  expect(spoilWords(whole, options)).toMatchObject({ deed: '1 spoiled: cut again', missing: '' });
  expect(spoilWords({ ...whole, reason: null }, options).missing).toBe('Choose what happened first.');
});

test('what is not cut is taken anew', () => {
  const bought = pieceOptions([item(piece('a', { process: 'bought' }))]);
  expect(spoilWords(freshChoice(bought), bought)).toMatchObject({ deed: 'spoiled: take another' });
  const mixed = pieceOptions([item(piece('a', { process: 'bought' }), piece('b'))]);
  const both = togglePiece(togglePiece(freshChoice(mixed), 'a'), 'b');
  expect(spoilWords(both, mixed).deed).toBe('2 spoiled: cut again');
});
