import fc from 'fast-check';
import { faceKey, faceKeySchema, keyOfOwnFace, mayTravel, partsOfFaceKey, permitOfBits } from '.';

const SHA = 'a'.repeat(64);

test('a key is the hash of the file, and where the axes are set in one order', () => {
  expect(faceKey(SHA, {})).toBe(SHA);
  expect(faceKey(SHA, { wght: 700, wdth: 87.5 })).toBe(`${SHA}@wdth=87.5,wght=700`);
  expect(keyOfOwnFace({ file: SHA, axes: { wdth: 87.5, wght: 700 } })).toBe(`${SHA}@wdth=87.5,wght=700`);
  expect(partsOfFaceKey(SHA)).toEqual({ sha: SHA, axes: {} });
  // From one figure to five, to a thousandth, and no more.
  const takes = (value: string) => faceKeySchema.safeParse(`${SHA}@slnt=${value},wght=${value}`).success;
  expect(['0', '-8', '12345', '0.125'].map(takes)).toEqual([true, true, true, true]);
  expect(['', '123456', '0.1255', '--8'].map(takes)).toEqual([false, false, false, false]);
});

test('what a key says is read again, and passes its schema', () => {
  const tag = fc.stringMatching(/^[A-Za-z0-9]{4}$/);
  const axes = fc.dictionary(tag, fc.integer({ min: -90_000, max: 90_000 }), { maxKeys: 8, noNullPrototype: true });
  fc.assert(
    fc.property(axes, (set) => {
      const key = faceKey(SHA, set);
      expect(faceKeySchema.safeParse(key).success).toBe(true);
      expect(partsOfFaceKey(key)).toEqual({ sha: SHA, axes: set });
    }),
    { numRuns: 200 },
  );
});

test('nothing else is a key', () => {
  for (const key of [
    '',
    'abc',
    SHA.toUpperCase(),
    `${SHA}@`,
    `${SHA}@wght`,
    `${SHA}@wght=x`,
    `${SHA}@toolong=1`,
    `${SHA} `,
  ])
    expect(faceKeySchema.safeParse(key).success).toBe(false);
});

test('the most that is permitted counts; what says nothing permits nothing', () => {
  expect([0, 2, 4, 6, 8, 12, 0x100, 0x200, 0x208].map(permitOfBits)).toEqual([
    'installable',
    'restricted',
    'preview',
    'preview',
    'editable',
    'editable',
    'installable',
    'restricted',
    'restricted',
  ]);
  expect(permitOfBits(null)).toBe('restricted');
  expect((['installable', 'editable', 'preview', 'restricted'] as const).map(mayTravel)).toEqual([
    true,
    true,
    false,
    false,
  ]);
});
