/** Made-up names from syllables: short and long, accented, hyphenated, in two words; the same for the same seed. */
const STARTS = [
  'Ma',
  'Bel',
  'Øs',
  'Tho',
  'Ły',
  'Ca',
  'Fe',
  'Wi',
  'Bran',
  'Ö',
  'Quil',
  'Sâ',
  'Ža',
  'Dr',
  'Gwy',
  'Pa',
  'Ker',
  'Já',
  'Iñ',
  'Űr',
];
const MIDDLES = [
  'ri',
  'thy',
  'lu',
  'ther',
  'ston',
  'nie',
  'vol',
  'gå',
  'ffa',
  'tti',
  'žo',
  'rrē',
  'ğı',
  'ck',
  'ble',
  'êr',
  'jo',
  'ppo',
  'nço',
];
const ENDS = [
  'a',
  'ska',
  'haugh',
  'dottir',
  'ley',
  'ö',
  'ez',
  'x',
  'ß',
  'fy',
  'ć',
  'man',
  'que',
  'gg',
  'ő',
  'tz',
  'ell',
  'ij',
  'ş',
];

export function randomNames(count: number, seed: number): string[] {
  let state = seed;
  const pick = <T>(list: readonly T[]): T => {
    state = (state * 48271) % 2147483647;
    return list[state % list.length]!;
  };
  const word = () =>
    pick(STARTS) + Array.from({ length: pick([0, 1, 1, 2]) }, () => pick(MIDDLES)).join('') + pick(ENDS);
  const names = new Set<string>();
  while (names.size < count) names.add(pick([word(), word(), word(), `${word()}-${word()}`, `${word()} ${word()}`]));
  return [...names];
}
