import { STARTER_BLANKS, changeRunBlank, replaceBlank } from '@/core/blanks';
import { changeHead, changePlace, mainPlace } from '@/core/edit';
import { aRect, aRun } from '@/core/test';
import { SpecHistory } from './spec-history';

const widened = (spec: ReturnType<typeof aRun>, widthMm: number) =>
  changePlace(spec, null, (place) => ({ ...place, outline: aRect(widthMm, 52) }));

test('figures typed one after the other are one step, a pause makes two', () => {
  const history = new SpecHistory();
  const a = aRun(['Ann']);
  const b = widened(a, 1);
  const c = widened(b, 15);
  history.add(a, b, 0);
  history.add(b, c, 300);
  expect(history.undo(c)).toEqual(a);
  expect(history.canUndo).toBe(false);
  history.add(a, b, 10_000);
  history.add(b, c, 12_000);
  expect(mainPlace(history.undo(c)!).measured.outline).toEqual(aRect(1, 52));
});

test('another blank and a size renamed right after it are two steps', () => {
  const history = new SpecHistory();
  const start = aRun(['Ann']);
  const socks = replaceBlank(
    start,
    start.uses[0]!.id,
    STARTER_BLANKS.find(({ id }) => id === 'socks')!,
  );
  const renamed = changeRunBlank(socks, 'socks', (blank) => ({
    ...blank,
    variants: blank.variants.map((one, i) => (i === 0 ? { ...one, size: '4XL' } : one)),
  }));
  const titled = changeHead({ ...renamed, dueOn: '2026-10-01' }, { title: 'Socks' });
  history.add(start, socks, 0);
  history.add(socks, renamed, 200);
  history.add(renamed, titled, 400);
  const once = history.undo(titled)!;
  expect(mainPlace(once).variant.size).toBe('4XL');
  const twice = history.undo(once)!;
  expect([mainPlace(twice).variant.size, mainPlace(twice).blank.name]).toEqual(['S', 'Socks, a pair']);
  expect(mainPlace(history.undo(twice)!).blank.name).toBe('Garment bag');
});
