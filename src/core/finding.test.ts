import { type Finding, hasStop, worstSeverity } from './finding';

const note: Finding = { kind: 'extenderCosts', severity: 'note', costMm: 1 };
const check: Finding = { kind: 'belowSet', severity: 'check', capHeightMm: 1, setMm: 2 };
const stop: Finding = { kind: 'nothingToDraw', severity: 'stop' };

test('the worst of several counts, in any order', () => {
  expect(worstSeverity([])).toBeNull();
  expect(worstSeverity([note])).toBe('note');
  expect(worstSeverity([note, check])).toBe('check');
  expect(worstSeverity([stop, check, note])).toBe('stop');
  expect([hasStop([check, note]), hasStop([note, stop])]).toEqual([false, true]);
});
