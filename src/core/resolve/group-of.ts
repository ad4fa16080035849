import { type Entry, type RunSpec, type SizeGroup, columnValues, fieldOf, findSizeGroup } from '../spec';
import { wordKey } from '../shop';
import type { SlotGroup } from './slot';

/** What an entry is sized with. A group that is sized by class falls into one level set a class; values that differ in case alone are one. */
export function groupOf(spec: RunSpec, sizeGroupId: string, { fields }: Pick<Entry, 'fields'>): SlotGroup {
  const { rule, ...group } = findSizeGroup(spec, sizeGroupId);
  if (rule.kind !== 'classes') return { ...group, rule };
  const key = wordKey(fieldOf(fields, rule.field) ?? '');
  const heightMm = rule.heights.find(({ value }) => wordKey(value) === key)?.heightMm ?? null;
  return { ...group, id: classGroupId(group.id, key), rule: { kind: 'level', heightMm } };
}

/** The set of one class of a group, by which its size is told. */
export function classGroupId(groupId: string, value: string): string {
  return `${groupId}/${wordKey(value)}`;
}

/** By the set that a text is sized with, its class as the list says it; none where the group goes by no class. */
export function classOfSets(
  spec: Pick<RunSpec, 'entries'>,
  { id, rule }: Pick<SizeGroup, 'id' | 'rule'>,
): ReadonlyMap<string, string> {
  const classes = rule.kind === 'classes' ? columnValues(spec, rule.field) : [];
  return new Map(classes.map(({ value }) => [classGroupId(id, value), value]));
}
