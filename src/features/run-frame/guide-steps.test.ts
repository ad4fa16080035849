import { GUIDE, GUIDE_LEFT, guideAt, guideWord } from './guide-steps';
import { STEP_HELP } from './step-help';

test('a guide goes on where it was, on the run that it is of', () => {
  expect([guideAt(guideWord('arun', 0), 'arun'), guideAt(guideWord('arun', 5), 'arun')]).toEqual([0, 5]);
  expect([
    guideAt(guideWord('arun', 2), 'another'),
    guideAt(guideWord('arun', 6), 'arun'),
    guideAt('arun', 'arun'),
    guideAt(GUIDE_LEFT, 'arun'),
    guideAt('', ''),
  ]).toEqual([null, null, null, null, null]);
});

test('it has six stops, each at a step that there is', () => {
  expect(GUIDE.map(({ path }) => STEP_HELP[path] !== undefined)).toEqual(Array.from({ length: 6 }, () => true));
});
