import type { ItemStage } from '@/core/ledger';
import type { Process } from '@/core/shop';
import { dueWords } from './due-words';
import { findingSentence } from '@/core/sentences';
import { facetOf } from './stage-words';

test('the day it is due, from every side of it', () => {
  const due = (day: string) => dueWords(day, '2026-06-10');
  expect(due('2026-06-27')).toBe('due Saturday 27 June, in 17 days');
  expect(due('2026-06-11')).toBe('due tomorrow, Thursday 11 June');
  expect(due('2026-06-10')).toBe('due today, Wednesday 10 June');
  expect(due('2026-06-09')).toBe('was due Tuesday 9 June, 1 day ago');
  expect(due('2026-06-07')).toBe('was due Sunday 7 June, 3 days ago');
  // A Wednesday: Sunday belongs to this week or begins the next.
  expect(
    [due('2026-06-13'), due('2026-06-14'), due('2026-06-15'), due('2026-06-22')].map((one) => one.split(', ')[2]),
  ).toEqual(['this week', 'this week', 'next week', undefined]);
  const from = (firstDay: 'sunday' | 'saturday') => dueWords('2026-06-14', '2026-06-10', firstDay).split(', ')[2];
  expect([from('sunday'), from('saturday')]).toEqual(['next week', 'next week']);
  expect(dueWords(null, '2026-06-10')).toBe('no day set');
});

test('a finding that stops says what to do, with the unit', () => {
  expect(findingSentence({ kind: 'tooSmall', severity: 'stop', capHeightMm: 7.25, leastMm: 12 })).toMatch(
    /7\.3 mm.*12\.0 mm: shorten/,
  );
  // What cannot be seen is named by its number.
  expect(
    findingSentence({
      kind: 'characterMissing',
      severity: 'stop',
      characters: ['\u0000', '\u200f', '\u0301', 'Ж'],
      coveredBy: [],
    }),
  ).toMatch(/^U\+0000 U\+200F U\+0301 Ж missing/);
  expect(
    findingSentence({ kind: 'characterMissing', severity: 'stop', characters: ['漢', '字'], coveredBy: [] }),
  ).toMatch(/^漢 字 missing.*change/);
});

const item = (stage: ItemStage, process: Process, spoiledFor: string | null = null) =>
  facetOf({ stage, pieces: [{ process, spoiledFor, stage: null }] as never });

test('the facet fills with the stages and speaks the words of the material', () => {
  expect(item('open', 'film')).toEqual({ filled: 0, isPacked: false, isSpoiled: false, label: 'not cut yet' });
  expect(item('bonded', 'film')).toMatchObject({ filled: 3, label: 'pressed' });
  expect(item('bonded', 'adhesiveFilm').label).toBe('applied');
  expect(item('bonded', 'card').label).toBe('glued');
  expect(item('packed', 'film')).toMatchObject({ filled: 4, isPacked: true });
  expect(item('open', 'film', 'crooked')).toMatchObject({ isSpoiled: true, label: 'not cut yet, cut again: crooked' });
});
