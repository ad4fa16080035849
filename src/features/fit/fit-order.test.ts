import type { ScreenFit } from '@/workers/fit-protocol';
import { ordered } from './fit-order';

const fit = (name: string, capHeightMm: number, ...severities: ('stop' | 'check' | 'note')[]) =>
  ({ text: [name], capHeightMm, findings: severities.map((severity) => ({ severity })) }) as unknown as ScreenFit;

const FITS = [
  fit('tall', 40),
  fit('noted', 30, 'note'),
  fit('checked', 35, 'check'),
  fit('small', 20),
  fit('stopped', 38, 'note', 'stop'),
];
const names = (fits: readonly ScreenFit[]) => fits.map(({ text }) => text[0]);

test('what needs a decision comes first, then the smallest letters; a note changes nothing', () => {
  expect(names(ordered(FITS, 'risk'))).toEqual(['stopped', 'checked', 'small', 'noted', 'tall']);
});

test('roster order is left alone, and nothing is changed in place', () => {
  expect(ordered(FITS, 'roster')).toBe(FITS);
  expect(names(FITS)[0]).toBe('tall');
});
