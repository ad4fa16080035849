import { STARTER_MOTIFS } from '../motifs';
import { changeLayout, takeMotif } from '../edit';
import { aRun, seededBytes } from '../test';
import { edgeOf, liesOn, liesOver, runSpecSchema } from '.';

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

test('an entry may be of no piece, and a film may be named by one letter', () => {
  const run = aRun(['Bo']);
  const of = (quantity: number) =>
    runSpecSchema.safeParse({ ...run, entries: run.entries.map((entry) => ({ ...entry, quantity })) }).success;
  expect([-1, 0, 10_000, 10_001].map(of)).toEqual([false, true, true, false]);
  const named = (value: string) => {
    const films = { main: { field: 'film', named: [{ value, materialId: 'film-gold' }] } };
    const uses = run.uses.map((use) => ({ ...use, places: use.places.map((place) => ({ ...place, films })) }));
    return runSpecSchema.safeParse({ ...run, uses }).success;
  };
  expect([named(''), named('g')]).toEqual([false, true]);
});

test('what lies on what: an inside on letters, all but other motifs on one that lies behind, all else on all else', () => {
  const border = { kind: 'border', distance: { by: 'mm', mm: 1 }, fillsUnderMm: 0 } as const;
  const inside = { kind: 'inside', distance: { by: 'mm', mm: 1 }, lineMm: null } as const;
  const motif = (isBehind: boolean) => ({ kind: 'motif', part: 0, isBehind }) as const;
  const text = { kind: 'text' } as const;
  expect([inside, border, text, motif(true)].map((upper) => liesOn(upper, text))).toEqual([true, false, false, false]);
  expect([text, border, motif(true)].map((upper) => liesOn(upper, motif(true)))).toEqual([true, true, false]);
  expect([text, border].map((upper) => liesOn(upper, motif(false)))).toEqual([false, false]);
  expect([text, border, motif(false)].map((upper) => liesOn(upper, border))).toEqual([true, true, true]);
});

test('a motif may be from 1 mm to 2 m tall', () => {
  const lyre = STARTER_MOTIFS.find(({ value }) => value.parts.length === 1)!;
  const run = takeMotif(aRun(['Bo']), null, lyre, seededBytes(2));
  const tall = (heightMm: number) =>
    runSpecSchema.safeParse({
      ...run,
      uses: run.uses.map((use) => ({
        ...use,
        places: use.places.map((place) => ({ ...place, motif: { ...place.motif!, heightMm } })),
      })),
    }).success;
  expect([0.9, 1, 2000, 2001].map(tall)).toEqual([false, true, true, false]);
});
