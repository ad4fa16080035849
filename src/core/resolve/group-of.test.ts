import { changeRule } from '../edit';
import type { RunSpec, SizeRule } from '../spec';
import { aRun } from '../test';
import { classGroupId, classOfSets, resolveSlots } from '.';

const BY_CLASS: SizeRule = {
  kind: 'classes',
  field: 'class',
  heights: [{ value: 'Adult', heightMm: 14 }],
} as SizeRule;
const classed = (rule: SizeRule, classes: readonly (string | undefined)[]): RunSpec => {
  const run = aRun(classes.map((_, i) => `Ab${'cdefg'[i]}`));
  const entries = run.entries.map((entry, i) => ({
    ...entry,
    fields: { ...entry.fields, ...(classes[i] === undefined ? {} : { class: classes[i] }) },
  }));
  return changeRule({ ...run, entries }, null, rule);
};

test('a group by class is a level set a class, however a class is written', () => {
  const slots = resolveSlots(classed(BY_CLASS, ['adult', 'ADULT ', 'child', undefined, '']));
  const ids = slots.map(({ group }) => group.id);
  const [groupId] = ids[0]!.split('/');
  expect(ids).toEqual(['Adult', 'adult', 'Child', '', ''].map((value) => classGroupId(groupId!, value)));
  expect(slots.map(({ group: { rule } }) => rule)).toEqual(
    [14, 14, null, null, null].map((heightMm) => ({ kind: 'level', heightMm })),
  );
});

test('a group that goes by no class keeps its name and its rule', () => {
  const [slot] = resolveSlots(classed({ kind: 'banded', ratio: 1.4 }, ['adult']));
  expect(slot!.group.rule).toEqual({ kind: 'banded', ratio: 1.4 });
  expect(slot!.group.id).toBe(aRun(['Ann']).sizeGroups[0]!.id);
});

test('each set tells its class as the list says it; without classes there is none to tell', () => {
  const spec = classed(BY_CLASS, ['Room 10', 'room 10', 'Room 2', '']);
  const classes = classOfSets(spec, spec.sizeGroups[0]!);
  expect(resolveSlots(spec).map(({ group }) => classes.get(group.id))).toEqual(['Room 10', 'Room 10', 'Room 2', '']);
  const level = classed({ kind: 'level', heightMm: null }, ['Room 10']);
  expect(classOfSets(level, level.sizeGroups[0]!).size).toBe(0);
});
