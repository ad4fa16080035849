import { changePlaceUse } from '../edit';
import { pieceNames } from '../pieces';
import { resolveSlots } from '../resolve';
import type { RunSpec } from '../spec';
import { aBorder, aColouredRun, aRun, withBorders } from '../test';
import { pressRows, setAtPress } from '.';

const piecesOf = (spec: RunSpec, materialId: string | null) =>
  pieceNames(resolveSlots(spec))
    .filter(({ layer }) => materialId === null || layer.materialId === materialId)
    .map(({ id, layer }) => ({ pieceId: id, materialId: layer.materialId }));

const secondsIn = (spec: RunSpec, materialId: string | null) =>
  pressRows(spec, piecesOf(spec, materialId), 'clamshell').flatMap(({ presses }) =>
    presses.map((press) => [press.materialName, setAtPress(press)?.seconds ?? null, press.followedBy]),
  );

const [WHITE, GOLD] = ['white heat-transfer film', 'gold heat-transfer film'];

test('a pass of borders is pressed as what letters follow on, though they lie in another pass', () => {
  const spec = withBorders(aRun(['Odalys', 'Bo']), aBorder(1.5));
  expect(secondsIn(spec, 'film-white')).toEqual([[WHITE, 5, GOLD]]);
  expect(secondsIn(spec, 'film-gold')).toEqual([[GOLD, 15, null]]);
  expect(secondsIn(spec, null)).toEqual([
    [WHITE, 5, GOLD],
    [GOLD, 15, null],
  ]);
  const [row] = pressRows(spec, piecesOf(spec, 'film-white'), 'clamshell');
  expect(row!.itemIds).toHaveLength(2);
});

test('whoever is cut from another film is pressed by that alone, and so are colours beside each other', () => {
  const spec = withBorders(aRun(['Odalys']), aBorder(1.5));
  const [piece] = piecesOf(spec, 'film-white');
  const own = pressRows(spec, [{ ...piece!, materialId: 'film-stretch' }], 'clamshell');
  expect(own.flatMap(({ presses }) => presses.map(({ followedBy }) => followedBy))).toEqual([null]);
  const beside = aColouredRun(['Ann']);
  expect(secondsIn(beside, 'film-gold')).toEqual([[GOLD, 15, null]]);
});

test('a border of the letters’ own film is one film', () => {
  const spec = changePlaceUse(withBorders(aRun(['Bo']), aBorder(1.5)), null, (place) => ({
    ...place,
    materials: { main: 'film-gold', 'border 0': 'film-gold' },
  }));
  expect(secondsIn(spec, null)).toEqual([[GOLD, 15, null]]);
});

test('where a column says the films, a gold piece may be the border of one and the letters of another', () => {
  const spec = withBorders(aRun(['Kees', 'Bo']), aBorder(1.5));
  const [kees, bo] = spec.entries;
  const entries = [
    { ...kees!, fields: { ...kees!.fields, letters: 'white' } },
    { ...bo!, fields: { ...bo!.fields, letters: 'gold' } },
  ];
  const rule = (white: string, gold: string) => ({
    field: 'letters',
    named: [
      { value: 'white', materialId: white },
      { value: 'gold', materialId: gold },
    ],
  });
  const byColumn = changePlaceUse({ ...spec, entries }, null, (place) => ({
    ...place,
    films: { main: rule('film-white', 'film-gold'), 'border 0': rule('film-gold', 'film-white') },
  }));
  const rows = pressRows(byColumn, piecesOf(byColumn, 'film-gold'), 'clamshell');
  expect(
    rows.map(({ itemIds, presses }) => [
      itemIds.length,
      ...presses.map((press) => [press.materialName, setAtPress(press)!.seconds, press.followedBy]),
    ]),
  ).toEqual([
    [1, [GOLD, 5, WHITE]],
    [1, [GOLD, 15, null]],
  ]);
});
