import type { FitsState, Lengths, Work } from '@/client';
import { changePlaceUse } from '@/core/edit';
import { type RunSpec, wordingOf } from '@/core/spec';
import { aRun, shirtRun, starterBlank } from '@/core/test';
import { replaceBlank } from '@/core/blanks';
import { fitTick, tapeSteps } from './tape-steps';

const layer = (measures: object | null) => ({ measures, part: { widthMm: 1, heightMm: 1 } });
const fit = (entryId: string, part: { isWaiting?: boolean; asks?: boolean } = {}) =>
  ({
    entryId,
    emMm: 10,
    layers: [layer(part.isWaiting ? null : {})],
    findings: part.asks ? [{ kind: 'tooWide', severity: 'stop' }] : [],
  }) as never;

test('decisions are counted in entries once all is measured', () => {
  expect(fitTick([fit('a', { asks: true }), fit('a', { asks: true }), fit('b')], false, null)).toEqual({
    tick: '1 to decide',
    isOpen: true,
    title: '1 to decide',
  });
  expect(fitTick([fit('a')], false, 5)).toEqual({ tick: 'all fit', isOpen: false, title: 'all fit' });
});

test('while it measures the last settled number stays, with how many entries are to be measured', () => {
  const fits = [fit('a', { asks: true }), fit('b', { isWaiting: true }), fit('b', { isWaiting: true })];
  expect(fitTick(fits, false, 4)).toEqual({ tick: '4, measuring 1', isOpen: true, title: '4 to decide; measuring 1' });
  expect(fitTick(fits, false, 0)).toMatchObject({ isOpen: false, title: 'all fit; measuring 1' });
  // Nothing was ever settled, or nothing is even laid.
  expect(fitTick(fits, false, null)).toEqual({ tick: 'measuring 1', isOpen: false, title: 'measuring 1' });
  expect(fitTick([], true, null).tick).toBe('measuring…');
  expect(fitTick([], true, 3).tick).toBe('3, measuring…');
});

const SPEC = aRun(['Odile', 'Benno', 'Xanthe']);
const ids = SPEC.entries.map(({ id }) => id);
const item = (entryId: string, stage: string) => ({ entryId, itemId: `${entryId}-x-1`, stage, pieces: [] });

function stepsWith(part: { items?: readonly object[]; total?: number; numQuestions?: number | null; spec?: RunSpec }) {
  const items = part.items ?? [];
  const bench = {
    tally: { items: part.total ?? items.length, packed: 1 },
    items,
    marks: { passes: 2 },
  } as unknown as Work['bench'];
  const steps = tapeSteps(
    {
      runId: 'arun',
      spec: part.spec ?? SPEC,
      fits: { kind: 'done', last: { fits: [], setSizes: {} } } as unknown as FitsState,
      work: { bench },
      settled: null,
      numQuestions: part.numQuestions ?? null,
    },
    { pair: (w: number, h: number) => `${w} x ${h}` } as unknown as Lengths,
  );
  return new Map(steps.map((step) => [step.name, step]));
}

test('questions of the list are counted on Roster, and told before anything else there', () => {
  expect(stepsWith({}).get('Roster')).toMatchObject({ tick: '3 entries', isOpen: false, href: '/runs/arun/roster' });
  expect(stepsWith({ numQuestions: 1 }).get('Roster')).toMatchObject({
    tick: '1 question',
    isOpen: true,
    title: '3 entries; the list asks 1 question',
  });
});

test('packed is who has all of theirs packed; while items are still read, items are counted', () => {
  const items = [item(ids[0]!, 'packed'), item(ids[0]!, 'cut'), item(ids[1]!, 'packed')];
  expect(stepsWith({ items }).get('Bench')!.tick).toBe('1 of 2 packed');
  expect(stepsWith({ items, total: 9 }).get('Bench')!.tick).toBe('1 of 9 packed');
  expect(stepsWith({}).get('Proof')!.tick).toBe('0 of 3 ticked');
  expect(stepsWith({}).get('Sheets')).toMatchObject({ tick: '2 passes made', isOpen: false });
});

test('Wording says what all places say, else how many say something', () => {
  const saying = (...lines: string[]) =>
    changePlaceUse(SPEC, null, (place) => ({ ...place, wording: lines.length === 0 ? null : wordingOf(lines) }));
  const tick = (spec: RunSpec) => stepsWith({ spec }).get('Wording')!.tick;
  expect(tick(saying('est. {date:year}'))).toBe('est. date');
  expect(tick(saying('{given}', '{family}'))).toBe('given / family');
  expect(tick(saying('for {given} of the weir'))).toBe('for given of the…');
  expect(tick(saying())).toBe('empty for now');
  // Two places of a shirt, one of them without words.
  const two = shirtRun([['Odile', 'M', 'navy']]);
  const useId = two.uses[0]!.id;
  const [first, ...others] = two.uses[0]!.places;
  const half = {
    ...two,
    uses: two.uses.map((use) =>
      use.id === useId
        ? {
            ...use,
            places: [
              { ...first!, wording: null },
              ...others.map((one) => ({ ...one, wording: wordingOf(['{given}']) })),
            ],
          }
        : use,
    ),
  };
  expect(others).toHaveLength(1);
  expect(tick(half)).toBe('1 of 2 places');
});

test('Prepare counts what is ticked of what there is to do; Blank says the place, or how many there are', () => {
  const towel = replaceBlank(SPEC, SPEC.uses[0]!.id, starterBlank('bath-towel'));
  const steps = stepsWith({ spec: towel });
  expect(steps.get('Prepare')!.tick).toBe('0 of 2 done');
  expect(steps.get('Blank')!.tick).toBe('190 x 80');
  const bare = {
    ...towel,
    shop: {
      ...towel.shop,
      blanks: towel.shop.blanks.map((one) => ({ ...one, value: { ...one.value, preparation: [] } })),
    },
  };
  expect(stepsWith({ spec: bare }).get('Prepare')!.tick).toBe('to be counted');
});
