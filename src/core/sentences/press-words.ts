import { presentOrThrow } from '../outcome';
import { type Caution, type PlacePress, type PressAnswer, type PressStep, setAtPress } from '../press';
import {
  type FabricClass,
  type Heater,
  type Peel,
  type PressCard,
  type MaterialKind,
  BACK_SIDES,
  COVERS,
  FABRIC_CLASSES,
  HEATERS,
  MATERIAL_KINDS,
  fabricFacts,
  heaterFacts,
  kindFacts,
  processFacts,
  processOf,
} from '../shop';

/** How figures are written at this station. */
export interface FigureWords {
  readonly heat: (celsius: number) => string;
  readonly pair: (widthMm: number, heightMm: number, decimals?: number) => string;
}

const COVER_WORDS: Record<PressCard['cover'], string> = {
  nonStick: 'non-stick sheet',
  bakingPaper: 'baking paper',
  thinCotton: 'thin cotton',
  uncoatedPaper: 'uncoated paper, new each time',
  none: 'nothing',
};

/** What a blank can be pressed like; nothing chosen: nobody has said. */
export const FABRIC_OPTIONS: readonly (readonly [FabricClass | '', string])[] = [
  ['', 'not said'],
  ...FABRIC_CLASSES.map((id) => [id, fabricFacts(id).words] as const),
];

export function fabricFrom(id: FabricClass | ''): FabricClass | null {
  return id === '' ? null : id;
}

export const HEATER_OPTIONS: readonly (readonly [Heater, string])[] = HEATERS.map((id) => [id, heaterFacts(id).words]);

export const COVER_OPTIONS: readonly (readonly [PressCard['cover'], string])[] = COVERS.map((id) => [
  id,
  COVER_WORDS[id],
]);

const BACK_WORDS: Record<PressCard['backSide'], string> = {
  never: 'never',
  fifth: 'a fifth of the time',
  full: 'the full time',
  asSheetSays: 'if the sheet says so',
};

export const BACK_OPTIONS: readonly (readonly [PressCard['backSide'], string])[] = BACK_SIDES.map((id) => [
  id,
  BACK_WORDS[id],
]);

/** Kinds that are pressed at all. */
export const PRESSED_OPTIONS: readonly (readonly [MaterialKind, string])[] = MATERIAL_KINDS.filter(
  (kind) => processFacts(processOf({ kind })).bondedWord === 'pressed',
).map((kind) => [kind, kindFacts(kind).words]);

/** What lies between platen and film. */
export function coverWords(cover: PressCard['cover']): string {
  return COVER_WORDS[cover];
}

/** `warm or cold`; all of them are any. */
export function peelWords(peels: readonly Peel[]): string {
  if (peels.length === 3) return 'any';
  return peels.join(' or ');
}

export function stepWords(step: PressStep, { heat, pair }: FigureWords): string {
  switch (step.kind) {
    case 'dryOut':
      return `Flatten and dry the spot for ${step.seconds} s; take lint off`;
    case 'pad':
      return 'Put a pad inside: seams, zips and buttons stay off the platen';
    case 'place':
      return 'Lay it down by its figures, and look that only this layer lies there';
    case 'cover':
      return `Cover with ${COVER_WORDS[step.cover]}`;
    case 'press':
      return `Press at ${heat(step.heatC)} for ${step.seconds} s, ${step.pressure} pressure${step.isTack ? ': only so that it holds, another layer follows' : ''}`;
    case 'cool':
      return `Cool on a bare surface for about ${step.seconds} s, until a hand feels no warmth`;
    case 'peel':
      return peelSentence(step.peels);
    case 'backSide':
      return step.isAsSheetSays
        ? `From the back for ${step.seconds} s, if the maker’s sheet says so`
        : `From the back for ${step.seconds} s`;
    case 'tape':
      return step.size
        ? `Cut transfer tape ${pair(step.size.widthMm, step.size.heightMm, 0)}`
        : 'Cut transfer tape, 10 mm larger on every side';
    case 'cure':
      return `Keep it dry and unwashed for ${step.hours} h`;
    default:
      return PLAIN_WORDS[step.kind];
  }
}

type PlainStep = Exclude<
  PressStep['kind'],
  'dryOut' | 'pad' | 'place' | 'cover' | 'press' | 'cool' | 'peel' | 'backSide' | 'tape' | 'cure'
>;

const PLAIN_WORDS: Record<PlainStep, string> = {
  clean: 'Clean the surface without leaving a film, and let it dry',
  burnish: 'Burnish the tape on, from the middle out',
  lift: 'Lift it off the liner at a flat angle; where a letter stays, lay it back and burnish again',
  lay: 'Lay it down by its figures, from the middle or from one edge',
  burnishDown: 'Burnish it down',
  peelTape: 'Peel the tape flat back on itself',
  glue: 'Glue it down by its figures; weigh it down until it is dry',
  tie: 'Tie it on',
};

function peelSentence(peels: readonly Peel[]): string {
  return `Peel ${peels.length === 3 ? 'hot, warm or cold' : peelWords(peels)}, low and slow`;
}

/** What has to be known about an answer before anything is pressed, the gravest first. */
export function pressRemarks(answer: PressAnswer, words: FigureWords): readonly string[] {
  const { heat } = words;
  switch (answer.kind) {
    case 'filmOpen':
      return ['Only its colour is said so far: how it is pressed goes by the film that is laid. Choose it on Sheets.'];
    case 'askFabric':
      return ['Nobody has said what this blank is pressed like: say it here, for every one of it.'];
    case 'noCard':
      return [
        `No card says how ${kindFacts(answer.material.kind).words} is pressed on this. Follow the maker’s sheet.`,
      ];
    case 'tooHot':
      return [
        `Not on this: ${kindFacts(answer.card.kind).words} wants at least ${heat(answer.card.heatC.least)}, and the ${answer.limit.of} bears ${heat(answer.limit.ceilingC)}. Take a film that melts lower.`,
      ];
    case 'withoutHeat':
      return [];
    case 'press':
      return [
        ...lowered(answer, words),
        ...borrowed(answer),
        ...rivals(answer),
        ...(answer.isTrialFirst ? [TRIAL] : []),
      ];
  }
}

/** Of a film in its place among the others: what follows it, and what that costs it. */
export function layerRemarks({
  followedBy,
  tooLong,
  answer,
}: Pick<PlacePress, 'followedBy' | 'tooLong' | 'answer'>): string[] {
  if (answer.kind !== 'press') return [];
  return [
    ...(followedBy === null ? [] : [`It lies below ${followedBy}: weed that first, it shows where this one goes.`]),
    ...(tooLong
      ? [`With what follows it gets ${tooLong.seconds} s of heat and bears ${tooLong.most} s: press shorter, or apart.`]
      : []),
  ];
}

type Pressed = Extract<PressAnswer, { kind: 'press' }>;

const TRIAL = 'A trial spot first, on a part that does not show.';

function lowered({ loweredBy, card }: Pressed, { heat }: FigureWords): string[] {
  if (!loweredBy) return [];
  return [`Less than the card’s ${heat(card.heatC.chosen)}: the ${loweredBy.of} bears ${heat(loweredBy.ceilingC)}.`];
}

function rivals({ others, card }: Pressed): string[] {
  if (others.length === 0) return [];
  return [
    `Several cards are for this: “${card.name}” is taken, not ${others.map((name) => `“${name}”`).join(', ')}. Keep one.`,
  ];
}

function borrowed({ borrowedFrom, card }: Pressed): string[] {
  if (!borrowedFrom) return [];
  return [
    `No card for this fabric: this is the one for ${fabricFacts(borrowedFrom).words}, the nearest with a ${heaterFacts(card.heater).words}.`,
  ];
}

/** Which way it is read, as the item is looked at in front of whoever presses it. */
export function readingWords(readingDeg: 0 | 90 | 180 | 270): string {
  return {
    0: 'upright, as it lies before you',
    90: 'downwards: the tops of its letters to the right',
    180: 'toward the wearer: upside down as it lies before you',
    270: 'upwards: the tops of its letters to the left',
  }[readingDeg];
}

/** `145 °C, 15 s, medium pressure, non-stick sheet, peel cold`: a whole press in one line. */
export function pressLine(
  { answer, steps }: Pick<PlacePress, 'answer' | 'steps'>,
  { heat }: Pick<FigureWords, 'heat'>,
): string {
  switch (answer.kind) {
    case 'press': {
      const { heatC, seconds, isTack, pressure, cover, peels, hasPad } = presentOrThrow(
        setAtPress({ answer, steps }),
        'what is set at the press',
      );
      const covered = cover === 'none' ? 'no cover' : COVER_WORDS[cover];
      return `${heat(heatC)}, ${seconds} s${isTack ? ' (a layer follows)' : ''}, ${pressure} pressure, ${covered}${hasPad ? ', a pad inside' : ''}, peel ${peelWords(peels)}`;
    }
    case 'withoutHeat':
      return 'without heat';
    case 'tooHot':
      return `not on this: it wants at least ${heat(answer.card.heatC.least)}, and the ${answer.limit.of} bears ${heat(answer.limit.ceilingC)}`;
    case 'filmOpen':
      return 'goes by the film that is laid';
    case 'askFabric':
      return 'nobody has said what this blank is pressed like';
    case 'noCard':
      return 'no card: follow the maker’s sheet';
  }
}

const CAUTION_WORDS: Readonly<Record<Caution, string>> = {
  food: 'It touches food or drink: only film whose maker allows that, and never where it is eaten or drunk from. Local rules apply.',
  fumes: 'Plastics that nobody knows can give off fumes when they are heated: air the room, and try a spot first.',
};

export function cautionWords(caution: Caution): string {
  return CAUTION_WORDS[caution];
}

/** Stands with every value that somebody presses by. */
export const SHEETS_WIN = 'Starting points: the film maker’s sheet and the blank’s label win.';
