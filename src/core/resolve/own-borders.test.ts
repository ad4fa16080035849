import { setOverrides } from '../edit';
import type { RunSpec } from '../spec';
import { aBorder, aRun, seededBytes, withBorders } from '../test';
import { resolveSlots } from '.';

const distancesOf = (spec: RunSpec) =>
  resolveSlots(spec).map(({ layers }) => layers.flatMap(({ make }) => (make.kind === 'border' ? [make.distance] : [])));

test('a border is as wide as its lettering says, and of a text whose border is narrowed at that share of it', () => {
  for (const [distance, narrowed] of [
    [
      { by: 'mm', mm: 4 },
      { by: 'mm', mm: 3 },
    ],
    [
      { by: 'height', share: 0.2 },
      { by: 'height', share: 0.15 },
    ],
  ] as const) {
    const spec = withBorders(aRun(['Ann', 'Bo']), { ...aBorder(4), distance });
    expect(distancesOf(spec)).toEqual([[distance], [distance]]);
    const { ref } = resolveSlots(spec)[1]!;
    const [first, second] = distancesOf(setOverrides(spec, [ref], { kind: 'border', share: 0.75 }, seededBytes(6)));
    expect(first).toEqual([distance]);
    const own = second![0]!;
    expect(own.by).toBe(narrowed.by);
    expect(own.by === 'mm' ? own.mm : own.share).toBeCloseTo('mm' in narrowed ? narrowed.mm : narrowed.share, 9);
  }
});
