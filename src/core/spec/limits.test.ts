import { STARTER_MOTIFS } from '../motifs';
import { changeLayout, takeMotif } from '../edit';
import { aRun, seededBytes } from '../test';
import { edgeOf, liesOver, runSpecSchema } from '.';

test('film is left clear at an edge as the run wants it, or as far as the bed cannot reach', () => {
  expect(edgeOf({ edgeMm: 0 }, {})).toBe(0);
  expect(edgeOf({ edgeMm: 5 }, { marginMm: 3 })).toBe(5);
  expect(edgeOf({ edgeMm: 5 }, { marginMm: 8 })).toBe(8);
  expect(runSpecSchema.safeParse(changeLayout(aRun(['Bo']), { edgeMm: 0, spacingMm: 0 })).success).toBe(true);
  expect(runSpecSchema.safeParse(changeLayout(aRun(['Bo']), { edgeMm: -1 })).success).toBe(false);
});

test('a motif has at least one part that is cut, and one is enough', () => {
  const lyre = STARTER_MOTIFS.find(({ value }) => value.parts.length === 1)!;
  const run = takeMotif(aRun(['Bo']), null, lyre, seededBytes(2));
  expect(run.uses[0]!.places[0]!.motif!.layers).toHaveLength(1);
  expect(runSpecSchema.safeParse(run).success).toBe(true);
  const uses = run.uses.map((use) => ({
    ...use,
    places: use.places.map((place) => ({ ...place, motif: { ...place.motif!, layers: [] } })),
  }));
  expect(runSpecSchema.safeParse({ ...run, uses }).success).toBe(false);
});

test('all but letters, and motifs beside them, lie over what is below', () => {
  const motif = (isBehind: boolean) => liesOver({ make: { kind: 'motif', part: 0, isBehind } });
  const border = { kind: 'border', distance: { by: 'mm', mm: 1 }, fillsUnderMm: 0 } as const;
  expect([liesOver({ make: { kind: 'text' } }), liesOver({ make: border })]).toEqual([false, true]);
  expect([motif(true), motif(false)]).toEqual([true, false]);
});
