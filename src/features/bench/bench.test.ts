import { placeAt } from '@/core/edit';
import { aRun } from '@/core/test';
import type { BenchItem, BenchPiece } from '@/services';
import { filterChoices, isInPass, isShown } from './bench-filter';
import { benchKeys } from './bench-keys';
import {
  bondedOf,
  deedsOfPass,
  deedsOfPiece,
  deedsToReach,
  nextStageOfPiece,
  nextOfKind,
  nextStage,
  passInHandOf,
  passesOf,
} from './bench-stages';
import { itemsNamed } from './find-name';
import { layersOf, nameOfPiece, topDown } from './item-places';
import { NOTHING, extendTo, neighbour, pickAll, pickOne, toggle } from './selection';
import { cautionFor, frozenSentence, madeSentence, markWords } from './sentences';

const ids = ['a', 'b', 'c', 'd'];
const picked = ({ pickedIds }: { pickedIds: ReadonlySet<string> }) => [...pickedIds];

function anItem(stage: BenchItem['stage'], process: 'film' | 'card' = 'film'): BenchItem {
  const piece = {
    pieceId: 'piece',
    attempt: 2,
    stage: stage === 'cut' || stage === 'weeded' || stage === 'bonded' ? stage : null,
    placeId: 'place',
    layerId: 'layer',
    passId: 'pass',
    process,
  };
  return { itemId: 'item', stage, pieces: [piece] } as unknown as BenchItem;
}

test('walking stops at both ends, and starts at the top when nothing was chosen', () => {
  expect(neighbour(ids, 'b', 1)).toBe('c');
  expect(neighbour(ids, 'd', 1)).toBe('d');
  expect(neighbour(ids, 'a', -1)).toBe('a');
  expect(neighbour(ids, null, 1)).toBe('a');
  expect(neighbour([], 'a', 1)).toBeNull();
});

test('a range grows and shrinks from where it began, in the order of the list', () => {
  const fromC = pickOne('c');
  expect(picked(extendTo(fromC, ids, 'a'))).toEqual(['a', 'b', 'c']);
  expect(picked(extendTo(extendTo(fromC, ids, 'a'), ids, 'd'))).toEqual(['c', 'd']);
  expect(picked(pickAll(NOTHING, ids))).toEqual(ids);
});

test('toggling never leaves nothing picked', () => {
  expect(picked(toggle(pickOne('a'), 'b'))).toEqual(['a', 'b']);
  expect(picked(toggle(pickOne('a'), 'a'))).toEqual(['a']);
});

test('the next deed follows the material: card is never weeded', () => {
  expect(nextStage(anItem('cut'))).toBe('weeded');
  expect(nextStage(anItem('cut', 'card'))).toBe('bonded');
  expect(nextStage(anItem('packed'))).toBeNull();
});

test('deeds speak of the current cutting, by piece, place or item, and only where there is something to do', () => {
  expect(deedsToReach([anItem('open')], 'cut')).toEqual([
    { kind: 'cut', pieceId: 'piece', attempt: 2, passId: 'pass' },
  ]);
  expect(deedsToReach([anItem('weeded')], 'bonded')).toEqual([
    { kind: 'bonded', itemId: 'item', placeId: 'place', layerIds: ['layer'], attempts: [2], face: 'front' },
  ]);
  expect(deedsToReach([anItem('bonded')], 'checked')).toEqual([{ kind: 'checked', itemId: 'item' }]);
  expect(deedsToReach([anItem('bonded'), anItem('packed')], 'weeded')).toEqual([]);
  expect(deedsToReach([anItem('open', 'card')], 'weeded')).toEqual([]);
});

test('one layer is marked by itself, by what its material asks for next', () => {
  const piece = (pieceId: string, stage: BenchPiece['stage'], process: 'film' | 'card' = 'film') =>
    ({
      pieceId,
      stage,
      process,
      attempt: 1,
      placeId: 'front',
      layerId: `layer-${pieceId}`,
      passId: 'pass',
    }) as unknown as BenchPiece;
  expect(
    [piece('a', null), piece('b', 'cut'), piece('c', 'cut', 'card'), piece('d', 'bonded')].map(nextStageOfPiece),
  ).toEqual(['cut', 'weeded', 'bonded', null]);
  const item = (stage: BenchItem['stage'], ...pieces: BenchPiece[]) =>
    ({ itemId: 'item', stage, pieces }) as unknown as BenchItem;
  const two = item('open', piece('gold', null), piece('white', 'weeded'));
  expect(deedsOfPiece([two], 'gold', 'cut')).toEqual([{ kind: 'cut', pieceId: 'gold', attempt: 1, passId: 'pass' }]);
  expect(deedsOfPiece([two], 'white', 'bonded')).toEqual([
    { kind: 'bonded', itemId: 'item', placeId: 'front', layerIds: ['layer-white'], attempts: [1], face: 'front' },
  ]);
  // What is there already, is in another item or is past it all has no deed.
  expect([
    deedsOfPiece([two], 'white', 'weeded'),
    deedsOfPiece([two], 'red', 'cut'),
    deedsOfPiece([item('checked', piece('gold', null))], 'gold', 'cut'),
  ]).toEqual([[], [], []]);
});

test('buttons and cautions name the deed of the material, and heat always defers to the makers', () => {
  expect(markWords([anItem('weeded')], 'bonded')).toBe('Mark pressed');
  expect(markWords([anItem('cut', 'card'), anItem('cut', 'card')], 'bonded')).toBe('Mark 2 glued');
  expect(cautionFor([anItem('weeded')], 'bonded')).toMatch(/sheet and the blank’s label win/);
  expect(cautionFor([anItem('cut', 'card')], 'bonded')).toBeNull();
  expect(madeSentence([3])).toContain('Pass 3');
  expect(madeSentence([3, 4])).toContain('Passes 3, 4');
});

test('filters name what is to do next, with their numbers; what is empty is left out unless it is chosen', () => {
  const items = [anItem('open'), anItem('cut'), anItem('weeded'), anItem('weeded'), anItem('packed')];
  const said = (chosen: Parameters<typeof filterChoices>[1]) =>
    filterChoices(items, chosen).map(({ label, count }) => `${label} ${count}`);
  expect(said('all')).toEqual(['all 5', 'to cut again 1', 'to cut 1', 'to weed 1', 'to press 2', 'packed 1']);
  expect(said('checked')).toContain('to check 0');
  expect(items.filter((item) => isShown(item, 'bonded'))).toHaveLength(2);
  expect(items.filter((item) => isShown(item, 'done'))).toHaveLength(1);
  expect(filterChoices([anItem('cut', 'card')], 'all').map(({ label }) => label)).toEqual(['all', 'to glue']);
});

test('a name is found by the beginning of any of its words, without its accents', () => {
  const named = (text: string) => ({ ...anItem('open'), itemId: text, text: [text], fields: { text } });
  const items = ['Åsa Sørbø', 'Sorrel', 'Tess Aßmann', 'Łukasz Nowak', 'Bess'].map(named);
  const found = (typed: string) => itemsNamed(items, typed).map(({ text }) => text[0]);
  expect(found('sor')).toEqual(['Åsa Sørbø', 'Sorrel']);
  expect(found('ess')).toEqual(['Tess Aßmann', 'Bess']);
  expect(found(' ASSM')).toEqual(['Tess Aßmann']);
  expect(found('luk')).toEqual(['Łukasz Nowak']);
  expect([found(''), found('zz')]).toEqual([[], []]);
});

test('what is cut otherwise is told by how far it is: released, lying in a pass, or cut', () => {
  const told = (by: 'pass' | 'release', stage: BenchPiece['stage']) =>
    frozenSentence({ frozen: { by, no: 2 }, frozenText: ['Ilke'], stage } as unknown as BenchPiece, ['Ilka', 'Ro']);
  expect(told('release', null)).toMatch(/^It was released as “Ilke” and is cut so; the run says “Ilka Ro” now\./);
  expect(told('pass', null)).toMatch(/^It lies in pass 2 as “Ilke”; the run says “Ilka Ro” now\. .* leave it uncut/);
  expect(told('pass', null)).not.toMatch(/was cut/);
  expect(told('pass', 'cut')).toMatch(/^It was cut as “Ilke”; the run says “Ilka Ro” now\. .* cut it again\.$/);
});

const inPasses = (itemId: string, stage: BenchItem['stage'], ...passes: (number | null)[]) =>
  ({
    itemId,
    stage,
    pieces: passes.map((passNo, i) => ({
      pieceId: `${itemId}-${i}`,
      attempt: 1,
      stage: stage === 'cut' || stage === 'weeded' ? stage : null,
      passNo,
      passId: passNo === null ? null : `pass-${passNo}`,
      process: i === 2 ? 'card' : 'film',
    })),
  }) as unknown as BenchItem;

test('a whole pass is marked by the pieces that lie in it, and by no others of the same items', () => {
  const items = [
    inPasses('a', 'open', 2, 3),
    inPasses('b', 'cut', 2),
    inPasses('c', 'open', null),
    inPasses('d', 'open', 1, 1, 2),
  ];
  const marked = (no: number, stage: Parameters<typeof deedsOfPass>[2]) =>
    deedsOfPass(items, no, stage).map((deed) => [
      deed.kind,
      'pieceId' in deed && deed.pieceId,
      'passId' in deed && deed.passId,
    ]);
  expect(marked(2, 'cut')).toEqual([
    ['cut', 'a-0', 'pass-2'],
    ['cut', 'd-2', 'pass-2'],
  ]);
  // Card is not weeded.
  expect(marked(2, 'weeded').map(([, pieceId]) => pieceId)).toEqual(['a-0', 'b-0']);
  expect([marked(2, 'bonded'), marked(9, 'cut'), deedsOfPass([inPasses('e', 'packed', 2)], 2, 'cut')]).toEqual([
    [],
    [],
    [],
  ]);
  expect([...passInHandOf(items, 2).open]).toEqual(['cut', 'weeded']);
  expect([...passInHandOf([inPasses('b', 'cut', 2)], 2).open]).toEqual(['weeded']);
  expect(passInHandOf([inPasses('b', 'weeded', 2)], 2)).toEqual({ no: 2, open: new Set() });
  expect(passesOf(items)).toEqual([
    { no: 1, numItems: 1 },
    { no: 2, numItems: 3 },
    { no: 3, numItems: 1 },
  ]);
  expect(items.map((item) => isInPass(item, 2))).toEqual([true, true, false, true]);
});

test('after a mark the next of the same kind comes, from the top again after the end, and none when none is left', () => {
  const items = ['a', 'b', 'c', 'd'].map((id) => inPasses(id, id === 'b' ? 'packed' : 'open', 1));
  expect(nextOfKind(items, new Set(['a']), 'cut')).toBe('c');
  expect(nextOfKind(items, new Set(['a', 'c']), 'cut')).toBe('d');
  expect(nextOfKind(items, new Set(['d']), 'cut')).toBe('a');
  expect(nextOfKind(items, new Set(['a', 'c', 'd']), 'cut')).toBeNull();
  expect(nextOfKind(items, new Set(['a']), 'weeded')).toBeNull();
});

describe('keys', () => {
  const items = ['a', 'b', 'c'].map((id) => inPasses(id, 'open', 1));
  const deeds: string[] = [];
  const bench = () =>
    ({
      all: items,
      current: items[0],
      ids: ['a', 'b', 'c'],
      selection: pickOne('b'),
      setSelection: ({ currentId, pickedIds }: { currentId: string; pickedIds: ReadonlySet<string> }) =>
        deeds.push(`to ${currentId}: ${[...pickedIds].join()}`),
      mark: async (stage: string) => void deeds.push(`mark ${stage}`),
      markOn: async (stage: string) => void deeds.push(`mark on ${stage}`),
      markPass: async (stage: string) => void deeds.push(`pass ${stage}`),
      undo: async () => void deeds.push('undo'),
      redo: async () => void deeds.push('redo'),
    }) as unknown as Parameters<typeof benchKeys>[0];
  const groups = (hasLetters: boolean) =>
    benchKeys(bench(), {
      onJump: () => deeds.push('jump'),
      onSpoil: () => deeds.push('spoil'),
      onCount: () => deeds.push('count'),
      onAgain: () => deeds.push('again'),
      hasLetters,
    });
  const press = (name: string, hasLetters = true) => {
    deeds.length = 0;
    const event = { target: null } as unknown as KeyboardEvent;
    const binding = groups(hasLetters)
      .flatMap(({ bindings }) => bindings)
      .find(({ keys }) => keys.includes(name));
    binding?.run(event);
    return deeds.join();
  };

  test('each does what the help says of it, and no key is bound twice', () => {
    expect(['up', 'down', 'home', 'end'].map((name) => press(name))).toEqual([
      'to a: a',
      'to c: c',
      'to a: a',
      'to c: c',
    ]);
    expect(press('shift+down')).toBe('to c: b,c');
    expect(press('shift+home')).toBe('to a: a,b');
    expect(['c', 'w', 'p', 'k', 'b'].map((name) => press(name))).toEqual(
      ['cut', 'weeded', 'bonded', 'checked', 'packed'].map((stage) => `mark ${stage}`),
    );
    expect(['shift+c', 'shift+w', 'space', 'u', 'shift+u', 'x', 't', 'n', 'a', '/'].map((name) => press(name))).toEqual(
      ['pass cut', 'pass weeded', 'mark on cut', 'undo', 'redo', 'spoil', 'count', 'again', 'to b: a,b,c', 'jump'],
    );
    const names = groups(true).flatMap(({ bindings }) => bindings.flatMap(({ keys }) => keys));
    expect(new Set(names).size).toBe(names.length);
    expect(groups(true)[1]!.bindings.map(({ does }) => does)).toContain('mark the whole pass cut');
  });

  test('with letters off only walking is bound; held keys walk, and never mark twice', () => {
    expect([press('c', false), press('space', false), press('down', false)]).toEqual(['', '', 'to c: c']);
    const held = groups(true).flatMap(({ bindings }) => bindings.filter(({ mayRepeat }) => mayRepeat));
    expect(held.flatMap(({ keys }) => keys)).toEqual(['up', 'down', 'shift+up', 'shift+down']);
  });
});

test('letters that are pieces of their own are named by their part, and lie in the press as one layer', () => {
  const spec = aRun(['Ann']);
  const place = placeAt(spec, null);
  const [layer] = place.lettering.layers;
  const pieces = ['A', 'n', 'n'].map(
    (letter, i) =>
      ({
        pieceId: `aentry0001-ause000001-1-aplace0001-alayer0001-${i + 1}`,
        layerId: layer!.id,
        attempt: i + 1,
        letter,
        materialName: 'gold film',
        materialKind: 'standardFilm',
        isFilmOpen: false,
      }) as BenchPiece,
  );
  expect(bondedOf(pieces)).toEqual({
    layerIds: [layer!.id, layer!.id, layer!.id],
    attempts: [1, 2, 3],
    parts: [1, 2, 3],
  });
  expect(bondedOf(pieces.slice(0, 1))).toEqual({ layerIds: [layer!.id], attempts: [1] });
  const border = { ...pieces[0]!, layerId: 'border', letter: null, materialName: 'navy film' } as BenchPiece;
  expect(layersOf([border, ...pieces])).toEqual([
    { name: 'navy film', kind: 'standardFilm' },
    { name: 'gold film', kind: 'standardFilm' },
  ]);
  expect(layersOf([{ ...border, isFilmOpen: true }])).toEqual([
    { name: 'navy film', kind: 'standardFilm', open: true },
  ]);
  expect(topDown({ pieces: [border, ...pieces] }).map(({ letter }) => letter)).toEqual(['A', 'n', 'n', null]);
  expect(nameOfPiece({ place, pieces }, pieces[1]!)).toBe('letters n');
  expect(nameOfPiece({ place, pieces }, { ...pieces[1]!, letter: null })).toBe('letters');
  expect(nameOfPiece({ place, pieces }, border)).toBe('layer');
});
