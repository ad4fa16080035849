import { STEP_HELP } from './step-help';

const STEPS = ['roster', 'wording', 'blank', 'fit', 'proof', 'prepare', 'sheets', 'bench'];

test('each step on the tape says what is decided there, and each of its words means something once', () => {
  expect(Object.keys(STEP_HELP)).toEqual(STEPS);
  for (const { decides, words } of Object.values(STEP_HELP)) {
    expect(decides).toMatch(/^[A-Z].*\.$/);
    expect(new Set(words.map(([word]) => word)).size).toBe(words.length);
    for (const [word, meaning] of words) expect([word, meaning.length > 10]).toEqual([word, true]);
  }
});
