import { changePlaceUse } from '@/core/edit';
import { type RunSpec, findBlank, wordingOf } from '@/core/spec';
import { aRun } from '@/core/test';
import type { BenchItem } from '@/services';
import { blankDemand, markMatches, piecesOf } from './blank-demand';

const spec = aRun(['Marlo Vey', 'Tilda Roe']);
const [use] = spec.uses;
const [variant] = findBlank(spec, use!.blankId).variants;

function item(entryAt: number, text: string, part: Partial<BenchItem> = {}, run: RunSpec = spec): BenchItem {
  const entry = run.entries[entryAt]!;
  const pieces = [{ text: [text] }] as unknown as BenchItem['pieces'];
  const itemId = `${entry.id}-${use!.id}-1`;
  return {
    itemId,
    entryId: entry.id,
    fields: entry.fields,
    text: [text],
    variantId: variant!.id,
    numLost: 0,
    pieces,
    ...part,
  } as BenchItem;
}

const shopWith = (...marked: string[]) => {
  const blank = findBlank(spec, use!.blankId);
  const variants = blank.variants.map((one, i) =>
    i === 0 ? { ...one, stock: { ...one.stock, onHand: 5, marked } } : one,
  );
  return new Map([[use!.blankId, { ...blank, variants }]]);
};

test('what the run takes is counted with motifs and empty ones, what was lost by its blank and size', () => {
  const spread = changePlaceUse(spec, null, (place) => ({
    ...place,
    wording: { ...wordingOf(['{text}']), spread: 'letterPerBlank', motifBlanks: 1, spacesAreBlanks: true },
  }));
  const items = [item(0, 'M', { numLost: 2 }), item(1, 'T')];
  const { taken, lost, unusable } = blankDemand(spread, items, []);
  expect(taken.map(({ useId, variantId, count }) => [useId, variantId, count])).toEqual([
    [use!.id, variant!.id, 8 + 1 + 1],
    [use!.id, variant!.id, 8 + 1 + 1],
  ]);
  expect(lost).toEqual([{ useId: use!.id, variantId: variant!.id, count: 2 }]);
  expect(blankDemand(spec, [item(0, 'M', { numLost: 1 })], []).lost.map(({ count }) => count)).toEqual([1]);
  expect(unusable.size).toBe(0);
  expect(piecesOf({ entryId: '', useId: '', variantId: null, items: 3, motifs: 2, empty: 1 })).toBe(6);
});

test('blanks that carry a mark are given by what an item says, then by initials; those for nobody are told as unusable', () => {
  const items = [item(0, 'Marlo'), item(1, 'T')];
  const matches = markMatches(spec, items, shopWith('T', 'MV', 'Q', 'Z'));
  expect(matches.map(({ blank: { mark }, whose, why }) => [mark, whose, why])).toEqual([
    ['T', 'Tilda Roe', 'sameText'],
    ['MV', 'Marlo Vey', 'initials'],
    ['Q', '', 'none'],
    ['Z', '', 'none'],
  ]);
  expect([...blankDemand(spec, items, matches).unusable]).toEqual([[`${use!.blankId} ${variant!.id}`, 2]]);
});

test('the name in parts is whose it is, and an item without pieces is known by its text', () => {
  const entries = spec.entries.map((entry) => ({ ...entry, fields: { text: 'Crew', given: 'Ida', family: 'Quill' } }));
  const named = { ...spec, entries };
  const [match] = markMatches(named, [item(0, 'Crew', { pieces: [] }, named)], shopWith('IQ'));
  expect([match?.whose, match?.why]).toEqual(['Ida Quill', 'initials']);
  // Without the shop the run's own copy says what is marked.
  expect(markMatches(named, [], null)).toEqual([]);
});
