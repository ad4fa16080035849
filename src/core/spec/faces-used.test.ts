import { changePlaceUse, setOverrides } from '../edit';
import { aRun, seededBytes } from '../test';
import { resolveSlots } from '../resolve';
import { facesUsed, wordingOf } from '.';

test('faces of letterings, of parts and of single letters are told, with the names of those that did not ship', () => {
  const [lettering, part, letter] = ['a', 'b', 'c'].map((digit) => digit.repeat(64));
  const plain = aRun(['Ann', 'Bo']);
  const ofLetterings = facesUsed(plain);
  expect(ofLetterings).toEqual(plain.shop.letterings.flatMap(({ value }) => value.lines.map(({ face }) => ({ face }))));
  const worded = changePlaceUse(plain, null, (place) => ({
    ...place,
    wording: {
      ...wordingOf(['{text}']),
      lines: [{ runs: [{ template: '{text}', slot: 'main', face: part!, faceName: 'Shop hand' }] }],
    },
  }));
  const { ref } = resolveSlots(worded)[0]!;
  const own = { line: 0, no: 0, character: 'A' };
  const set = {
    kind: 'letters',
    letters: [
      { ...own, face: letter! },
      { ...own, no: 1, character: 'n', up: 0.1 },
    ],
  } as const;
  const told = facesUsed(setOverrides(worded, [ref], set, seededBytes(1)));
  expect(told.slice(ofLetterings.length)).toEqual([{ face: part, faceName: 'Shop hand' }, { face: letter }]);
  expect(told).not.toContainEqual(expect.objectContaining({ face: lettering }));
});
