import { tickRows, proofRows } from '@/core/wording';
import { aRun } from '@/core/test';
import { proofHeading, stoppedLast } from './proof-list';

test('what cannot be cut stands after the others, ticked or not', () => {
  const run = aRun(['Ann', 'Bo', 'Cy']);
  const rows = proofRows(tickRows(run, proofRows(run).slice(0, 2), 'Marit', '2026-06-01T08:00:00Z'));
  const stopped = new Map([[rows[0]!.key, 'why']]);
  const names = (shown: ReturnType<typeof stoppedLast>) => shown.map(({ entry }) => entry.fields.text);
  expect(names(stoppedLast(rows, stopped, false))).toEqual(['Bo', 'Cy', 'Ann']);
  expect(names(stoppedLast(rows, stopped, true))).toEqual(['Cy', 'Ann']);
  expect(names(stoppedLast(rows, new Map(), true))).toEqual(['Cy']);
  expect(stoppedLast(rows, new Map(), false)).toBe(rows);
});

test('the heading counts what can be ticked, and tells the rest', () => {
  const counts = { numTexts: 12, numOpen: 4, numChanged: 0, numStopped: 0 };
  expect(proofHeading(counts)).toBe('4 of 12 texts to be ticked');
  expect(proofHeading({ ...counts, numChanged: 1, numStopped: 2 })).toBe(
    '4 of 10 texts to be ticked, 1 changed since, 2 cannot be cut yet',
  );
  expect(proofHeading({ ...counts, numOpen: 0, numStopped: 2 })).toBe('All 10 texts are ticked, 2 cannot be cut yet');
});
