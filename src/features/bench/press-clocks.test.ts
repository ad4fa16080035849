import type { Countdown } from '@/core/countdown';
import { newRunSpec } from '@/core/edit';
import { entriesFromList } from '@/core/roster';
import { seededBytes } from '@/core/test';
import type { RunSpec } from '@/core/spec';
import type { BenchItem, BenchPiece } from '@/services';
import { againDeed, againOptions, inPressOf, nextClockOf, pressesOf } from './press-clocks';
import { clockWords, heldSentence, otherFilmSentence, tooMuchSentence } from './sentences';

const random = seededBytes(8);
const entries = entriesFromList([{ raw: 'Rook', text: 'Rook', quantity: null, fields: {} }], random);
const spec: RunSpec = newRunSpec({ title: 'Chess club', dueOn: null, entries }, random);
const use = spec.uses[0]!;
const placeId = use.places[0]!.placeId;

const piece = (film: string, more: Partial<BenchPiece> = {}) => ({
  pieceId: film,
  attempt: 1,
  stage: 'weeded',
  placeId,
  placeName: 'name',
  layerId: `${film}-layer`,
  materialName: film,
  materialKind: 'standardFilm',
  process: 'film',
  again: null,
  ...more,
});
const anItem = (no: number, ...pieces: object[]) =>
  ({ itemId: `${entries[0]!.id}-${use.id}-${no}`, variantId: null, text: ['Rook'], pieces }) as unknown as BenchItem;

const item = anItem(1, piece('navy'), piece('gold', { attempt: 2 }));
const places = pressesOf(
  { ...spec, shop: { ...spec.shop, blanks: spec.shop.blanks.map(cotton) } } as RunSpec,
  item,
  'clamshell',
);
function cotton(copy: RunSpec['shop']['blanks'][number]) {
  return { ...copy, value: { ...copy.value, fabricClass: 'cotton', bearsC: 200 } };
}
const countdown = (kind: Countdown['kind'], film: string, attempt = 2) =>
  ({ kind, film, items: [{ itemId: item.itemId, placeId, attempt }] }) as unknown as Countdown;
const next = (of: BenchItem, ...countdowns: Countdown[]) => {
  const found = nextClockOf(
    places.map((one) => ({ ...one, at: { ...one.at, pieces: of.pieces } })),
    of,
    countdowns,
  );
  return found && `${found.clock.film}: ${clockWords(found.clock)}`;
};

test('what is counted down next goes film by film, for the cutting that is in hand', () => {
  expect(next(item)).toBe('navy: Dry out 5 s');
  // Tacked alone: gold follows.
  expect(next(item, countdown('dryOut', 'navy'))).toBe('navy: Press 5 s');
  expect(next(item, countdown('press', 'navy'))).toBe('gold: Dry out 5 s');
  expect(next(item, countdown('press', 'gold'))).toBeNull();
  // Of the cutting before.
  expect(next(item, countdown('press', 'navy', 1))).toBe('navy: Dry out 5 s');
  const done = anItem(1, piece('navy', { stage: 'bonded' }), piece('gold', { stage: 'bonded' }));
  expect(next(done)).toBeNull();
  expect(next(anItem(1, piece('navy', { stage: 'bonded' }), piece('gold')))).not.toBeNull();
});

test('what is picked lies in the press together, each by its newest cutting, if it has the place', () => {
  const other = anItem(2, piece('navy'));
  const elsewhere = anItem(3, piece('navy', { placeId: 'another' }));
  expect(inPressOf([item, other, elsewhere], placeId)).toEqual([
    { itemId: item.itemId, placeId, attempt: 2 },
    { itemId: other.itemId, placeId, attempt: 1 },
  ]);
});

test('what does not hold is the film laid last, unless another is named; its deed speaks of its cuttings alone', () => {
  const options = againOptions(item, places);
  expect(options.map(({ film }) => film)).toEqual(['gold', 'navy']);
  expect(againDeed(item, options[0]!, 'edgeLifts', 6)).toEqual({
    kind: 'pressedAgain',
    itemId: item.itemId,
    placeId,
    layerIds: ['gold-layer'],
    attempts: [2],
    why: 'edgeLifts',
    seconds: 6,
  });
  const stuck = anItem(1, piece('silver', { materialKind: 'adhesiveFilm', process: 'adhesiveFilm' } as never));
  expect(againOptions(stuck, pressesOf(spec, stuck, 'clamshell'))).toEqual([]);
  // What is not weeded was never under the press, but a whole item that is checked was.
  const cut = anItem(1, piece('navy', { stage: 'cut' }), piece('gold'));
  const of = (one: BenchItem) =>
    againOptions(
      one,
      places.map((at) => ({ ...at, at: { ...at.at, pieces: one.pieces } })),
    ).map(({ film }) => film);
  expect(of({ ...cut, stage: 'cut' })).toEqual(['gold']);
  expect(of({ ...cut, stage: 'checked' })).toEqual(['gold', 'navy']);
  const bought = anItem(1, piece('navy', { stage: null, process: 'bought' }));
  expect(of({ ...bought, stage: 'open' })).toEqual(['navy']);
});

test('a film has had its own heat, and that of what was pressed over it since', () => {
  const heatOf = (navy: object, gold: object, stage?: string) => {
    const one = { ...anItem(1, piece('navy', navy), piece('gold', gold)), ...(stage ? { stage } : {}) } as BenchItem;
    const at = places.map((place) => ({ ...place, at: { ...place.at, pieces: one.pieces } }));
    return againOptions(one, at).map(({ film, heatedSeconds }) => [film, heatedSeconds]);
  };
  expect(heatOf({ stage: 'bonded' }, { stage: 'weeded' })).toEqual([
    ['gold', 15],
    ['navy', 5],
  ]);
  expect(heatOf({ stage: 'bonded' }, { stage: 'bonded' })).toEqual([
    ['gold', 15],
    ['navy', 20],
  ]);
  expect(heatOf({ stage: 'weeded' }, { stage: 'weeded' }, 'checked')).toEqual([
    ['gold', 15],
    ['navy', 20],
  ]);
});

test('what lies in a pass of another film is told, before and after it is cut', () => {
  const lying = { ...piece('gold'), passNo: 3, filmNow: 'white' } as unknown as BenchPiece;
  expect(otherFilmSentence({ ...lying, filmNow: null })).toBeNull();
  expect(otherFilmSentence({ ...lying, stage: null })).toMatch(/lies in pass 3 on gold; the run takes white .* uncut/);
  expect(otherFilmSentence(lying)).toMatch(/was cut from gold; the run takes white .* to cut it again/);
});

test('what is said names seconds, film and what holds instead', () => {
  expect(heldSentence(9)).toMatch(/9 s to go/);
  expect(tooMuchSentence('navy', ['navy soft', 'red'])).toMatch(
    /“navy” has had .* at hand that hold on this: navy soft, red\./,
  );
  expect(tooMuchSentence('navy', [])).not.toMatch(/at hand/);
});
