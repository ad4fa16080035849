import { DEFAULT_LETTERINGS } from './defaults';
import { faceNameOf, lineStandOf, ownFacesOf } from './letter-style';

test('faces that did not ship are told, each once, and every face has a name', () => {
  const [{ value }] = DEFAULT_LETTERINGS;
  const [line] = value.lines;
  const own = { ...line!, face: `${'f'.repeat(64)}@wght=700`, faceName: 'Bandstand Bold' };
  expect([[line!], [line!, own, own], [own]].map((lines) => ownFacesOf({ lines }))).toEqual([
    [],
    [own.face],
    [own.face],
  ]);
  expect([line!, own, { face: 'f'.repeat(64) }].map(faceNameOf)).toEqual([
    'Pacifico Regular',
    'Bandstand Bold',
    'a face of another shop',
  ]);
});

test('what a style says of how its line stands is kept without what goes without saying', () => {
  const [style] = DEFAULT_LETTERINGS[0]!.value.lines;
  expect(lineStandOf(style!)).toEqual({});
  expect(lineStandOf({ sizeShare: 1 })).toEqual({});
  expect(lineStandOf({ ...style!, sizeShare: 2 })).toEqual({ sizeShare: 2 });
  expect(lineStandOf({ ...style!, sizeShare: 0.3, gapAboveShare: 0, above: 'nothing' })).toEqual({
    sizeShare: 0.3,
    gapAboveShare: 0,
    above: 'nothing',
  });
});
