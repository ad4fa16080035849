import fc from 'fast-check';
import type { Finding } from '../finding';
import { findingSentence, findingWords } from './finding-sentence';

const off = (acrossMm: number, downMm: number): Finding => ({
  kind: 'offMiddle',
  severity: 'check',
  acrossMm,
  downMm,
  smallerPct: 31.4,
  isMore: false,
});

test('how far ink lies off the middle is told by the sides on which a reader finds it', () => {
  expect(findingSentence(off(3.14, 12))).toBe(
    'lies 3.1 mm right of and 12.0 mm below the middle of its place; in the middle it would be 31 % smaller',
  );
  expect(findingSentence({ ...off(0, 5), smallerPct: 20, isMore: true } as Finding)).toMatch(
    /in the middle it would be more than 20 % smaller$/,
  );
  expect(findingWords(off(-3.14, 0))).toBe('3.1 mm left of the middle');
  expect(findingWords(off(0.04, -7.26))).toBe('7.3 mm above the middle');
  fc.assert(
    fc.property(fc.integer({ min: -400, max: 400 }), fc.integer({ min: -400, max: 400 }), (across, down) => {
      const words = findingWords(off(across / 10, down / 10));
      expect(words.includes('right of')).toBe(across >= 1);
      expect(words.includes('left of')).toBe(across <= -1);
      expect(words.includes('below')).toBe(down >= 1);
      expect(words.includes('above')).toBe(down <= -1);
    }),
  );
});

test('what could be larger says by how much, and what to do for it', () => {
  const middle: Finding = { kind: 'largerOffMiddle', severity: 'note', largerPct: 6.6, offMm: 8.25 };
  expect(findingSentence(middle)).toBe('off the middle of its place by 8.3 mm it could be 7 % larger');
  expect(findingWords(middle)).toBe('7 % larger off the middle');
  const loop: Finding = { kind: 'loopClosed', severity: 'note', zone: 'button', costMm: 2, largerPct: 17.2 };
  expect(findingSentence(loop)).toBe(
    'with “button” in the loop of a letter it could be 17 % larger: let it lie there on Blank',
  );
  expect(findingWords(loop)).toBe('17 % larger around “button”');
});
