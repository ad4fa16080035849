import fc from 'fast-check';
import { type Finding, findingKey, hasStop, mayLetStand, saidBy, worstSeverity } from './finding';

const note: Finding = { kind: 'extenderCosts', severity: 'note', costMm: 1 };
const check: Finding = { kind: 'belowSet', severity: 'check', capHeightMm: 1, setMm: 2 };
const stop: Finding = { kind: 'nothingToDraw', severity: 'stop' };
const thin = (widthMm: number, at?: Finding['at']): Finding => ({
  kind: 'thinStroke',
  severity: 'check',
  widthMm,
  leastMm: 1,
  passesAtMm: null,
  ...(at ? { at } : {}),
});

test('the worst of several counts, in any order', () => {
  expect(worstSeverity([])).toBeNull();
  expect(worstSeverity([note])).toBe('note');
  expect(worstSeverity([note, check])).toBe('check');
  expect(worstSeverity([stop, check, note])).toBe('stop');
  expect([hasStop([check, note]), hasStop([note, stop])]).toEqual([false, true]);
});

test('what was let stand is the same within 0.1 mm, and says something else beyond it', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 500 }),
      fc.double({ min: -0.049, max: 0.049, noNaN: true }),
      (tenths, hair) => {
        const said = saidBy(thin(tenths / 10));
        expect(saidBy(thin(tenths / 10 + hair))).toBe(said);
        expect(saidBy(thin(tenths / 10 + 0.1))).not.toBe(said);
        expect(saidBy(thin(tenths / 10 - 0.1))).not.toBe(said);
      },
    ),
  );
});

test('of which part a finding speaks is in its key, and not in what it says', () => {
  const [whole, ...parts] = [
    thin(1),
    thin(1, { layerId: 'a' }),
    thin(1, { layerId: 'b' }),
    thin(1, { line: 0, run: 1 }),
  ];
  for (const part of parts) expect(saidBy(part)).toBe(saidBy(whole!));
  expect(new Set([whole!, ...parts].map(findingKey)).size).toBe(4);
});

test('checks may be let stand and of the stops only those with which something can be made', () => {
  const small: Finding = { kind: 'tooSmall', severity: 'stop', capHeightMm: 3, leastMm: 4 };
  expect([note, check, stop, small].map(mayLetStand)).toEqual([false, true, false, true]);
});
