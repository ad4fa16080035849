import { type MaterialKind, DEFAULT_CARDS } from '../shop';
import { pressPlace, setAtPress } from '.';

/** Films over each other: how all but the last are pressed. */
const over = (kinds: readonly MaterialKind[], blank: Partial<Parameters<typeof pressPlace>[0]['blank']> = {}) =>
  pressPlace({
    materials: kinds.map((kind, i) => ({ kind, name: `${kind} ${i}` })),
    blank: { fabricClass: 'cotton', bearsC: null, thicknessMm: 1, ...blank },
    measured: { clear: [] },
    ink: null,
    heater: 'clamshell',
    cards: DEFAULT_CARDS,
  });

test('all but the last are tacked for a third and come off warm, without the back; the last as if it were alone', () => {
  const presses = over(['metallicFilm', 'stretchFilm', 'flockFilm']);
  expect(presses.map(({ followedBy }) => followedBy)).toEqual(['stretchFilm 1', 'flockFilm 2', null]);
  expect(presses.map((press) => setAtPress(press))).toMatchObject([
    { seconds: 5, isTack: true, peels: ['warm'] },
    { seconds: 5, isTack: true, peels: ['warm'] },
    { seconds: 20, isTack: false, peels: ['cold'] },
  ]);
  for (const { steps } of presses.slice(0, 2)) {
    expect(steps.map(({ kind }) => kind)).not.toContain('backSide');
    expect(steps.map(({ kind }) => kind)).not.toContain('cool');
  }
  // Whatever peels there are for the last stay where a layer follows, unless all of them are cold.
  expect(setAtPress(over(['standardFilm', 'standardFilm'])[0]!)!.peels).toEqual(['hot', 'warm', 'cold']);
  const [alone] = over(['flockFilm']);
  expect(presses[2]!.steps).toEqual(alone!.steps);
  expect(alone!.followedBy).toBeNull();
});

test('what goes over by hand comes after, and is followed by nothing', () => {
  const [film, adhesive] = over(['standardFilm', 'adhesiveFilm']);
  expect([film!.followedBy, adhesive!.followedBy]).toEqual([null, null]);
  expect(setAtPress(film!)).toMatchObject({ seconds: 15, isTack: false });
  expect(setAtPress(adhesive!)).toBeNull();
  // Between two that are pressed it changes nothing for them.
  expect(over(['standardFilm', 'adhesiveFilm', 'glitterFilm'])[0]!.followedBy).toBe('glitterFilm 2');
});

test('no film is pressed hotter than one bears that is on already; where that is too little they go apart', () => {
  const low = DEFAULT_CARDS.find(({ value }) => value.kind === 'lowMeltFilm' && value.fabric === 'nylon')!.value;
  const cards = (kind: MaterialKind, ceilingC: number) =>
    DEFAULT_CARDS.map((copy) => (copy.value.kind === kind ? { ...copy, value: { ...copy.value, ceilingC } } : copy));
  const pair = (ceilingC: number) =>
    pressPlace({
      materials: [
        { kind: 'stretchFilm', name: 'below' },
        { kind: 'glitterFilm', name: 'above' },
      ],
      blank: { fabricClass: 'cotton', bearsC: null, thicknessMm: 1 },
      measured: { clear: [] },
      ink: null,
      heater: 'clamshell',
      cards: cards('stretchFilm', ceilingC),
    }).map(({ answer }) => answer);
  expect(low.ceilingC).toBeLessThan(160);
  expect(pair(155)[1]).toMatchObject({ kind: 'press', heatC: 155, loweredBy: { of: 'film below', ceilingC: 155 } });
  expect(pair(149)[1]).toMatchObject({ kind: 'tooHot', limit: { of: 'film below', ceilingC: 149 } });
  expect(pair(200)[1]).toMatchObject({ heatC: 160, loweredBy: null });
  // The one below asks nothing of the one above.
  expect(pair(155)[0]).toMatchObject({ kind: 'press', loweredBy: null });
});

test('heat adds up on the lowest', () => {
  const tooLongWith = (mostSeconds: number) =>
    pressPlace({
      materials: [
        { kind: 'standardFilm', name: 'below' },
        { kind: 'flockFilm', name: 'above' },
      ],
      blank: { fabricClass: 'cotton', bearsC: null, thicknessMm: 1 },
      measured: { clear: [] },
      ink: null,
      heater: 'clamshell',
      cards: DEFAULT_CARDS.map((copy) =>
        copy.value.kind === 'standardFilm' ? { ...copy, value: { ...copy.value, mostSeconds } } : copy,
      ),
    }).map(({ tooLong }) => tooLong);
  expect(tooLongWith(24)).toEqual([{ seconds: 25, most: 24 }, null]);
  expect(tooLongWith(25)).toEqual([null, null]);
  expect(over(['standardFilm', 'flockFilm']).map(({ tooLong }) => tooLong)).toEqual([null, null]);
});
