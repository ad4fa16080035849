import { aRun } from '@/core/test';
import { firstStep, firstTexts } from './first-look';

test('the first names of a list are told once each, and no longer than a sample takes', () => {
  const lines = ['', ' Bo ', 'Ann', 'Bo', 'x'.repeat(80), 'Una'].map((text) => ({ text })) as never;
  expect(firstTexts({ lines })).toEqual(['Bo', 'Ann', 'x'.repeat(60)]);
  expect(firstTexts({ lines: [] })).toEqual([]);
});

test('a run is looked at where its list asks something, else as it will be cut', () => {
  expect(firstStep(aRun(['Ann', 'Bo']))).toBe('fit');
  // A look-alike letter, and a name that stands twice.
  expect(firstStep(aRun(['Аnn', 'Bo']))).toBe('roster');
  expect(firstStep(aRun(['Ann', 'Ann']))).toBe('roster');
});
