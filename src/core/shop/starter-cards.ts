import type { FabricClass } from './fabric-class';
import type { MaterialKind } from './material-kind';
import { type Heater, type PressCard, HEATERS } from './press-card';
import type { Copy } from './shop-schema';

interface Start {
  readonly kind: MaterialKind;
  readonly fabric: FabricClass;
  readonly heatC: readonly [least: number, chosen: number, most: number];
  readonly seconds: readonly [least: number, chosen: number, most: number];
  readonly pressure: PressCard['pressure'];
  readonly peels: PressCard['peels'];
  readonly ceilingC: number;
}

const start = (
  kind: MaterialKind,
  fabric: FabricClass,
  heatC: Start['heatC'],
  rest: Omit<Start, 'kind' | 'fabric' | 'heatC'>,
): Start => ({ kind, fabric, heatC, ...rest });

const ANY: PressCard['peels'] = ['hot', 'warm', 'cold'];

/** Starting points with a clamshell press; sheets of look-alike films differ by 20 °C and a factor of three in time. */
const STARTS: readonly Start[] = [
  start('standardFilm', 'cotton', [140, 150, 165], {
    seconds: [10, 15, 20],
    pressure: 'medium',
    peels: ANY,
    ceilingC: 175,
  }),
  start('standardFilm', 'polyester', [135, 145, 155], {
    seconds: [10, 15, 20],
    pressure: 'medium',
    peels: ['cold'],
    ceilingC: 175,
  }),
  start('stretchFilm', 'cotton', [135, 150, 160], {
    seconds: [10, 15, 20],
    pressure: 'medium',
    peels: ['warm'],
    ceilingC: 170,
  }),
  start('glitterFilm', 'cotton', [150, 160, 175], {
    seconds: [15, 20, 25],
    pressure: 'firm',
    peels: ['warm'],
    ceilingC: 185,
  }),
  start('flockFilm', 'cotton', [150, 160, 170], {
    seconds: [15, 20, 25],
    pressure: 'medium',
    peels: ['cold'],
    ceilingC: 180,
  }),
  start('puffFilm', 'cotton', [135, 150, 160], {
    seconds: [8, 10, 12],
    pressure: 'medium',
    peels: ['hot'],
    ceilingC: 170,
  }),
  start('metallicFilm', 'cotton', [140, 150, 165], {
    seconds: [10, 15, 20],
    pressure: 'medium',
    peels: ['cold'],
    ceilingC: 175,
  }),
  start('holographicFilm', 'cotton', [140, 150, 165], {
    seconds: [10, 15, 20],
    pressure: 'medium',
    peels: ['cold'],
    ceilingC: 175,
  }),
  start('patternedFilm', 'cotton', [145, 155, 160], {
    seconds: [10, 15, 20],
    pressure: 'medium',
    peels: ANY,
    ceilingC: 170,
  }),
  start('lowMeltFilm', 'nylon', [110, 125, 140], {
    seconds: [8, 10, 15],
    pressure: 'light',
    peels: ['cold'],
    ceilingC: 150,
  }),
  start('lowMeltFilm', 'leatherette', [110, 125, 140], {
    seconds: [8, 10, 15],
    pressure: 'light',
    peels: ['cold'],
    ceilingC: 150,
  }),
  start('inkSheet', 'polyester', [190, 195, 205], {
    seconds: [40, 50, 60],
    pressure: 'medium',
    peels: ['warm'],
    ceilingC: 210,
  }),
  start('inkSheet', 'hardCoated', [190, 195, 205], {
    seconds: [40, 50, 60],
    pressure: 'firm',
    peels: ['warm'],
    ceilingC: 210,
  }),
  start('readyMade', 'cotton', [140, 150, 165], {
    seconds: [8, 12, 15],
    pressure: 'medium',
    peels: ['hot', 'warm'],
    ceilingC: 175,
  }),
];

const [START_OF_NEW] = STARTS as readonly [Start, ...Start[]];

interface HeaterFacts {
  readonly words: string;
  /** How many times the seconds of a clamshell press it usually takes. */
  readonly timesLonger: number;
}

const HEATER_FACTS: Record<Heater, HeaterFacts> = {
  clamshell: { words: 'clamshell press', timesLonger: 1 },
  handPress: { words: 'hand press', timesLonger: 2 },
  wand: { words: 'small wand', timesLonger: 2 },
  iron: { words: 'home iron', timesLonger: 2.5 },
};

export function heaterFacts(heater: Heater): HeaterFacts {
  return HEATER_FACTS[heater];
}

/** As long as a film usually bears in all, however often it is pressed. */
const MOST_TIMES = 3;

const FILM_CARE = 'Wait 24 h before the first wash; inside out, cool, no bleach, no iron on the lettering.';
const INK_CARE = 'It is in the coating, not on it: hand-wash hard goods, no scouring.';

function card({ kind, fabric, heatC, seconds, pressure, peels, ceilingC }: Start, heater: Heater): PressCard {
  const { words, timesLonger } = HEATER_FACTS[heater];
  const [least, at, most] = seconds.map((value) => Math.ceil(value * timesLonger)) as [number, number, number];
  const isInk = kind === 'inkSheet';
  return {
    name: words,
    kind,
    fabric,
    heater,
    heatC: { least: heatC[0], chosen: heatC[1], most: heatC[2] },
    seconds: { least, chosen: at, most },
    pressure,
    dryOutSeconds: isInk ? 15 : 5,
    cover: isInk ? 'uncoatedPaper' : 'nonStick',
    backSide: fabric === 'hardCoated' || isInk ? 'never' : 'asSheetSays',
    peels,
    ceilingC,
    mostSeconds: MOST_TIMES * most,
    reason: '',
    care: isInk ? INK_CARE : FILM_CARE,
  };
}

const kebab = (word: string) => word.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);

/** What a new one starts as: the first of them, to be changed. */
export const NEW_CARD: PressCard = card(START_OF_NEW, 'clamshell');

/** A card for each starting point and heater, by an id that says what it is for. */
export const DEFAULT_CARDS: readonly Copy<PressCard>[] = STARTS.flatMap((one) =>
  HEATERS.map((heater) => ({
    id: [one.kind, one.fabric, heater].map(kebab).join('-'),
    fromRev: null,
    value: card(one, heater),
  })),
);
