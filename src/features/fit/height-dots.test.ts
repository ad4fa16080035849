import type { ScreenFit } from '@/workers/fit-protocol';
import { DOT_LOOKS, hasLook, heightDots, reachOf } from './height-dots';

const aFit = (itemId: string, capHeightMm: number, severities: readonly string[] = []) =>
  ({
    itemId,
    placeId: 'p',
    text: [itemId, 'Quill'],
    capHeightMm,
    findings: severities.map((severity) => ({ kind: 'any', severity })),
  }) as unknown as ScreenFit;
const none = new Set<string>();

test('a dot stands at its height, with the worst that is said of it, its name and whether it is chosen', () => {
  const fits = [
    aFit('a', 12),
    aFit('b', 20.5, ['note', 'check']),
    aFit('c', 31, ['check', 'stop']),
    aFit('d', 40, ['note']),
  ];
  const [a, b, c, d] = heightDots(fits, new Set([keyOf(fits[1]!)]), new Set([keyOf(fits[2]!)]));
  expect([a, b, c, d].map((dot) => [dot!.mm, dot!.level, dot!.tone])).toEqual([
    [12, 0, 'fine'],
    [20.5, 0, 'check'],
    [31, 0, 'stop'],
    [40, 0, 'fine'],
  ]);
  expect([a, b, c, d].map((dot) => [dot!.isChosen, dot!.isNamed])).toEqual([
    [false, false],
    [true, false],
    [false, true],
    [false, false],
  ]);
  expect(a!.text).toBe('a Quill');
  expect(heightDots([], none, none)).toEqual([]);
});

test('dots that would cover each other are stacked, at most fifteen high', () => {
  const same = Array.from({ length: 20 }, (_, i) => aFit(`s${i}`, 10));
  const stacked = heightDots([...same, aFit('far', 55)], none, none);
  expect(stacked.map(({ level }) => level)).toEqual([...Array(15).keys(), 0]);
  // One forty-fifth of 45 mm is a column.
  expect(heightDots([aFit('x', 10), aFit('y', 10.4), aFit('z', 11.6), aFit('far', 55)], none, none)).toMatchObject([
    { level: 0 },
    { level: 1 },
    { level: 0 },
    { level: 0 },
  ]);
  // Without a span a fifth of a millimetre is.
  expect(heightDots([aFit('x', 10), aFit('y', 10.25)], none, none).map(({ level }) => level)).toEqual([0, 0]);
});

test('every dot has one look', () => {
  const fits = [aFit('a', 1), aFit('b', 2, ['check']), aFit('c', 3, ['stop']), aFit('d', 4, ['stop'])];
  for (const dot of heightDots(fits, new Set([keyOf(fits[0]!), keyOf(fits[3]!)]), none)) {
    const [look, ...more] = DOT_LOOKS.filter((one) => hasLook(one)(dot));
    expect(look).toEqual({ tone: dot.tone, isChosen: dot.isChosen });
    expect(more).toEqual([]);
  }
});

test('the strip reaches over all dots and the least height with a millimetre of room, and is at least eight high', () => {
  const dots = heightDots([aFit('a', 12.3), aFit('b', 20.2)], none, none);
  expect(reachOf(dots, 15)).toEqual({ low: 11, high: 22, levels: 8 });
  expect(reachOf(dots, 8)).toEqual({ low: 7, high: 22, levels: 8 });
  expect(reachOf(dots, 30.5)).toEqual({ low: 11, high: 32, levels: 8 });
  const high = heightDots(
    Array.from({ length: 12 }, (_, i) => aFit(`s${i}`, 10)),
    none,
    none,
  );
  expect(reachOf(high, 10).levels).toBe(12);
});

function keyOf(fit: ScreenFit): string {
  return heightDots([fit], none, none)[0]!.key;
}
