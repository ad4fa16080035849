import { GUIDE_LEFT, guideAt, guideWord } from './guide-kept';

test('a guide goes on where it was, on the run that it is of', () => {
  expect([guideAt(guideWord('arun', 0), 'arun', 6), guideAt(guideWord('arun', 5), 'arun', 6)]).toEqual([0, 5]);
  expect([
    guideAt(guideWord('arun', 2), 'another', 6),
    guideAt(guideWord('arun', 6), 'arun', 6),
    guideAt('arun', 'arun', 6),
    guideAt('arun -1', 'arun', 6),
    guideAt('arun 1.5', 'arun', 6),
    guideAt(GUIDE_LEFT, 'arun', 6),
    guideAt('', '', 6),
  ]).toEqual([null, null, null, null, null, null, null]);
});
