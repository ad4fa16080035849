const WORDS: Readonly<Record<string, string>> = {
  salt: 'other letters',
  swsh: 'swashes',
  cswh: 'swashes where they have room',
  titl: 'capitals for large sizes',
  hist: 'letters of old',
  dlig: 'more letters joined',
  lnum: 'figures as tall as capitals',
  onum: 'figures that hang below the line',
  smcp: 'small capitals for small letters',
  c2sc: 'small capitals for capitals',
  unic: 'capitals and small letters of one height',
  zero: 'a nought that is no O',
};

/** What a set of other letters is called: by its maker, by what it does, or by its number. */
export function alternateWords(feature: string, name: string | null): string {
  if (name !== null) return name;
  const number = Number(feature.slice(2));
  return WORDS[feature] ?? (feature.startsWith('ss') ? `set ${number}` : `letter ${number}`);
}
