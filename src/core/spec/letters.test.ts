import { resolveSlots } from '../resolve';
import { proofRows, tickRows } from '../wording';
import { aRun } from '../test';
import { LETTER_LIMITS, MOST_CLASSES, MOST_OWN_LETTERS, isMonogramLine, runSpecSchema } from '.';

const spec = aRun(['Ann']);
const { ref } = resolveSlots(spec)[0]!;
const at = { entryId: ref.entryId, useId: ref.useId, placeId: ref.placeId };
const takes = (value: unknown) => runSpecSchema.safeParse(value).success;
const letter = { line: 0, no: 0, character: 'A' };
const lettered = (letters: readonly object[]) =>
  takes({ ...spec, overrides: [{ id: 'override01', at, set: { kind: 'letters', letters } }] });
const own = (part: object) => lettered([{ ...letter, ...part }]);

test('a letter is moved, turned and resized within limits, both ends of them taken', () => {
  const { shiftShare, turnDeg, leastSize, mostSize } = LETTER_LIMITS;
  const ends = (key: string, least: number, most: number) =>
    [least - 0.01, least, most, most + 0.01].map((value) => own({ [key]: value }));
  for (const key of ['right', 'up']) expect(ends(key, -shiftShare, shiftShare)).toEqual([false, true, true, false]);
  expect(ends('turnDeg', -turnDeg, turnDeg)).toEqual([false, true, true, false]);
  expect(ends('size', leastSize, mostSize)).toEqual([false, true, true, false]);
  const gap = (share: number) => own({ toNext: { kind: 'gap', share } });
  expect([-0.01, 0, 1, 1.01].map(gap)).toEqual([false, true, true, false]);
  expect(['joined', 'bridged', 'glued'].map((kind) => own({ toNext: { kind } }))).toEqual([true, true, false]);
});

test('a letter is one of a line that there may be, by a character; as many as a text may have', () => {
  expect([-1, 0, 5, 6].map((line) => lettered([{ ...letter, line }]))).toEqual([false, true, true, false]);
  expect([-1, 0, 399, 400].map((no) => lettered([{ ...letter, no }]))).toEqual([false, true, true, false]);
  expect(['', 'A', 'x'.repeat(40), 'x'.repeat(41)].map((character) => lettered([{ ...letter, character }]))).toEqual([
    false,
    true,
    true,
    false,
  ]);
  const many = (count: number) => lettered(Array.from({ length: count }, (_, no) => ({ ...letter, no })));
  expect([0, 1, MOST_OWN_LETTERS, MOST_OWN_LETTERS + 1].map(many)).toEqual([false, true, true, false]);
});

test('heights are chosen for as many classes as a run takes, each of some height or of what its longest text allows', () => {
  const classed = (heights: readonly object[]) =>
    takes({
      ...spec,
      sizeGroups: spec.sizeGroups.map((group) => ({ ...group, rule: { kind: 'classes', field: 'age', heights } })),
    });
  const many = (count: number) => Array.from({ length: count }, (_, i) => ({ value: `class ${i}`, heightMm: 5 }));
  expect([0, MOST_CLASSES, MOST_CLASSES + 1].map((count) => classed(many(count)))).toEqual([true, true, false]);
  expect([null, 0.5, 0, -1].map((heightMm) => classed([{ value: '', heightMm }]))).toEqual([true, true, false, false]);
});

test('a line is a monogram when all of its parts are', () => {
  const run = (template: string) => ({ template, slot: 'main', face: null });
  expect(isMonogramLine([run(' {monogram} ')])).toBe(true);
  expect(isMonogramLine([run('{monogram}'), run('1998')])).toBe(false);
  expect(isMonogramLine(undefined)).toBe(false);
});

test('a text of one line is ticked as it reads, and one of none is not', () => {
  const ticked = tickRows(spec, proofRows(spec), 'Wilma', '2026-11-30T09:00:00.000Z');
  const [key, tick] = Object.entries(ticked.proof)[0]!;
  expect([takes(ticked), takes({ ...ticked, proof: { [key]: { ...tick, lines: [] } } })]).toEqual([true, false]);
});
