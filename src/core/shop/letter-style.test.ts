import { DEFAULT_LETTERINGS } from './defaults';
import { hasShippedFaces } from './letter-style';

test('a lettering can be drawn when every one of its faces can', () => {
  const [{ value }] = DEFAULT_LETTERINGS;
  const [line] = value.lines;
  const other = { ...line!, face: 'f'.repeat(64) };
  expect([[line!], [line!, line!], [line!, other], [other]].map((lines) => hasShippedFaces({ lines }))).toEqual([
    true,
    true,
    false,
    false,
  ]);
});
