import { DEFAULT_LETTERINGS } from './defaults';
import { faceNameOf, ownFacesOf } from './letter-style';

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
