import { changeField } from '../roster';
import { changeUse } from '.';
import { MOST_CLASSES, runSpecSchema } from '../spec';
import { aRun, withRule } from '../test';
import { type ClassRule, firstClassRule, heightToChoose, mayChooseHeight, sizeClasses, withClassHeight } from '.';

const rule: ClassRule = { kind: 'classes', field: 'age', heights: [{ value: 'CHILD', heightMm: 9 }] };

test('classes are what the list says, the most frequent first, each with the height that was chosen', () => {
  const spec = ['child', 'adult', 'Child', ''].reduce(
    (now, value, i) => changeField(now, now.entries[i]!.id, 'age', value),
    aRun(['Ann', 'Bo', 'Cy', 'Di']),
  );
  expect(sizeClasses(spec, rule)).toEqual([
    { value: 'child', numEntries: 2, heightMm: 9 },
    { value: '', numEntries: 1, heightMm: null },
    { value: 'adult', numEntries: 1, heightMm: null },
  ]);
});

test('as many heights are chosen as a run takes: those that there are may still be changed and taken back', () => {
  let many = rule;
  for (let i = 0; i < MOST_CLASSES + 5; i++) many = withClassHeight(many, `class ${i}`, 5 + i);
  expect(many.heights).toHaveLength(MOST_CLASSES);
  expect(many.heights[0]).toEqual({ value: 'CHILD', heightMm: 9 });
  expect(runSpecSchema.safeParse(withRule(aRun(['Ann']), many)).success).toBe(true);
  expect([mayChooseHeight(many, 'child'), mayChooseHeight(many, 'another')]).toEqual([true, false]);
  expect(withClassHeight(many, 'child', 12).heights.at(-1)).toEqual({ value: 'child', heightMm: 12 });
  const fewer = withClassHeight(many, 'child', null);
  expect(fewer.heights).toHaveLength(MOST_CLASSES - 1);
  expect(mayChooseHeight(fewer, 'another')).toBe(true);
});

test('classes begin with the column by which blanks are sized, else with the first; without one there are none', () => {
  const spec = aRun(['Ann']);
  expect(firstClassRule(spec, ['age', 'size'])?.field).toBe('age');
  expect(firstClassRule(spec, [])).toBeNull();
  const sized = changeUse(spec, spec.uses[0]!.id, (use) => ({
    ...use,
    variant: { kind: 'byColumn', sizeField: 'size', colourField: null },
  }));
  expect(firstClassRule(sized, ['age', 'size'])).toEqual({ kind: 'classes', field: 'size', heights: [] });
});

test('a height begins below what there is, in halves, and is never none', () => {
  expect([12.74, 12.49, 0.7, 0.2].map(heightToChoose)).toEqual([12.5, 12, 0.5, 0.5]);
});
