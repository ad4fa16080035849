import { changePlaceUse } from '../edit';
import { resolveSlots } from '../resolve';
import { wordingOf } from '../spec';
import { aRun } from '../test';
import { textLetters } from '.';

const spec = changePlaceUse(aRun(['Ann-Lee Bo']), null, (place) => ({
  ...place,
  wording: {
    ...wordingOf(['{text}']),
    lines: [
      { runs: [{ template: '{text}', slot: 'main', face: null }] },
      {
        runs: [
          { template: 'No', slot: 'main', face: null },
          { template: ' 7', slot: 'main', face: 'a'.repeat(64), faceName: 'Shop hand' },
        ],
      },
    ],
  },
}));
const { ref } = resolveSlots(spec)[0]!;

test('letters are told line by line without spaces, each with the one that follows in its word', () => {
  const [first, second] = textLetters(spec, ref);
  expect(first!.map(({ no, character, next }) => `${no}${character}${next ?? '.'}`)).toEqual([
    '0An',
    '1nn',
    '2n-',
    '3-L',
    '4Le',
    '5ee',
    '6e.',
    '8Bo',
    '9o.',
  ]);
  expect(second!.map(({ line, character, face, faceName }) => [line, character, face?.slice(0, 2), faceName])).toEqual([
    [1, 'N', undefined, undefined],
    [1, 'o', undefined, undefined],
    [1, '7', 'aa', 'Shop hand'],
  ]);
});

test('a text that is gone has none', () => {
  expect(textLetters(spec, { ...ref, entryId: 'nobody' as never })).toEqual([]);
  expect(textLetters(spec, { ...ref, useId: 'nothing' as never })).toEqual([]);
});
