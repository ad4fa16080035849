import { SHIPPED_FACES } from '../shop';
import { shippedFaces } from '../test';
import { ABSENT_FACE } from '../faces';
import { isJoinedFace, tightenLimitEm } from './joined-face';

const faceOf = shippedFaces();

/** Scripts, whose letters are drawn to overlap where they meet: told by eye. */
const JOINED = [
  'Pacifico Regular',
  'Dancing Script Bold',
  'Sacramento Regular',
  'Lobster Regular',
  'Great Vibes Regular',
];

test.each(SHIPPED_FACES)('$name: that its letters join is told by its outlines', ({ sha, name }) => {
  const isConnected = JOINED.includes(name);
  expect(isJoinedFace(faceOf(sha))).toBe(isConnected);
  expect(tightenLimitEm(faceOf(sha))).toBe(isConnected ? 0.02 : 0.04);
});

test('a face that is not here joins nothing', () => {
  expect(isJoinedFace(ABSENT_FACE)).toBe(false);
});
