import { aRun, seededBytes } from '../test';
import { MOST_OWN_LETTERS, type TextRef, ownSettingsAt, runSpecSchema } from '../spec';
import { changeOwnLetter, mayChangeLetter, ownLetterAt } from '.';

const random = seededBytes(21);
const spec = aRun(['Ezra', 'Una']);
const at = {
  entryId: spec.entries[0]!.id,
  useId: spec.uses[0]!.id,
  placeId: spec.uses[0]!.places[0]!.placeId,
} as TextRef;
const z = { line: 0, no: 1, character: 'z' };
const r = { line: 0, no: 2, character: 'r' };

test('one letter is set otherwise part by part, and as its line again when nothing is left', () => {
  const lifted = changeOwnLetter(spec, { at, letter: z }, { up: 0.1 }, random);
  const both = changeOwnLetter(lifted, { at, letter: r }, { toNext: { kind: 'joined' } }, random);
  const turned = changeOwnLetter(both, { at, letter: z }, { turnDeg: 5 }, random);
  expect(ownSettingsAt(turned, at).letters).toEqual([
    { ...r, toNext: { kind: 'joined' } },
    { ...z, up: 0.1, turnDeg: 5 },
  ]);
  expect(runSpecSchema.safeParse(turned).success).toBe(true);
  expect(turned.overrides).toHaveLength(1);
  const level = changeOwnLetter(turned, { at, letter: z }, { up: null, turnDeg: null }, random);
  expect(ownLetterAt(level, at, z)).toBeNull();
  expect(ownLetterAt(level, at, r)).toEqual({ ...r, toNext: { kind: 'joined' } });
  const none = changeOwnLetter(level, { at, letter: r }, { toNext: null }, random);
  expect(none.overrides).toEqual([]);
});

test('what was meant for another letter at that spot is nothing of its own, and is replaced', () => {
  const lifted = changeOwnLetter(spec, { at, letter: z }, { up: 0.1 }, random);
  const s = { ...z, character: 's' };
  expect(ownLetterAt(lifted, at, s)).toBeNull();
  const smaller = changeOwnLetter(lifted, { at, letter: s }, { size: 0.8 }, random);
  expect(ownSettingsAt(smaller, at).letters).toEqual([{ ...s, size: 0.8 }]);
  expect(ownLetterAt(smaller, at, z)).toBeNull();
});

test('a text has no more of them than a run takes: those that it has stay, and one that it has may still be changed', () => {
  let many = spec;
  for (let no = 0; no <= MOST_OWN_LETTERS; no++) {
    many = changeOwnLetter(many, { at, letter: { line: 0, no, character: 'a' } }, { up: 0.1 }, random);
  }
  const letters = ownSettingsAt(many, at).letters!;
  expect(letters.map(({ no }) => no)).toEqual(Array.from({ length: MOST_OWN_LETTERS }, (_, no) => no));
  expect(runSpecSchema.safeParse(many).success).toBe(true);
  const [first, beyond] = [0, MOST_OWN_LETTERS].map((no) => ({ line: 0, no, character: 'a' }));
  expect([mayChangeLetter(many, at, first!), mayChangeLetter(many, at, beyond!)]).toEqual([true, false]);
  expect(mayChangeLetter(spec, at, beyond!)).toBe(true);
  const lower = changeOwnLetter(many, { at, letter: first! }, { up: -0.1 }, random);
  expect(ownLetterAt(lower, at, first!)).toEqual({ ...first, up: -0.1 });
});
