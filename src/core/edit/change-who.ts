import { wordKey } from '../shop';
import { type BlankUse, type RunSpec, columnValues, getsBlank } from '../spec';
import { changeUse } from './change-place';

export type Who = BlankUse['who'];

/** Another kind of rule for a use: by a column it begins with all that the column says, by choice with whom it had. */
export function changeWho(spec: RunSpec, useId: string, to: { kind: Who['kind']; field?: string }): RunSpec {
  return changeUse(spec, useId, (use) => ({ ...use, who: startOf(spec, use, to) }));
}

function startOf(spec: RunSpec, use: BlankUse, { kind, field = '' }: { kind: Who['kind']; field?: string }): Who {
  switch (kind) {
    case 'all':
      return { kind };
    case 'byColumn':
      return { kind, field, values: columnValues(spec, field).map(({ value }) => value) };
    case 'chosen':
      return { kind, entryIds: takersOf(spec, use) };
  }
}

/** A value of the column is taken by the use, or is not any more. */
export function toggleValue(spec: RunSpec, useId: string, value: string): RunSpec {
  return changeUse(spec, useId, (use) => {
    const { who } = use;
    if (who.kind !== 'byColumn') return use;
    const others = who.values.filter((one) => wordKey(one) !== wordKey(value));
    const values = others.length < who.values.length ? others : [...who.values, value];
    return { ...use, who: { ...who, values } };
  });
}

/** One person gets the blank, or does not any more: from then on it is for those who were chosen. */
export function toggleTaker(spec: RunSpec, useId: string, entryId: string): RunSpec {
  return changeUse(spec, useId, (use) => {
    const takers = takersOf(spec, use);
    const others = takers.filter((id) => id !== entryId);
    const entryIds = others.length < takers.length ? others : [...takers, entryId as (typeof takers)[number]];
    return { ...use, who: { kind: 'chosen', entryIds } };
  });
}

/** Who gets it now, also those who are withdrawn for a while. */
function takersOf({ entries }: RunSpec, use: BlankUse) {
  return entries.filter((entry) => getsBlank(use, entry)).map(({ id }) => id);
}
