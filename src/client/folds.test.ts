import { aRun } from '@/core/test';
import type { BenchItem, BenchPiece } from '@/services';
import type { ApiProblem } from './api';
import { keptScale, scaledSize } from './photo-file';
import { stateAfter } from './save-state';
import { bondedWord, entryFacets, stageWord } from './stage-words';
import { holesIn } from './use-shown-layers';
import {
  countToLayOut,
  entriesWith,
  hasWorkOn,
  isUnmade,
  isWorked,
  lostByRule,
  madeOtherwise,
  madeTexts,
} from './work-done';

const item = (itemId: string, stage: BenchItem['stage'], ...pieces: Partial<BenchPiece>[]) =>
  ({
    itemId,
    entryId: itemId.slice(0, 10),
    stage,
    pieces: pieces.map((piece) => ({
      attempt: 1,
      passNo: null,
      stage: null,
      process: 'film',
      spoiledFor: null,
      ...piece,
    })),
  }) as unknown as BenchItem;

test('an entry is shown as far as the item of it that is least far, with how many are that far', () => {
  const facets = entryFacets([
    item('aentry0001-ause000001-1', 'packed', {}),
    item('aentry0001-ause000001-2', 'cut', {}),
    item('aentry0001-ause000001-3', 'cut', {}),
    item('aentry0002-ause000001-1', 'weeded', {}),
    item('aentry0002-ause000001-2', 'weeded', {}),
  ]);
  expect(facets.get('aentry0001')).toMatchObject({ filled: 1, isPacked: false, label: '2 of 3: cut' });
  expect(facets.get('aentry0002')).toMatchObject({ filled: 2, label: 'weeded' });
});

test('bonding is called as the pieces have it, and bonded where they differ', () => {
  expect([bondedWord(['film', 'film']), bondedWord(['film', 'card']), bondedWord([])]).toEqual([
    'pressed',
    'bonded',
    'bonded',
  ]);
  expect([stageWord('open', 'glued'), stageWord('bonded', 'glued'), stageWord('cut', 'glued')]).toEqual([
    'not cut yet',
    'glued',
    'cut',
  ]);
});

test('work is what was made, spoiled or recorded; unmade is what lies in no pass', () => {
  const items = [
    item('aentry0001-ause000001-1', 'open', {}, { passNo: 3 }),
    item('aentry0002-ause000001-1', 'open', { attempt: 2 }),
    item('aentry0003-ause000002-1', 'cut', { passNo: 1 }),
    item('aentry0004-ause000002-1', 'open', {}),
  ];
  expect(items.map(isWorked)).toEqual([true, true, true, false]);
  expect(items.map(isUnmade)).toEqual([true, true, false, true]);
  expect([...entriesWith(items, isUnmade)]).toEqual(['aentry0001', 'aentry0002', 'aentry0004']);
  expect(['ause000001', 'ause000002', 'ause000003'].map((useId) => hasWorkOn(items, useId))).toEqual([
    true,
    true,
    false,
  ]);
  expect(hasWorkOn([items[3]!], 'ause000002')).toBe(false);
});

test('a rule that takes a blank from somebody it is worked on for is told by their names', () => {
  const run = aRun(['Ada', 'Bo', 'Cy']);
  const [use] = run.uses;
  const ids = run.entries.map(({ id }) => id);
  const items = [
    item(`${ids[0]}-${use!.id}-1`, 'cut', {}),
    item(`${ids[1]}-${use!.id}-1`, 'open', {}),
    item(`${ids[2]}-anotheruse-1`, 'packed', {}),
  ];
  const only = (...entryIds: typeof ids) => ({
    ...run,
    uses: [{ ...use!, who: { kind: 'chosen' as const, entryIds } }],
  });
  expect(lostByRule(run, only(), use!.id, items)).toEqual(['Ada']);
  expect(lostByRule(run, only(ids[0]!), use!.id, items)).toEqual([]);
  expect(lostByRule(run, run, use!.id, items)).toEqual([]);
  // Without the use it is gone as well.
  expect(lostByRule(run, { ...run, uses: [] }, use!.id, items)).toEqual(['Ada']);
});

test('made otherwise is what a pass has, not what only was released', () => {
  const frozen = (by: 'pass' | 'release') =>
    ({ frozen: { by }, frozenText: ['Ilke', 'Ro'] }) as unknown as Partial<BenchPiece>;
  expect(madeOtherwise(item('aentry0001-u-1', 'open', {}, frozen('pass')))).toBe('Ilke Ro');
  expect(madeOtherwise(item('aentry0001-u-1', 'open', frozen('release')))).toBeNull();
  expect(madeOtherwise(item('aentry0001-u-1', 'open', { ...frozen('pass'), frozenText: null }))).toBeNull();
});

test('to lay out is what has a piece in no pass at a place without a stop', () => {
  const at = (placeId: string, passNo: number | null = null) => ({ placeId, passNo });
  const items = [
    item('aentry0001-ause000001-1', 'open', at('chest'), at('sleeve')),
    item('aentry0002-ause000001-1', 'open', at('chest', 1), at('sleeve', 1)),
    item('aentry0003-ause000001-1', 'open', at('chest')),
  ];
  const fit = (itemId: string, placeId: string, severity: 'stop' | 'check') =>
    ({ itemId, placeId, findings: [{ kind: 'nothingToDraw', severity }] }) as never;
  expect(countToLayOut(items, [])).toBe(2);
  expect(countToLayOut(items, [fit('aentry0001-ause000001-1', 'chest', 'stop')])).toBe(2);
  expect(countToLayOut(items, [fit('aentry0003-ause000001-1', 'chest', 'stop')])).toBe(1);
  expect(countToLayOut(items, [fit('aentry0003-ause000001-1', 'chest', 'check')])).toBe(2);
});

test('why a save did not come through decides how the page stands', () => {
  const refused = (status: number, problem = 'x'): ApiProblem => ({ kind: 'refused', status, problem, detail: 'No.' });
  expect(stateAfter({ kind: 'serverGone' })).toEqual({ kind: 'serverGone', why: null });
  expect([stateAfter(refused(499)), stateAfter(refused(500)), stateAfter(refused(404, 'runNotFound'))]).toEqual([
    { kind: 'refused', detail: 'No.' },
    { kind: 'serverGone', why: 'No.' },
    { kind: 'removed' },
  ]);
  expect(stateAfter(refused(404))).toEqual({ kind: 'refused', detail: 'No.' });
});

test('a picture is made smaller by its longest side and never larger; holes are the inner rings', () => {
  expect([keptScale(3200, 100), keptScale(100, 3200), keptScale(1600, 1600), keptScale(20, 10)]).toEqual([
    0.5, 0.5, 1, 1,
  ]);
  expect([scaledSize({ width: 3201, height: 99 }, 0.5), scaledSize({ width: 3200, height: 1 }, 0.1)]).toEqual([
    { width: 1601, height: 50 },
    { width: 320, height: 1 },
  ]);
  const ring = [0, 0, 1, 0, 1, 1];
  expect([
    holesIn([]),
    holesIn([[ring]]),
    holesIn([
      [ring, ring, ring],
      [ring, ring],
    ]),
  ]).toEqual([0, 0, 3]);
});

test('what lies in made passes is told as it was made; what is only released or planned is not', () => {
  const frozen = (by: 'pass' | 'release') =>
    ({
      placeId: 'aplace0001',
      layerId: 'alayer0001',
      frozen: { by, text: ['Ilke', 'Ro'], materialId: 'film-gold' },
    }) as never;
  const open = { placeId: 'aplace0001', frozen: null };
  expect(madeTexts([item('a', 'cut', frozen('pass'), open), item('b', 'open', frozen('release'))])).toEqual([
    { itemId: 'a', placeId: 'aplace0001', layerId: 'alayer0001', materialId: 'film-gold', text: ['Ilke', 'Ro'] },
  ]);
});
