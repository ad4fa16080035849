import { SHIPPED_FACES, STAND_BLOCK_SHA } from '@/core/shop';
import type { FaceRow } from '@/services';
import { allFaces, capitalsPx, shownFaces } from './shown-faces';
import { shopFaces } from './use-shop-faces';

const own = (id: string, file: string, name: string) => ({
  id,
  value: {
    name,
    file,
    fileName: 'x.ttf',
    varies: [],
    axes: {},
    permit: 'installable' as const,
    licence: '',
    mayCut: 'unknown' as const,
  },
});
const FILE = 'a'.repeat(64);

const row = (face: string, strokeMm: number): FaceRow => ({
  facts: {
    face,
    capHeightEm: 0.7,
    isAbsent: false,
    missing: [],
    isJoined: false,
    strokeMm,
    holeMm: null,
    nearMm: 2,
    numToWeed: 3,
    widestMm: 40,
    unevenFigures: [],
  },
  samples: [null],
});
const need = { texts: ['Bo'], letterHeightMm: 20, finest: { strokeMm: 1, gapMm: 1, holeMm: 1 } };
const filter = { kind: 'all' as const, onlyFaultless: false };

test('own faces stand before those that ship, and one that ships as well stands there once', () => {
  const all = allFaces([own('face-one', FILE, 'Quay'), own('face-two', STAND_BLOCK_SHA, 'Stand')]);
  expect(all).toHaveLength(SHIPPED_FACES.length + 1);
  expect(all.slice(0, 2)).toEqual([
    { key: FILE, name: 'Quay', ownId: 'face-one', mayCut: false },
    { key: STAND_BLOCK_SHA, name: 'Stand', ownId: 'face-two', mayCut: false },
  ]);
  expect(all.filter(({ key }) => key === STAND_BLOCK_SHA)).toHaveLength(1);
  expect(all.at(-1)).toMatchObject({ ownId: null, mayCut: true });
});

test('what is measured is shown by name and in order; what is not looked for, or of no shelf, is not', () => {
  const all = allFaces([own('face-one', FILE, 'Quay')]);
  const rows = [row(FILE, 0.5), row(STAND_BLOCK_SHA, 2), row('unknown', 9)];
  const shown = (more: Partial<typeof filter> = {}) =>
    shownFaces(rows, all, { filter: { ...filter, ...more }, order: 'thickest', need }).map(({ name, ownId }) => [
      name,
      ownId,
    ]);
  expect(shown()).toEqual([
    ['Nunito Black', null],
    ['Quay', 'face-one'],
  ]);
  expect(shown({ onlyFaultless: true })).toEqual([['Nunito Black', null]]);
});

test('a copy that is still the same face is shown beside it, and whether it may be cut with', () => {
  const first = own('face-one', FILE, 'Quay');
  const copy = { id: 'face-two', value: { ...first.value, name: 'Quay (copy)', mayCut: 'yes' as const } };
  const shown = shownFaces([row(FILE, 2)], allFaces([first, copy]), { filter, order: 'suits', need });
  expect(shown.map(({ name, ownId, mayCut }) => [name, ownId, mayCut])).toEqual([
    ['Quay', 'face-one', false],
    ['Quay (copy)', 'face-two', true],
  ]);
});

test('a face that is chosen says its name where it did not ship; one of another shop stays to choose', () => {
  const faces = shopFaces([own('face-one', FILE, 'Quay')]);
  expect(faces.choiceOf(FILE)).toEqual({ face: FILE, faceName: 'Quay' });
  expect(faces.choiceOf(STAND_BLOCK_SHA)).toEqual({ face: STAND_BLOCK_SHA });
  expect(faces.optionsWith({ face: FILE })[0]).toEqual([FILE, 'Quay']);
  expect(faces.optionsWith({ face: FILE })).toHaveLength(SHIPPED_FACES.length + 1);
  const other = faces.optionsWith({ face: 'b'.repeat(64), faceName: 'Tide' });
  expect(other[0]).toEqual(['b'.repeat(64), 'Tide']);
  expect(other).toHaveLength(SHIPPED_FACES.length + 2);
});

test('samples are all drawn at one letter height, smaller where the widest text would have no room', () => {
  expect(capitalsPx([], 15)).toBe(20);
  expect(capitalsPx([{ widestMm: 100 }, { widestMm: 330 }], 15)).toBe(20);
  expect(capitalsPx([{ widestMm: 660 }, { widestMm: 100 }], 15)).toBe(10);
});
