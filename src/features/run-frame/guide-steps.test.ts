import { GUIDE } from './guide-steps';
import { STEP_HELP } from './step-help';

test('it has six stops, each at a step that there is', () => {
  expect(GUIDE.map(({ path }) => STEP_HELP[path] !== undefined)).toEqual(Array.from({ length: 6 }, () => true));
});
