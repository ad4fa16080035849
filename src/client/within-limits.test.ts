import { aRun } from '@/core/test';
import { withinLimits } from './within-limits';

test('a change that makes a run too large is left as it was, and why is told; the next one is made and clears it', () => {
  const told: (string | null)[] = [];
  const spec = aRun(['Ottoline', 'Bo']);
  const large = withinLimits(
    (before) => ({
      ...before,
      entries: before.entries.map((entry) => ({ ...entry, quantity: 10_000 })),
      uses: before.uses.map((use) => ({ ...use, each: 100 })),
    }),
    (why) => told.push(why),
  );
  expect(large(spec)).toBe(spec);
  expect(told[0]).toContain('2,000,000 items');
  const title = withinLimits(
    (before) => ({ ...before, title: 'Another' }),
    (why) => told.push(why),
  );
  expect(title(spec).title).toBe('Another');
  expect(told[1]).toBeNull();
});
