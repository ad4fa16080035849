import fc from 'fast-check';

import {
  type FabricClass,
  type Heater,
  type MaterialKind,
  DEFAULT_CARDS,
  FABRIC_CLASSES,
  HEATERS,
  MATERIAL_KINDS,
  fabricFacts,
  pressCardSchema,
  processFacts,
  processOf,
  shopIdSchema,
} from '../shop';
import { type PressQuestion, pressFor, pressPlace, pressSteps, stepsWithoutHeat } from '.';

const ask = (kind: MaterialKind, fabric: FabricClass | null, more: Partial<PressQuestion> = {}) =>
  pressFor({ material: { kind }, fabric, bearsC: null, heater: 'clamshell', cards: DEFAULT_CARDS, ...more });

const pressed = (answer: ReturnType<typeof pressFor>) => {
  if (answer.kind !== 'press') throw new Error(`It is not pressed: ${answer.kind}.`);
  return answer;
};

test('every starter card is sound, has an id of its own, and lies below its own ceiling', () => {
  expect(new Set(DEFAULT_CARDS.map(({ id }) => id)).size).toBe(DEFAULT_CARDS.length);
  for (const { id, value } of DEFAULT_CARDS) {
    expect(shopIdSchema.safeParse(id).success).toBe(true);
    expect(pressCardSchema.parse(value)).toEqual(value);
    expect(value.heatC.most).toBeLessThanOrEqual(value.ceilingC);
    expect(value.mostSeconds).toBeGreaterThanOrEqual(2 * value.seconds.chosen);
  }
  // A chosen value outside its usual range is no card.
  const { value } = DEFAULT_CARDS[0]!;
  expect(pressCardSchema.safeParse({ ...value, heatC: { ...value.heatC, chosen: value.heatC.most + 1 } }).success).toBe(
    false,
  );
});

/** What a clamshell press starts with: heat, seconds, pressure, peels. */
const STARTS: readonly (readonly [MaterialKind, FabricClass, number, number, string, string])[] = [
  ['standardFilm', 'cotton', 150, 15, 'medium', 'hot warm cold'],
  ['standardFilm', 'polyester', 145, 15, 'medium', 'cold'],
  ['stretchFilm', 'cotton', 150, 15, 'medium', 'warm'],
  ['glitterFilm', 'cotton', 160, 20, 'firm', 'warm'],
  ['flockFilm', 'cotton', 160, 20, 'medium', 'cold'],
  ['puffFilm', 'cotton', 150, 10, 'medium', 'hot'],
  ['metallicFilm', 'cotton', 150, 15, 'medium', 'cold'],
  ['holographicFilm', 'cotton', 150, 15, 'medium', 'cold'],
  ['patternedFilm', 'cotton', 155, 15, 'medium', 'hot warm cold'],
  ['lowMeltFilm', 'nylon', 125, 10, 'light', 'cold'],
  ['lowMeltFilm', 'leatherette', 125, 10, 'light', 'cold'],
  ['inkSheet', 'polyester', 195, 50, 'medium', 'warm'],
  ['inkSheet', 'hardCoated', 195, 50, 'firm', 'warm'],
  ['readyMade', 'cotton', 150, 12, 'medium', 'hot warm'],
];

test.each(STARTS)('%s on %s starts at its usual values', (kind, fabric, heatC, seconds, pressure, peels) => {
  const answer = pressed(ask(kind, fabric));
  expect(answer).toMatchObject({ heatC, loweredBy: null, borrowedFrom: null, isTrialFirst: false });
  expect([answer.card.seconds.chosen, answer.card.pressure, answer.card.peels.join(' ')]).toEqual([
    seconds,
    pressure,
    peels,
  ]);
  // What is held by hand takes longer, never less hot.
  for (const heater of HEATERS.filter((one) => one !== 'clamshell')) {
    const byHand = pressed(ask(kind, fabric, { heater }));
    expect(byHand.heatC).toBe(heatC);
    expect(byHand.card.seconds.chosen).toBeGreaterThanOrEqual(2 * seconds);
  }
});

test('no value stands above a ceiling, of whatever film, fabric, blank and heater', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...MATERIAL_KINDS),
      fc.constantFrom(...FABRIC_CLASSES),
      fc.option(fc.integer({ min: 20, max: 260 })),
      fc.constantFrom<Heater>(...HEATERS),
      (kind, fabric, bearsC, heater) => {
        const answer = ask(kind, fabric, { bearsC, heater });
        const usual = fabricFacts(fabric).bearsC;
        if (answer.kind === 'press') {
          expect(answer.heatC).toBeLessThanOrEqual(answer.card.ceilingC);
          // The one exception: ink goes into polyester at more than the cloth bears of film.
          const isInkOnce = kind === 'inkSheet' && fabric === 'polyester' && (bearsC === null || bearsC === usual);
          const most = isInkOnce ? 205 : (bearsC ?? usual ?? 300);
          expect(answer.heatC).toBeLessThanOrEqual(most);
          expect(answer.heatC).toBeGreaterThanOrEqual(answer.card.heatC.least);
          expect(answer.card).toMatchObject({ kind, heater });
        } else if (answer.kind === 'tooHot') {
          expect(answer.limit.ceilingC).toBeLessThan(answer.card.heatC.least);
        } else if (answer.kind === 'withoutHeat') {
          expect(processFacts(processOf({ kind })).bondedWord).not.toBe('pressed');
        } else {
          expect(answer.kind).toBe('noCard');
        }
      },
    ),
    { numRuns: 1000 },
  );
});

test('a blank that bears less lowers the heat and says so; one that bears too little is a stop', () => {
  const lowered = pressed(ask('standardFilm', 'cotton', { bearsC: 142 }));
  expect(lowered).toMatchObject({
    heatC: 142,
    loweredBy: { of: 'blank', ceilingC: 142 },
    isTrialFirst: true,
    borrowedFrom: null,
  });
  expect(pressed(ask('standardFilm', 'cotton', { bearsC: 140 })).heatC).toBe(140);
  expect(ask('standardFilm', 'cotton', { bearsC: 139 })).toMatchObject({
    kind: 'tooHot',
    limit: { of: 'blank', ceilingC: 139 },
  });
  expect(pressed(ask('standardFilm', 'cotton', { bearsC: 150 })).loweredBy).toBeNull();
  // By the fabric, where the blank says nothing of its own.
  expect(ask('glitterFilm', 'nylon')).toMatchObject({ kind: 'tooHot', limit: { of: 'fabric', ceilingC: 140 } });
  expect(ask('glitterFilm', 'nylon', { bearsC: 140 })).toMatchObject({ kind: 'tooHot', limit: { of: 'fabric' } });
  expect(ask('inkSheet', 'polyester', { bearsC: 165 })).toMatchObject({ kind: 'press', heatC: 195 });
  expect(ask('inkSheet', 'polyester', { bearsC: 160 })).toMatchObject({ kind: 'tooHot', limit: { of: 'blank' } });
});

test('without a card the nearest fabric’s is taken, said so, with a trial spot; nothing is guessed for hard goods', () => {
  expect(pressed(ask('glitterFilm', 'linen'))).toMatchObject({ borrowedFrom: 'cotton', isTrialFirst: true });
  expect(pressed(ask('standardFilm', 'wool'))).toMatchObject({ borrowedFrom: 'cotton', heatC: 150 });
  expect(pressed(ask('standardFilm', 'acrylicPile'))).toMatchObject({
    borrowedFrom: 'polyester',
    heatC: 140,
    loweredBy: { of: 'fabric', ceilingC: 140 },
  });
  expect(pressed(ask('lowMeltFilm', 'acrylicPile')).borrowedFrom).toBe('nylon');
  expect(ask('standardFilm', 'hardCoated')).toEqual({ kind: 'noCard', material: { kind: 'standardFilm' } });
  expect(ask('inkSheet', 'cotton')).toMatchObject({ kind: 'press', borrowedFrom: 'polyester' });
  // Nobody knows what it bears.
  expect(pressed(ask('standardFilm', 'other')).isTrialFirst).toBe(true);
  expect(ask('standardFilm', null)).toEqual({ kind: 'askFabric' });
  expect(ask('standardFilm', 'cotton', { cards: [] }).kind).toBe('noCard');
});

test('a card that somebody kept goes before the one a bare shop begins with; of several it is said which is taken', () => {
  const starter = DEFAULT_CARDS.find(({ id }) => id === 'standard-film-cotton-clamshell')!;
  const own = (id: string, name: string, seconds: number) => ({
    id,
    fromRev: 2,
    value: { ...starter.value, name, seconds: { least: seconds, chosen: seconds, most: seconds } },
  });
  const one = pressed(ask('standardFilm', 'cotton', { cards: [...DEFAULT_CARDS, own('mine', 'my trial', 12)] }));
  expect([one.cardId, one.card.seconds.chosen, one.others]).toEqual(['mine', 12, []]);
  const two = [own('mine', 'my trial', 12), ...DEFAULT_CARDS, own('other', 'older', 18)];
  expect(pressed(ask('standardFilm', 'cotton', { cards: two }))).toMatchObject({ cardId: 'mine', others: ['older'] });
  // Those for another fabric or heater are no rivals.
  expect(pressed(ask('standardFilm', 'polyester', { cards: two }))).toMatchObject({ others: [] });
  expect(pressed(ask('standardFilm', 'cotton', { cards: two, heater: 'iron' }))).toMatchObject({ others: [] });
});

test('what is glued, tied or sticks by itself is not pressed, whatever it goes on', () => {
  for (const fabric of [null, 'cotton', 'hardCoated'] as const) {
    expect(ask('adhesiveFilm', fabric)).toEqual({ kind: 'withoutHeat', process: 'adhesiveFilm' });
    expect(ask('card', fabric)).toEqual({ kind: 'withoutHeat', process: 'card' });
    expect(ask('leather', fabric)).toEqual({ kind: 'withoutHeat', process: 'tag' });
  }
});

const cardOf = (kind: MaterialKind, fabric: FabricClass) => pressed(ask(kind, fabric)).card;

test('steps stand in the order of doing: dry, pad, place, cover, press, peel, back', () => {
  const card = cardOf('standardFilm', 'cotton');
  const steps = pressSteps({ card, heatC: 148, wantsPad: true });
  expect(steps).toEqual([
    { kind: 'dryOut', seconds: 5 },
    { kind: 'pad' },
    { kind: 'place' },
    { kind: 'cover', cover: 'nonStick' },
    { kind: 'press', heatC: 148, seconds: 15, pressure: 'medium', isTack: false },
    { kind: 'peel', peels: ['hot', 'warm', 'cold'] },
    { kind: 'backSide', seconds: 3, isAsSheetSays: true },
  ]);
  const kinds = (change: object, wantsPad = false) =>
    pressSteps({ card: { ...card, ...change }, heatC: 148, wantsPad }).map(({ kind }) => kind);
  expect(kinds({ dryOutSeconds: 0, cover: 'none', backSide: 'never' })).toEqual(['place', 'press', 'peel']);
  const back = (backSide: 'full' | 'fifth') => pressSteps({ card: { ...card, backSide }, heatC: 148, wantsPad: false });
  expect(back('full').at(-1)).toEqual({ kind: 'backSide', seconds: 15, isAsSheetSays: false });
  expect(back('fifth').at(-1)).toEqual({ kind: 'backSide', seconds: 3, isAsSheetSays: false });
  // Moisture spoils the bond of ink.
  expect(pressSteps({ card: cardOf('inkSheet', 'polyester'), heatC: 195, wantsPad: false })).toEqual([
    { kind: 'dryOut', seconds: 15 },
    { kind: 'place' },
    { kind: 'cover', cover: 'uncoatedPaper' },
    { kind: 'press', heatC: 195, seconds: 50, pressure: 'medium', isTack: false },
    { kind: 'peel', peels: ['warm'] },
  ]);
});

test('transfer tape is so much larger than the piece that it can be held; card is glued, a tag tied', () => {
  const steps = stepsWithoutHeat('adhesiveFilm', { widthMm: 118, heightMm: 31 });
  expect(steps.map(({ kind }) => kind)).toEqual([
    'clean',
    'tape',
    'burnish',
    'lift',
    'lay',
    'burnishDown',
    'peelTape',
    'cure',
  ]);
  expect(steps[1]).toEqual({ kind: 'tape', size: { widthMm: 138, heightMm: 51 } });
  expect(stepsWithoutHeat('adhesiveFilm', null)[1]).toEqual({ kind: 'tape', size: null });
  expect(steps.at(-1)).toEqual({ kind: 'cure', hours: 48 });
  expect(stepsWithoutHeat('card', null)).toEqual([{ kind: 'glue' }]);
  expect(stepsWithoutHeat('tag', null)).toEqual([{ kind: 'tie' }]);
});

test('a place is pressed film by film from the lowest; a seam beside it or thick goods want a pad', () => {
  const base = {
    materials: [
      { name: 'navy film', kind: 'stretchFilm' as const },
      { name: 'gold film', kind: 'standardFilm' as const },
      { name: 'navy film', kind: 'stretchFilm' as const },
    ],
    blank: { fabricClass: 'cotton' as const, bearsC: 200, thicknessMm: 1 },
    measured: { clear: [] },
    ink: null,
    heater: 'handPress' as const,
    cards: DEFAULT_CARDS,
  };
  const hasPad = (change: object) => pressPlace({ ...base, ...change })[0]!.steps.some(({ kind }) => kind === 'pad');
  const presses = pressPlace(base);
  expect(presses.map(({ materialName }) => materialName)).toEqual(['navy film', 'gold film']);
  expect(presses.map(({ answer }) => answer.kind === 'press' && answer.card.seconds.chosen)).toEqual([30, 30]);
  expect(hasPad({})).toBe(false);
  expect(hasPad({ blank: { ...base.blank, thicknessMm: 4 } })).toBe(true);
  expect(hasPad({ blank: { ...base.blank, thicknessMm: 3.9 } })).toBe(false);
  const zone = { id: 'zonezonezo', mayLieInLoop: false, shape: { kind: 'rect', widthMm: 1, heightMm: 1 } };
  expect(hasPad({ measured: { clear: [zone] } })).toBe(true);
  const glass = { materials: [{ name: 'silver', kind: 'adhesiveFilm' as const }], ink: { widthMm: 10, heightMm: 5 } };
  expect(pressPlace({ ...base, ...glass })[0]!.steps[1]).toEqual({ kind: 'tape', size: { widthMm: 30, heightMm: 25 } });
  // Of a colour alone nothing is said of heat, whatever else lies there.
  const open = pressPlace({ ...base, materials: [{ name: 'any gold', kind: 'standardFilm', open: true }] });
  expect(open.map(({ answer, steps }) => [answer.kind, steps.length])).toEqual([['filmOpen', 0]]);
  const unsaid = pressPlace({ ...base, blank: { ...base.blank, fabricClass: null } });
  expect(unsaid.map(({ answer, steps }) => [answer.kind, steps.length])).toEqual([
    ['askFabric', 0],
    ['askFabric', 0],
  ]);
});
