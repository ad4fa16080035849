import { DEFAULT_CARDS } from '../shop';
import { clocksOf, otherFilms, pressAgain, pressCautions, pressPlace } from '.';

const place = {
  materials: [
    { name: 'navy film', kind: 'flockFilm' as const },
    { name: 'gold film', kind: 'standardFilm' as const },
  ],
  blank: { fabricClass: 'cotton' as const, bearsC: 200, thicknessMm: 1 },
  measured: { clear: [] },
  ink: null,
  heater: 'clamshell' as const,
  cards: DEFAULT_CARDS,
};

test('whatever has its time has a clock, film after film, in the order of doing', () => {
  const clocks = clocksOf(pressPlace(place)).map(({ kind, film, seconds, isOptional }) => [
    `${film}: ${kind}`,
    seconds,
    isOptional,
  ]);
  expect(clocks).toEqual([
    ['navy film: dryOut', 5, false],
    // Only tacked, and peeled warm: another film follows.
    ['navy film: press', 7, false],
    ['gold film: dryOut', 5, false],
    ['gold film: press', 15, false],
    ['gold film: backSide', 3, true],
  ]);
  const [navy, gold] = place.materials;
  const turned = clocksOf(pressPlace({ ...place, materials: [gold!, navy!] }));
  expect(turned.filter(({ film }) => film === 'navy film').map(({ kind, seconds }) => [kind, seconds])).toEqual([
    ['dryOut', 5],
    ['press', 20],
    // Flock is peeled cold alone.
    ['cool', 60],
    ['backSide', 4],
  ]);
  const whole = DEFAULT_CARDS.map((card) => ({ ...card, value: { ...card.value, backSide: 'full' as const } }));
  const back = clocksOf(pressPlace({ ...place, cards: whole })).filter(({ kind }) => kind === 'backSide');
  expect(back.map(({ film, seconds, isOptional }) => [film, seconds, isOptional])).toEqual([['gold film', 15, false]]);
});

test('what is stuck on cures for two days, and need not be waited for', () => {
  const materials = [{ name: 'silver', kind: 'adhesiveFilm' as const }];
  expect(clocksOf(pressPlace({ ...place, materials }))).toEqual([
    { kind: 'cure', film: 'silver', seconds: 172_800, isOptional: true },
  ]);
  expect(clocksOf(pressPlace({ ...place, materials: [{ name: 'tag', kind: 'card' }] }))).toEqual([]);
});

test('once more is the whole time, an edge two fifths of it, and never beyond what the film bears in all', () => {
  const card = { seconds: { least: 10, chosen: 16, most: 20 }, mostSeconds: 45 };
  expect(pressAgain(card, 'notBonded', null, 16)).toEqual({
    seconds: 16,
    soFarSeconds: 16,
    withItSeconds: 32,
    mostSeconds: 45,
    isTooMuch: false,
  });
  expect(pressAgain(card, 'edgeLifts', { times: 1, seconds: 16 }, 16)).toMatchObject({
    seconds: 7,
    soFarSeconds: 32,
    withItSeconds: 39,
    isTooMuch: false,
  });
  const again = { times: 1, seconds: 13 };
  expect(pressAgain(card, 'notBonded', again, 16)).toMatchObject({ withItSeconds: 45, isTooMuch: false });
  expect(pressAgain(card, 'notBonded', { ...again, seconds: 14 }, 16)).toMatchObject({
    withItSeconds: 46,
    isTooMuch: true,
  });
  // A film that was only tacked has had less, one that others were pressed over more.
  expect(pressAgain(card, 'notBonded', null, 6)).toMatchObject({ seconds: 16, soFarSeconds: 6, withItSeconds: 22 });
});

test('another film is one that the fabric takes as its card says, never the one that failed', () => {
  const films = [
    { name: 'navy flex', kind: 'standardFilm' as const },
    { name: 'navy glitter', kind: 'glitterFilm' as const },
    { name: 'navy soft', kind: 'lowMeltFilm' as const },
    { name: 'silver', kind: 'adhesiveFilm' as const },
  ];
  const names = (fabric: 'cotton' | 'nylon') =>
    otherFilms({ fabric, bearsC: null, heater: 'clamshell', cards: DEFAULT_CARDS }, films[0]!, films).map(
      ({ name }) => name,
    );
  expect(names('nylon')).toEqual(['navy soft']);
  // The soft one has no card for cotton of its own.
  expect(names('cotton')).toEqual(['navy glitter']);
});

test('what touches food, and what is heated and unknown, is cautioned of; nothing else is', () => {
  const film = [{ name: 'navy flex', kind: 'standardFilm' as const }];
  const glued = [{ name: 'tag', kind: 'card' as const }];
  expect(pressCautions({ uses: ['worn'], fabricClass: 'cotton', materials: film })).toEqual([]);
  expect(pressCautions({ uses: ['washed', 'food'], fabricClass: 'cotton', materials: film })).toEqual(['food']);
  for (const fabricClass of [null, 'other', 'leatherette'] as const) {
    expect(pressCautions({ uses: [], fabricClass, materials: film })).toEqual(['fumes']);
    expect(pressCautions({ uses: [], fabricClass, materials: [...glued, ...film] })).toEqual(['fumes']);
    expect(pressCautions({ uses: ['food'], fabricClass, materials: glued })).toEqual(['food']);
  }
});
