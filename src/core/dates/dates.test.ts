import fc from 'fast-check';
import {
  DATE_FORMS,
  type DateValue,
  MONTH_LANGUAGES,
  type SingleDate,
  daysInMonth,
  monthName,
  monthsOfWord,
  readDate,
  readRoman,
  writeDate,
  writeRoman,
} from '.';

const open = { order: null, pivot: 35 } as const;
const read = (said: string, reading: Parameters<typeof readDate>[1] = open) => {
  const date = readDate(said, reading);
  return date.ok ? date.value : date.problem.kind;
};
const day = (year: number, month: number, dayNo: number): SingleDate => ({ kind: 'day', year, month, day: dayNo });

test('roman numerals: reading what was written is identity, for all of them', () => {
  for (let n = 1; n <= 3999; n++) expect(readRoman(writeRoman(n))).toEqual({ ok: true, value: n });
});

test.each(['', 'IIII', 'IC', 'VX', 'MMMM', 'IXI', 'XCX', 'A', 'IIX', '12'])('%j is no roman numeral', (said) => {
  expect(readRoman(said).ok).toBe(false);
});

test.each([0, 4000, 1.5, -3])('there is no roman %d', (n) => {
  expect(() => writeRoman(n)).toThrow(String(n));
});

test('our names of months are the ones that the platform writes within a date', () => {
  for (const language of MONTH_LANGUAGES) {
    const format = new Intl.DateTimeFormat(language, {
      day: 'numeric',
      month: 'long',
      year: 'numeric',
      timeZone: 'UTC',
    });
    for (let month = 1; month <= 12; month++) {
      const parts = format.formatToParts(new Date(Date.UTC(2026, month - 1, 14)));
      expect(monthName(month, language)).toBe(parts.find(({ type }) => type === 'month')!.value);
    }
  }
});

test('what the platform shortens is understood as that month', () => {
  for (const language of MONTH_LANGUAGES) {
    const format = new Intl.DateTimeFormat(language, { month: 'short', day: 'numeric', timeZone: 'UTC' });
    for (let month = 1; month <= 12; month++) {
      const parts = format.formatToParts(new Date(Date.UTC(2026, month - 1, 14)));
      expect(monthsOfWord(parts.find(({ type }) => type === 'month')!.value)).toEqual([month]);
    }
  }
  expect(monthsOfWord('jui')).toEqual([6, 7]);
  expect(monthsOfWord('ma')).toEqual([]);
  expect(monthsOfWord('Tuba')).toEqual([]);
});

test.each<[string, SingleDate]>([
  ['1976', { kind: 'year', year: 1976 }],
  ["'76", { kind: 'year', year: 1976 }],
  ['26', { kind: 'year', year: 2026 }],
  ['MCMLXXVI', { kind: 'year', year: 1976 }],
  ['14/06/2026', day(2026, 6, 14)],
  ['06/14/2026', day(2026, 6, 14)],
  ['14.6.26', day(2026, 6, 14)],
  ['2026-06-14', day(2026, 6, 14)],
  ['2026/6/14', day(2026, 6, 14)],
  ['2026-06-14T00:00:00.000Z', day(2026, 6, 14)],
  ['5.5.1980', day(1980, 5, 5)],
  ['14 June 2026', day(2026, 6, 14)],
  ['June 14th, 2026', day(2026, 6, 14)],
  ['Sunday, 14 Jun 26', day(2026, 6, 14)],
  ['14. Juni 2026', day(2026, 6, 14)],
  ['Sonntag, den 14. Juni 2026', day(2026, 6, 14)],
  ['1er août 2026', day(2026, 8, 1)],
  ['le 3 fevrier 1999', day(1999, 2, 3)],
  ['14 de junio de 2026', day(2026, 6, 14)],
  ['1º gennaio 2001', day(2001, 1, 1)],
  ['14 mrt 2026', day(2026, 3, 14)],
  ['2 października 2024 r.', day(2024, 10, 2)],
  ['14 czerwiec 2026', day(2026, 6, 14)],
  ['14-Jun-2026', day(2026, 6, 14)],
  ['14.VI.2026', day(2026, 6, 14)],
  ['XIV · VI · MMXXVI', day(2026, 6, 14)],
  ['June 2026', { kind: 'month', year: 2026, month: 6 }],
  ['06/2026', { kind: 'month', year: 2026, month: 6 }],
  ['14 June', { kind: 'dayMonth', month: 6, day: 14 }],
  ['14/6', { kind: 'dayMonth', month: 6, day: 14 }],
  ['29 February', { kind: 'dayMonth', month: 2, day: 29 }],
])('%s', (said, date) => {
  expect(read(said)).toEqual(date);
});

test('ranges take from the end what their start leaves out', () => {
  expect(read('1976–2026')).toEqual({
    kind: 'range',
    from: { kind: 'year', year: 1976 },
    to: { kind: 'year', year: 2026 },
  });
  expect(read('1976-77')).toEqual({
    kind: 'range',
    from: { kind: 'year', year: 1976 },
    to: { kind: 'year', year: 1977 },
  });
  expect(read('12 – 14 June 2026')).toEqual({ kind: 'range', from: day(2026, 6, 12), to: day(2026, 6, 14) });
  expect(read('30 May to 2 June 2026')).toEqual({ kind: 'range', from: day(2026, 5, 30), to: day(2026, 6, 2) });
  expect(read('2026 - 1976')).toBe('backwards');
});

test('a date that could be either waits for the order, and then only that order is read', () => {
  expect(readDate('03/04/2026', open)).toEqual({
    ok: false,
    problem: { kind: 'ambiguous', dmy: day(2026, 4, 3), mdy: day(2026, 3, 4) },
  });
  expect(read('03/04/2026', { order: 'dmy', pivot: 35 })).toEqual(day(2026, 4, 3));
  expect(read('03/04/2026', { order: 'mdy', pivot: 35 })).toEqual(day(2026, 3, 4));
  expect(read('03/03/2026')).toEqual(day(2026, 3, 3));
  expect(readDate('06/14/2026', { order: 'dmy', pivot: 35 })).toMatchObject({
    problem: { kind: 'impossible', fitsOrder: 'mdy' },
  });
});

test.each(['31/04/2026', '29.2.2025', '30 February 2024', '2026-13-01', '14/14/2026', '0/5/2026', '31.VI.2026'])(
  '%s looks like a date and is none',
  (said) => {
    expect(read(said)).toBe('impossible');
  },
);

test.each([
  'cornet',
  '12345',
  '14',
  '5',
  'May',
  'June June',
  '1/2/3/4',
  '20260614',
  'MIX it',
  '1976 and later',
  '€ 20',
])('%s is not surely a date', (said) => {
  expect(['unread', { kind: 'year', year: 2014 }]).toContainEqual(read(said));
});

test('two-digit years turn at the pivot', () => {
  expect(read('35', { order: null, pivot: 35 })).toEqual({ kind: 'year', year: 2035 });
  expect(read('36', { order: null, pivot: 35 })).toEqual({ kind: 'year', year: 1936 });
  expect(read('1.2.36', { order: 'dmy', pivot: 99 })).toEqual(day(2036, 2, 1));
});

const year = fc.integer({ min: 1000, max: 2999 });
const month = fc.integer({ min: 1, max: 12 });
const anyDay = fc
  .tuple(year, month, fc.integer({ min: 1, max: 31 }))
  .map(([y, m, d]): SingleDate => ({ kind: 'day', year: y, month: m, day: Math.min(d, daysInMonth(m, y)) }));
const anySingle: fc.Arbitrary<SingleDate> = fc.oneof(
  year.map((y): SingleDate => ({ kind: 'year', year: y })),
  fc.tuple(year, month).map(([y, m]): SingleDate => ({ kind: 'month', year: y, month: m })),
  anyDay,
  fc
    .tuple(month, fc.integer({ min: 1, max: 28 }))
    .map(([m, d]): SingleDate => ({ kind: 'dayMonth', month: m, day: d })),
);
const anyDate: fc.Arbitrary<DateValue> = fc.oneof(
  anySingle,
  fc.tuple(anyDay, anyDay).map(([a, b]): DateValue => {
    const key = (d: SingleDate) => (d.kind === 'day' ? d.year * 10000 + d.month * 100 + d.day : 0);
    return key(a) === key(b)
      ? a
      : key(a) < key(b)
        ? { kind: 'range', from: a, to: b }
        : { kind: 'range', from: b, to: a };
  }),
  fc
    .tuple(year, year)
    .filter(([a, b]) => a !== b)
    .map(([a, b]): DateValue => ({
      kind: 'range',
      from: { kind: 'year', year: Math.min(a, b) },
      to: { kind: 'year', year: Math.max(a, b) },
    })),
);

/** Forms that keep all that a date says. */
const WHOLE = DATE_FORMS.filter((form) => form !== 'year' && form !== 'romanYear');

test('reading what was written is identity: every form that says all, every language, both orders', () => {
  fc.assert(
    fc.property(
      anyDate,
      fc.constantFrom(...WHOLE),
      fc.constantFrom(...MONTH_LANGUAGES, 'en-US', 'de-AT'),
      fc.constantFrom('dmy' as const, 'mdy' as const),
      (date, form, language, order) => {
        const written = writeDate(date, form, { language, order });
        expect(written.ok && [written.value, readDate(written.value, { order, pivot: 35 })]).toEqual([
          written.ok && written.value,
          { ok: true, value: date },
        ]);
      },
    ),
    { numRuns: 4000 },
  );
});

test('the forms that say only the year give the year back', () => {
  fc.assert(
    fc.property(anySingle, fc.constantFrom('year' as const, 'romanYear' as const), (date, form) => {
      const written = writeDate(date, form, { language: 'en', order: null });
      if (date.kind === 'dayMonth') expect(written).toEqual({ ok: false, problem: { kind: 'noYear' } });
      else expect(written.ok && read(written.value)).toEqual({ kind: 'year', year: date.year });
    }),
  );
});

test('reading never throws, and what it reads is a real date', () => {
  fc.assert(
    fc.property(fc.oneof(fc.string(), fc.stringMatching(/^[0-9IVXM./ –-]{0,14}$/)), (said) => {
      const date = readDate(said, open);
      const single = date.ok && date.value.kind !== 'range' ? date.value : null;
      if (single?.kind === 'day') expect(single.day).toBeLessThanOrEqual(daysInMonth(single.month, single.year));
      if (!date.ok) expect(date.problem.kind).toMatch(/noDate|ambiguous|impossible|backwards|unread/);
    }),
    { numRuns: 3000 },
  );
});

test('long forms as they are written in each language', () => {
  const long = (language: string) => {
    const written = writeDate(day(2026, 6, 1), 'long', { language, order: null });
    return written.ok ? written.value : written.problem;
  };
  expect(['en', 'en-US', 'de', 'fr', 'es', 'it', 'nl', 'pl'].map(long)).toEqual([
    '1 June 2026',
    'June 1, 2026',
    '1. Juni 2026',
    '1er juin 2026',
    '1 de junio de 2026',
    '1º giugno 2026',
    '1 juni 2026',
    '1 czerwca 2026',
  ]);
});

test('a month without a day stands by itself: Polish has another word for it, and reads both', () => {
  const long = (said: string, language: string) => {
    const read = readDate(said, { order: 'dmy', pivot: 35 });
    const written = read.ok && writeDate(read.value, 'long', { language, order: 'dmy' });
    return written && written.ok ? written.value : null;
  };
  expect(long('2020-06', 'pl')).toBe('czerwiec 2020');
  expect(long('14.06.2020', 'pl')).toBe('14 czerwca 2020');
  expect(long('czerwiec 2020', 'pl')).toBe('czerwiec 2020');
  expect(long('2020-06', 'de')).toBe('Juni 2020');
  for (let month = 1; month <= 12; month++) {
    const said = long(`2020-${String(month).padStart(2, '0')}`, 'pl')!;
    const platform = new Intl.DateTimeFormat('pl', { month: 'long', year: 'numeric' });
    expect(said).toBe(platform.format(new Date(2020, month - 1, 5)));
    expect(readDate(said, { order: 'dmy', pivot: 35 })).toMatchObject({ ok: true, value: { month, year: 2020 } });
  }
});

test('a day without its year, as address books write it', () => {
  expect(readDate('--06-14', { order: null, pivot: 35 })).toEqual({
    ok: true,
    value: { kind: 'dayMonth', month: 6, day: 14 },
  });
});
