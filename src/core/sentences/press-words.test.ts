import { pressFor, pressSteps, stepsWithoutHeat } from '../press';
import { type FabricClass, type MaterialKind, DEFAULT_CARDS } from '../shop';
import {
  FABRIC_OPTIONS,
  HEATER_OPTIONS,
  fabricFrom,
  peelWords,
  pressLine,
  pressRemarks,
  readingWords,
  stepWords,
} from '.';

const words = {
  heat: (celsius: number) => `${celsius} °C`,
  pair: (width: number, height: number) => `${width} × ${height} mm`,
};

const ask = (kind: MaterialKind, fabric: FabricClass | null, bearsC: number | null = null) =>
  pressFor({ material: { kind }, fabric, bearsC, heater: 'iron', cards: DEFAULT_CARDS });

test('what hinders is said with its figures and what to do', () => {
  const said = (...args: Parameters<typeof ask>) => pressRemarks(ask(...args), words);
  expect(said('standardFilm', 'cotton')).toEqual([]);
  expect(said('adhesiveFilm', null)).toEqual([]);
  expect(said('standardFilm', null)).toEqual([
    'Nobody has said what this blank is pressed like: say it here, for every one of it.',
  ]);
  expect(said('glitterFilm', 'nylon')).toEqual([
    'Not on this: glitter film wants at least 150 °C, and the fabric bears 140 °C. Take a film that melts lower.',
  ]);
  expect(said('flockFilm', 'hardCoated')).toEqual([
    'No card says how flock film is pressed on this. Follow the maker’s sheet.',
  ]);
  expect(said('standardFilm', 'linen', 145)).toEqual([
    'Less than the card’s 150 °C: the blank bears 145 °C.',
    'No card for this fabric: this is the one for cotton, the nearest with a home iron.',
    'A trial spot first, on a part that does not show.',
  ]);
});

test('of several cards for the same it is told which is taken', () => {
  const own = (name: string) => ({ id: name, fromRev: 1, value: { ...DEFAULT_CARDS[0]!.value, name } });
  const cards = [own('first'), own('second')];
  const { kind, fabric, heater } = cards[0]!.value;
  expect(pressRemarks(pressFor({ material: { kind }, fabric, bearsC: null, heater, cards }), words)).toEqual([
    'Several cards are for this: “first” is taken, not “second”. Keep one.',
  ]);
});

test('every step says what to do, with seconds, heat and size', () => {
  const answer = ask('standardFilm', 'polyester');
  if (answer.kind !== 'press') throw new Error('It is pressed.');
  const steps = pressSteps({ card: { ...answer.card, backSide: 'full' }, heatC: 145, wantsPad: true });
  expect(steps.map((step) => stepWords(step, words))).toEqual([
    'Flatten and dry the spot for 5 s; take lint off',
    'Put a pad inside: seams, zips and buttons stay off the platen',
    'Lay it down by its figures, and look that only this layer lies there',
    'Cover with non-stick sheet',
    'Press at 145 °C for 38 s, medium pressure',
    'Cool on a bare surface for about 60 s, until a hand feels no warmth',
    'Peel cold, low and slow',
    'From the back for 38 s',
  ]);
  expect(stepWords({ kind: 'backSide', seconds: 3, isAsSheetSays: true }, words)).toBe(
    'From the back for 3 s, if the maker’s sheet says so',
  );
  expect(stepWords({ kind: 'peel', peels: ['hot', 'warm'] }, words)).toBe('Peel hot or warm, low and slow');
  expect(stepWords({ kind: 'peel', peels: ['hot', 'warm', 'cold'] }, words)).toBe(
    'Peel hot, warm or cold, low and slow',
  );
  const taped = stepsWithoutHeat('adhesiveFilm', { widthMm: 80, heightMm: 20 }).map((step) => stepWords(step, words));
  expect(taped[1]).toBe('Cut transfer tape 100 × 40 mm');
  expect(taped.at(-1)).toBe('Keep it dry and unwashed for 48 h');
  expect(new Set(taped).size).toBe(8);
  expect(stepWords({ kind: 'tape', size: null }, words)).toBe('Cut transfer tape, 10 mm larger on every side');
  expect([peelWords(['warm']), peelWords(['hot', 'cold']), peelWords(['hot', 'warm', 'cold'])]).toEqual([
    'warm',
    'hot or cold',
    'any',
  ]);
});

test('a fabric can be left unsaid, and every heater can be chosen', () => {
  expect(FABRIC_OPTIONS[0]).toEqual(['', 'not said']);
  expect(fabricFrom('')).toBeNull();
  expect(fabricFrom('wool')).toBe('wool');
  expect(HEATER_OPTIONS.map(([id]) => id)).toEqual(['clamshell', 'handPress', 'wand', 'iron']);
});

test('a whole press in one line; what is none says why', () => {
  const line = (...args: Parameters<typeof ask>) => pressLine({ answer: ask(...args), steps: [] }, words);
  expect(line('standardFilm', 'cotton')).toBe('150 °C, 38 s, medium pressure, non-stick sheet, peel any');
  expect(pressLine({ answer: ask('standardFilm', 'cotton'), steps: [{ kind: 'pad' }] }, words)).toMatch(
    /sheet, a pad inside, peel/,
  );
  expect(line('adhesiveFilm', null)).toBe('without heat');
  expect(line('glitterFilm', 'nylon')).toBe('not on this: it wants at least 150 °C, and the fabric bears 140 °C');
  expect(line('standardFilm', null)).toMatch(/nobody has said/);
  expect(line('standardFilm', 'hardCoated')).toMatch(/no card/);
});

test('every way of reading is told apart in words', () => {
  const all = ([0, 90, 180, 270] as const).map(readingWords);
  expect(new Set(all).size).toBe(4);
  expect(all[2]).toMatch(/^toward the wearer/);
});

test('of a film of which only the colour is said no heat is told', () => {
  const open = { answer: { kind: 'filmOpen' }, steps: [] } as const;
  const words = { heat: () => 'hot' } as unknown as Parameters<typeof pressRemarks>[1];
  expect(pressRemarks(open.answer, words).join(' ')).toContain('Choose it on Sheets');
  expect(pressLine(open, words)).toBe('goes by the film that is laid');
});
