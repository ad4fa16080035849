import { entriesFromList, parseList } from '../roster';
import type { RunSpec, SizeRule } from '../spec';
import { changePlace, changePlaceUse, changeRule, newRunSpec } from '../edit';
import { seededBytes } from './seeded-bytes';

/** A run with every default and one entry per text. */
export function aRun(texts: readonly string[], title = 'Test run'): RunSpec {
  const random = seededBytes(7);
  const lines = parseList(texts.join('\n'), 'lines');
  return newRunSpec(
    { title, dueOn: null, entries: lines.ok ? entriesFromList(lines.value.lines, random) : [] },
    random,
  );
}

export function withRule(spec: RunSpec, rule: SizeRule): RunSpec {
  return changeRule(spec, null, rule);
}

/** The run's place with other measures; its lettering switched when named. */
export function withPlace(spec: RunSpec, widthMm: number, heightMm: number, letteringId?: string): RunSpec {
  const measured = changePlace(spec, null, (place) => ({ ...place, outline: { kind: 'rect', widthMm, heightMm } }));
  return letteringId === undefined ? measured : changePlaceUse(measured, null, (place) => ({ ...place, letteringId }));
}
