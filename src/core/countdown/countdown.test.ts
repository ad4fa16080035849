import fc from 'fast-check';
import {
  type Clock,
  type Countdown,
  COUNTDOWN_KINDS,
  endMs,
  curing,
  heldItems,
  inSight,
  isRunning,
  newCountdownSchema,
  nextClock,
  secondsLeft,
} from '.';

const START = Date.parse('2026-05-04T08:00:00.000Z');
const ROOK = 'aaaaaaaaaa-bbbbbbbbbb-1';
const CHEST = 'pppppppppp';
const PAWN = 'cccccccccc-bbbbbbbbbb-1';

const a = (more: Partial<Countdown> = {}): Countdown => ({
  id: 'countdown1',
  kind: 'press',
  film: 'navy film',
  items: [{ itemId: ROOK, placeId: CHEST, attempt: 1 }],
  seconds: 15,
  by: { who: '', station: 'press' },
  startedAt: new Date(START).toISOString(),
  endedEarly: null,
  ...more,
});

const EARLY = { at: new Date(START + 2000).toISOString(), reason: 'it smokes', station: 'press' };

test('what is left is rounded up, never more than was asked for, and nothing once it was ended', () => {
  expect([0, 1, 999, 1000, 14_999, 15_000, 99_000].map((ms) => secondsLeft(a(), START + ms))).toEqual([
    15, 15, 15, 14, 1, 0, 0,
  ]);
  // The clock was set back.
  expect(secondsLeft(a(), START - 3_600_000)).toBe(15);
  expect(secondsLeft(a({ endedEarly: EARLY }), START + 3000)).toBe(0);
  expect(endMs(a())).toBe(START + 15_000);
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 259_200 }), fc.integer({ min: -1e9, max: 1e9 }), (seconds, ms) => {
      const left = secondsLeft(a({ seconds }), START + ms);
      expect(left).toBeGreaterThanOrEqual(0);
      expect(left).toBeLessThanOrEqual(seconds);
      expect(isRunning(a({ seconds }), START + ms)).toBe(ms < seconds * 1000);
      expect(secondsLeft(a({ seconds }), START + ms + 1000)).toBeLessThanOrEqual(left);
    }),
  );
});

const holding = (countdowns: readonly Countdown[], itemId: string, nowMs: number) =>
  heldItems(countdowns, nowMs).get(itemId) ?? null;

test('whatever runs holds its items but what cures, and those alone', () => {
  const now = START + 5000;
  for (const kind of COUNTDOWN_KINDS) {
    const found = holding([a({ kind })], ROOK, now);
    expect(found === null).toBe(kind === 'cure');
  }
  expect(holding([a()], PAWN, now)).toBeNull();
  expect(holding([a()], ROOK, START + 15_000)).toBeNull();
  expect(holding([a({ endedEarly: EARLY })], ROOK, now)).toBeNull();
  const both = a({ id: 'countdown2', items: [PAWN, ROOK].map((itemId) => ({ itemId, placeId: CHEST, attempt: 1 })) });
  expect(holding([a({ endedEarly: EARLY }), both], ROOK, now)).toBe(both);
  // The first of two, in either place.
  expect([holding([a(), both], ROOK, now)?.id, holding([a(), both], PAWN, now)]).toEqual(['countdown1', both]);
});

const CLOCKS: readonly Clock[] = [
  { kind: 'dryOut', film: 'navy film', seconds: 5, isOptional: false },
  { kind: 'press', film: 'navy film', seconds: 15, isOptional: false },
  { kind: 'backSide', film: 'navy film', seconds: 3, isOptional: true },
  { kind: 'press', film: 'gold film', seconds: 20, isOptional: false },
];

test('the next step is the first after the last that was started for this cutting', () => {
  const next = (countdowns: readonly Countdown[], attempt = 1, placeId = CHEST) => {
    const clock = nextClock(CLOCKS, countdowns, { itemId: ROOK, placeId, attempt });
    return clock && `${clock.kind} ${clock.film}`;
  };
  const dry = a({ kind: 'dryOut' });
  const gold = a({ film: 'gold film' });
  expect(next([])).toBe('dryOut navy film');
  expect(next([dry])).toBe('press navy film');
  // What was ended early was started all the same.
  expect(next([{ ...dry, endedEarly: EARLY }])).toBe('press navy film');
  // The back is pressed where its sheet says so: it is passed over.
  expect(next([dry, a()])).toBe('press gold film');
  expect(next([gold])).toBeNull();
  expect(nextClock(CLOCKS.slice(0, 3), [a()], { itemId: ROOK, placeId: CHEST, attempt: 1 })).toBeNull();
  // Cut anew, another item or another place: from the beginning.
  expect(next([dry, a()], 1, 'qqqqqqqqqq')).toBe('dryOut navy film');
  expect(next([dry, a()], 2)).toBe('dryOut navy film');
  expect(next([{ ...dry, items: [{ itemId: PAWN, placeId: CHEST, attempt: 1 }] }])).toBe('dryOut navy film');
});

test('what has run out stays in sight for a minute, the nearest end first; what was ended does not', () => {
  const long = a({ id: 'countdown2', seconds: 90 });
  const ended = a({ id: 'countdown3', endedEarly: EARLY });
  const ids = (ms: number) => inSight([long, a(), ended], START + ms).map(({ id }) => id);
  expect(ids(0)).toEqual(['countdown1', 'countdown2']);
  expect(ids(74_999)).toEqual(['countdown1', 'countdown2']);
  expect(ids(75_000)).toEqual(['countdown2']);
  expect(ids(150_000)).toEqual([]);
});

test('what cures is in no sight of those who stand by, and told apart until it has cured', () => {
  const cure = (id: string, seconds: number) => a({ id, kind: 'cure', seconds });
  const all = [
    cure('countdown2', 7200),
    a(),
    cure('countdown3', 3600),
    { ...cure('countdown4', 9000), endedEarly: EARLY },
  ];
  const ids = (ms: number) => curing(all, START + ms).map(({ id }) => id);
  expect(inSight(all, START).map(({ id }) => id)).toEqual(['countdown1']);
  expect(ids(0)).toEqual(['countdown3', 'countdown2']);
  expect(ids(3_600_000)).toEqual(['countdown2']);
  expect(ids(7_200_000)).toEqual([]);
});

test('a countdown has items, whole seconds up to three days, and a kind that is known', () => {
  const { startedAt: _, endedEarly: __, ...sent } = a();
  const isRight = (more: object) => newCountdownSchema.safeParse({ ...sent, ...more }).success;
  expect(isRight({})).toBe(true);
  expect(isRight({ seconds: 259_200 })).toBe(true);
  const wrong = [
    { seconds: 0 },
    { seconds: 1.5 },
    { seconds: 259_201 },
    { items: [] },
    { kind: 'soak' },
    { id: 'short' },
  ];
  expect(wrong.map(isRight)).toEqual(wrong.map(() => false));
});
