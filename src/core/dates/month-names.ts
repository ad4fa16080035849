/**
 * Names of the months: our own tables, since the same list must be read and written alike in every browser and on the
 * server. A test compares them with what the platform says.
 */
export const MONTH_LANGUAGES = ['en', 'de', 'fr', 'es', 'it', 'nl', 'pl'] as const;
export type MonthLanguage = (typeof MONTH_LANGUAGES)[number];

/** As they stand within a date: Polish in the genitive (14 czerwca). */
const NAMES: Readonly<Record<MonthLanguage, string>> = {
  en: 'January February March April May June July August September October November December',
  de: 'Januar Februar März April Mai Juni Juli August September Oktober November Dezember',
  fr: 'janvier février mars avril mai juin juillet août septembre octobre novembre décembre',
  es: 'enero febrero marzo abril mayo junio julio agosto septiembre octubre noviembre diciembre',
  it: 'gennaio febbraio marzo aprile maggio giugno luglio agosto settembre ottobre novembre dicembre',
  nl: 'januari februari maart april mei juni juli augustus september oktober november december',
  pl: 'stycznia lutego marca kwietnia maja czerwca lipca sierpnia września października listopada grudnia',
};

/** As they stand without a day, where that is another word: Polish in the nominative (czerwiec 2020). */
const ALONE: Readonly<Partial<Record<MonthLanguage, string>>> = {
  pl: 'styczeń luty marzec kwiecień maj czerwiec lipiec sierpień wrzesień październik listopad grudzień',
};

/** Other spellings and shortenings that are no beginning of a name above, by month. */
const ALSO: readonly string[] = ['jänner', 'feber', 'mrz mrt', '', '', '', '', '', 'setiembre'];

const LISTS = Object.fromEntries(
  MONTH_LANGUAGES.map((language) => [language, NAMES[language].split(' ')]),
) as unknown as Readonly<Record<MonthLanguage, readonly string[]>>;

/** The language of a tag such as `en-GB`; English where no table is at hand. */
export function languageOf(tag: string): MonthLanguage {
  const base = tag.slice(0, 2).toLowerCase();
  return MONTH_LANGUAGES.find((language) => language === base) ?? 'en';
}

/** Name of a month from 1 to 12, as it stands within a date, or beside a year alone. */
export function monthName(month: number, language: MonthLanguage, beside: 'day' | 'year' = 'day'): string {
  const alone = beside === 'year' ? ALONE[language]?.split(' ') : undefined;
  const name = (alone ?? LISTS[language])[month - 1];
  if (name === undefined) throw new Error(`no month ${month}`);
  return name;
}

/** Shortest beginning of a name that is taken for it: `mar` may be, `ma` may not. */
const LEAST_LETTERS = 3;

/**
 * Months that a word may stand for in any of the languages, whole or shortened, with or without accents. Several when a
 * shortening does not say which (`jui`), none when it is no month.
 */
export function monthsOfWord(word: string): readonly number[] {
  const wanted = plain(word);
  if (wanted.length < LEAST_LETTERS) return [];
  const exact = BY_NAME.get(wanted);
  if (exact !== undefined) return [exact];
  const found = new Set<number>();
  for (const [name, month] of BY_NAME) if (name.startsWith(wanted)) found.add(month);
  return [...found];
}

function plain(word: string): string {
  return word.normalize('NFD').replace(/\p{M}/gu, '').replace(/\.$/, '').toLowerCase();
}

const BY_NAME: ReadonlyMap<string, number> = new Map([
  ...MONTH_LANGUAGES.flatMap((language) => LISTS[language].map((name, i) => [plain(name), i + 1] as const)),
  ...[...Object.values(ALONE).map((names) => names.split(' ')), ALSO].flatMap((byMonth) =>
    byMonth.flatMap((names, i) =>
      names
        .split(' ')
        .filter(Boolean)
        .map((name) => [plain(name), i + 1] as const),
    ),
  ),
]);
