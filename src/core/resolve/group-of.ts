import { type Entry, type RunSpec, fieldOf, findSizeGroup } from '../spec';
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

const BETWEEN = '/';

/** The set of one class of a group, by which its size is told. */
export function classGroupId(groupId: string, value: string): string {
  return `${groupId}${BETWEEN}${wordKey(value)}`;
}

/** Which class a set is of, in small letters; null where its group is not sized by class. No id of a group has what stands between. */
export function classOfSet(setId: string): string | null {
  const at = setId.indexOf(BETWEEN);
  return at < 0 ? null : setId.slice(at + BETWEEN.length);
}
