import {
  NO_NAME,
  type NameParts,
  doubleNames,
  monogramOf,
  otherReading,
  peopleReadings,
  repairCase,
  splitName,
} from '.';

/** Kinds of names that lists hold, several of each: what the parts are called is what the items are lettered by. */
test.each<[string, Partial<NameParts>]>([
  // Two capitals are initials.
  ['AJ Sorrel', { given: 'AJ', family: 'Sorrel' }],
  ['JP Marlow', { given: 'JP', family: 'Marlow' }],
  ['DJ Lee Coles', { given: 'DJ', further: 'Lee', family: 'Coles' }],
  ['Anna LI', { given: 'Anna', family: 'LI' }],
  ['DJ COLES', { given: 'DJ', family: 'COLES' }],
  ['Coles, DJ', { given: 'DJ', family: 'Coles' }],
  ['SORREL AJ', { given: 'SORREL', family: 'AJ' }],
  ['ANNA LI', { given: 'ANNA', family: 'LI' }],
  ['Sorrel AJ Marie', { given: 'Sorrel', further: 'AJ', family: 'Marie' }],
  ['DE WIT Anna', { given: 'Anna', particle: 'DE', family: 'WIT' }],
  ['McDONNELL Ann', { given: 'Ann', family: 'McDONNELL' }],
  ["O'MALLEY Ann", { given: 'Ann', family: "O'MALLEY" }],
  // After a comma stand suffixes, titles and particles too.
  ['Stone, Hugh, III', { given: 'Hugh', family: 'Stone', suffix: 'III' }],
  ['Stone, III, Hugh', { given: 'Hugh', family: 'Stone', suffix: 'III' }],
  ['Stone, Hugh III', { given: 'Hugh', family: 'Stone', suffix: 'III' }],
  ['Kerr, Milton, Jr.', { given: 'Milton', family: 'Kerr', suffix: 'Jr.' }],
  ['Kerr, Milton Rowe Jr.', { given: 'Milton', further: 'Rowe', family: 'Kerr', suffix: 'Jr.' }],
  ['Kerr, Milton, PhD, Jr.', { given: 'Milton', family: 'Kerr', suffix: 'PhD Jr.' }],
  ['Milton Kerr, Jr., PhD', { given: 'Milton', family: 'Kerr', suffix: 'Jr. PhD' }],
  ['Milton Kerr, Dr.', { title: 'Dr.', given: 'Milton', family: 'Kerr' }],
  ['Kerr, Dr.', { title: 'Dr.', family: 'Kerr' }],
  ['Kerr, Nan', { given: 'Nan', family: 'Kerr' }],
  ['Bergh, Pieter van der', { given: 'Pieter', particle: 'van der', family: 'Bergh' }],
  ['Bergh, Pieter Jan van der', { given: 'Pieter', further: 'Jan', particle: 'van der', family: 'Bergh' }],
  ['Prado, Ana de', { given: 'Ana', particle: 'de', family: 'Prado' }],
  ['Stein, Otto von und zu', { given: 'Otto', particle: 'von und zu', family: 'Stein' }],
  ['Veld, Jan in ’t', { given: 'Jan', particle: 'in ’t', family: 'Veld' }],
  // Initials.
  ['J.R.R. Talvik', { given: 'J.R.R.', family: 'Talvik' }],
  ['J. R. R. Talvik', { given: 'J.', further: 'R. R.', family: 'Talvik' }],
  ['Talvik, J.R.R.', { given: 'J.R.R.', family: 'Talvik' }],
  // Particles of several words, and words that begin a family name.
  ['Otto von und zu Stein', { given: 'Otto', particle: 'von und zu', family: 'Stein' }],
  ['Jan in ’t Veld', { given: 'Jan', particle: 'in ’t', family: 'Veld' }],
  ["Jan op 't Hof", { given: 'Jan', particle: "op 't", family: 'Hof' }],
  ['Max auf der Heide', { given: 'Max', particle: 'auf der', family: 'Heide' }],
  ['Ria uit den Boog', { given: 'Ria', particle: 'uit den', family: 'Boog' }],
  ['Rhys ap Gwilym', { given: 'Rhys', particle: 'ap', family: 'Gwilym' }],
  ['Nest ferch Gwilym', { given: 'Nest', particle: 'ferch', family: 'Gwilym' }],
  ['Omar ben Tarik', { given: 'Omar', particle: 'ben', family: 'Tarik' }],
  ['Tom Ben Marsh', { given: 'Tom', further: 'Ben', family: 'Marsh' }],
  ['Oisín Ó Dálaigh', { given: 'Oisín', particle: 'Ó', family: 'Dálaigh' }],
  ['Niamh Nic Giolla', { given: 'Niamh', family: 'Nic Giolla' }],
  ['Ivo St. Clement', { given: 'Ivo', family: 'St. Clement' }],
  ['Khalid al-Faris', { given: 'Khalid', family: 'al-Faris' }],
  ['Anna van den Bergh-de Vroom', { given: 'Anna', particle: 'van den', family: 'Bergh-de Vroom' }],
  ['Ana Costa e Silva', { given: 'Ana', family: 'Costa e Silva' }],
  // Titles.
  ['Dr.Anna Quill', { title: 'Dr.', given: 'Anna', family: 'Quill' }],
  ['Prof.Dr.Anna Quill', { title: 'Prof. Dr.', given: 'Anna', family: 'Quill' }],
  ['Herr Doktor Quill', { title: 'Herr Doktor', family: 'Quill' }],
  ['Frau Professorin Ada Quill', { title: 'Frau Professorin', given: 'Ada', family: 'Quill' }],
  ['Sister Ada', { title: 'Sister', given: 'Ada' }],
  // Suffixes and the name that somebody was born with.
  ['Hugh Stone 2nd', { given: 'Hugh', family: 'Stone', suffix: '2nd' }],
  ['Hugh Stone 3rd', { given: 'Hugh', family: 'Stone', suffix: '3rd' }],
  ['Ida Stone geb. Marsh', { given: 'Ida', family: 'Stone', suffix: 'geb. Marsh' }],
  ['Ida Stone, geb. Marsh', { given: 'Ida', family: 'Stone', suffix: 'geb. Marsh' }],
  ['Ida Stone (née Marsh)', { given: 'Ida', family: 'Stone', suffix: 'née Marsh' }],
  ['Ida Stone z domu Marsz', { given: 'Ida', family: 'Stone', suffix: 'z domu Marsz' }],
  // Pet names, however they are set off.
  ["Robert 'Bob' Kerr", { given: 'Robert', family: 'Kerr', pet: 'Bob' }],
  ['Robert «Bob» Kerr', { given: 'Robert', family: 'Kerr', pet: 'Bob' }],
  ['Robert »Bob« Kerr', { given: 'Robert', family: 'Kerr', pet: 'Bob' }],
  ['Robert ”Bob” Kerr', { given: 'Robert', family: 'Kerr', pet: 'Bob' }],
  ['Robert ‹Bob› Kerr', { given: 'Robert', family: 'Kerr', pet: 'Bob' }],
  ["Kerr, Robert 'Bob'", { given: 'Robert', family: 'Kerr', pet: 'Bob' }],
  ["Wim 't Hoen", { given: 'Wim', particle: "'t", family: 'Hoen' }],
  ["Sean O'Dell", { given: 'Sean', family: "O'Dell" }],
])('%s', (text, parts) => {
  expect(splitName(text)).toEqual({ ...NO_NAME, ...parts });
});

test('two capitals are a family name in a list that writes its family names so', () => {
  const family = (text: string) => splitName(text, { twoCapitals: 'family' });
  expect(family('XU Anna')).toMatchObject({ given: 'Anna', family: 'XU' });
  expect(family('Anna Mei LI')).toMatchObject({ given: 'Anna', further: 'Mei', family: 'LI' });
  expect(family('BERG Anna')).toEqual(splitName('BERG Anna'));
});

const RULE = { form: 'three', doubled: 'first', particles: 'drop', noFurther: 'two', single: 'family' } as const;
const letters = (text: string, rule: object = {}, language = 'en') => {
  const made = monogramOf(splitName(text), null, { ...RULE, ...rule }, language);
  return made.ok ? made.value.letters : made.problem.kind;
};

test.each<[string, object, string]>([
  ['AJ Sorrel', {}, 'AS'],
  ['JP Marlow', {}, 'JM'],
  ['DJ Lee Coles', {}, 'DLC'],
  ['Stone, Hugh, III', {}, 'HS'],
  ['Kerr, Milton, Jr.', {}, 'MK'],
  ['Bergh, Pieter van der', {}, 'PB'],
  ['Bergh, Pieter van der', { particles: 'keep' }, 'PV'],
  ['J.R.R. Talvik', {}, 'JRT'],
  ['J.R. Talvik', {}, 'JRT'],
  ['J.-L. Talvik', {}, 'JT'],
  ['Jean-Luc Talvik', {}, 'JT'],
  ['Talvik, J. R.', {}, 'JRT'],
  ['Khalid al-Faris', {}, 'KF'],
  ['Khalid Al-Faris', {}, 'KF'],
  ['Khalid al-Faris', { particles: 'keep' }, 'KA'],
  ['Khalid al-Faris', { doubled: 'last' }, 'KF'],
  ['Khalid al-Faris', { doubled: 'last', particles: 'keep' }, 'KA'],
  ['Khalid al-Faris-Omar', { doubled: 'both' }, 'KFO'],
  ['Otto von und zu Stein', {}, 'OS'],
  ['Otto von und zu Stein', { particles: 'keep' }, 'OV'],
  ['Jan in ’t Veld', {}, 'JV'],
  ['Jan in ’t Veld', { particles: 'keep' }, 'JI'],
  ['Rhys ap Gwilym', {}, 'RG'],
  ['Rhys ap Gwilym', { particles: 'keep' }, 'RA'],
  ['Anna van den Bergh-de Vroom', {}, 'AB'],
  ['Anna van den Bergh-de Vroom', { doubled: 'last' }, 'AV'],
  ['Anna van den Bergh-de Vroom', { doubled: 'last', particles: 'keep' }, 'AD'],
  ['Anna van den Bergh-de Vroom', { doubled: 'both', particles: 'keep' }, 'AVD'],
  ['Anna van den Bergh-de Vroom', { doubled: 'both' }, 'ABV'],
  ['Dr.Anna Quill', {}, 'AQ'],
  ['Ida Stone geb. Marsh', {}, 'IS'],
  ['Hugh Stone 3rd', {}, 'HS'],
  ["Robert 'Bob' James Kerr", {}, 'RJK'],
  // Greek capitals stand without their stroke, and keep two dots.
  ['Έλλη Άννα Λάππα', {}, 'ΕΑΛ'],
  ['ΰψος Ϊων Όρος', {}, 'ΫΪΟ'],
  ['Ήρα Ώρα', { form: 'two' }, 'ΗΩ'],
  // Letters of other scripts keep their marks.
  ['Éva Ödön Åkesson', {}, 'ÉÖÅ'],
  ['Йордан Ёлкин', { form: 'two' }, 'ЙЁ'],
])('monogram of %s by %j: %s', (text, rule, made) => {
  expect(letters(text, rule)).toBe(made);
});

test.each<[string, string, Partial<NameParts> | null]>([
  ['XU Anna', 'en', { given: 'Anna', family: 'XU' }],
  ['Anna Mei NG', 'en', null],
  ['NG Anna', 'en', { given: 'Anna', family: 'NG' }],
  ['AJ Sorrel', 'en', null],
  ['JP Marlow', 'en', null],
  ['Don Marsh', 'en', { given: 'Don', family: 'Marsh' }],
  ['Coach Marsh', 'en', null],
  ['Don Pedro Marsh', 'en', null],
  ['Ana Ruiz Vega', 'es', { given: 'Ana', family: 'Ruiz Vega' }],
  ['Ana María Ruiz Vega', 'pt', { given: 'Ana', further: 'María', family: 'Ruiz Vega' }],
  ['Ana Ruiz Vega', 'en', null],
  ['Ana Vega', 'es', null],
  ['Ana de la Vega', 'es', null],
  ['Vega, Ana Ruiz', 'es', null],
  ['Fazekas Anna', 'hu', { given: 'Anna', family: 'Fazekas' }],
  ['Fazekas Anna Mária', 'hu', { given: 'Anna', further: 'Mária', family: 'Fazekas' }],
  ['Anna', 'hu', null],
  ['', 'hu', null],
])('%s in %s may also be %j', (text, language, parts) => {
  expect(otherReading(text, language)).toEqual(parts && { ...NO_NAME, ...parts });
});

test.each<[string, readonly (readonly string[])[]]>([
  ['Ann, Bo & Cy', [['Ann', 'Bo', 'Cy']]],
  ['Ann, Bo, Cy & Dot', [['Ann', 'Bo', 'Cy', 'Dot']]],
  ['Ann, Bo & Cy Lind', [['Ann Lind', 'Bo Lind', 'Cy Lind']]],
  ['Lind, Ann & Bo', [['Ann Lind', 'Bo Lind']]],
  ['Ann & Bo & Cy Lind', [['Ann Lind', 'Bo Lind', 'Cy Lind']]],
  ['Ann Lind, Bo Berg & Cy Marsh', [['Ann Lind', 'Bo Berg', 'Cy Marsh']]],
  ['Otto & Ida von und zu Stein', [['Otto von und zu Stein', 'Ida von und zu Stein']]],
  ['Otto und Ida Stein', [['Otto Stein', 'Ida Stein']]],
  ['Lind, Ann & Berg, Bo', [['Lind, Ann', 'Berg, Bo']]],
  ['Lind, Ann', []],
  ['Anna Lind', []],
  ['3 & 4', []],
  ['Ann & 2 guests', []],
])('people in %s', (text, [first]) => {
  expect(peopleReadings(text)[0] ?? []).toEqual(first ?? []);
});

test('a comma before two that are joined is read in two ways, and both are offered', () => {
  expect(peopleReadings('Ann, Bo & Cy')).toEqual([
    ['Ann', 'Bo', 'Cy'],
    ['Bo Ann', 'Cy Ann'],
  ]);
  expect(peopleReadings('Quill, Bo & Cy')).toEqual([
    ['Bo Quill', 'Cy Quill'],
    ['Quill', 'Bo', 'Cy'],
  ]);
  expect(peopleReadings('Quill, Ann, Bo & Cy')).toEqual([['Quill', 'Ann', 'Bo', 'Cy']]);
  expect(peopleReadings('Quill, Bo & Cy Marsh')).toEqual([['Quill Marsh', 'Bo Marsh', 'Cy Marsh']]);
});

test.each<[string, string | null]>([
  ['J.R. TALVIK', 'J.R. Talvik'],
  ['J.-L. TALVIK', 'J.-L. Talvik'],
  ['J R TALVIK', 'J R Talvik'],
  ['XI WU', 'Xi Wu'],
  ['WU XI', 'Wu Xi'],
  ['LI VI', 'Li Vi'],
  ['HUGH STONE VI', 'Hugh Stone VI'],
  ['HUGH IV', 'Hugh IV'],
  ['X STONE', 'X Stone'],
  ['MR STONE', 'Mr Stone'],
  ['ST CLEMENT', 'St Clement'],
  ['hugh stone iii', 'Hugh Stone III'],
  ['ØJ LIND', 'ØJ Lind'],
  ['ØR LIND', 'Ør Lind'],
  ['VI STONE', 'Vi Stone'],
  ['ANNA NG', 'Anna Ng'],
  ['JP MARLOW', 'JP Marlow'],
  ['AJ SORREL', 'AJ Sorrel'],
  ['AL SORREL', 'Al Sorrel'],
  ['JO SORREL', 'Jo Sorrel'],
  ['MCDONNELL', 'McDonnell'],
  ['McDONNELL Ann', 'McDonnell Ann'],
  ['MacDONALD Ann', 'MacDonald Ann'],
  ["O'MALLEY", "O'Malley"],
  ["O'MALLEY ANN", "O'Malley Ann"],
  ["DELL'ORTO", "Dell'Orto"],
  ["'T HOOFT", "'t Hooft"],
  ['’S GRAVEN', '’s Graven'],
  ["JAN 'T HOOFT", "Jan 't Hooft"],
  ['JAN IN ’T VELD', 'Jan in ’t Veld'],
  ['OTTO VON UND ZU STEIN', 'Otto von und zu Stein'],
  ['RHYS AP GWILYM', 'Rhys ap Gwilym'],
  ['TOM BEN MARSH', 'Tom Ben Marsh'],
  ['ADA QUILL PHD', 'Ada Quill PhD'],
  ['ADA QUILL BSC', 'Ada Quill BSc'],
  ['PHD', 'PhD'],
  ['MBE ADA', 'Mbe Ada'],
  ['HUGH STONE JR', 'Hugh Stone Jr'],
  ['HUGH STONE 3RD', 'Hugh Stone 3rd'],
  ['DR ADA QUILL', 'Dr Ada Quill'],
  ['ANN AND BO LIND', 'Ann and Bo Lind'],
  ['BERG Anna', null],
  ['AJ Sorrel', null],
  ['J.R. Talvik', null],
  ['Xi Wu', null],
])('case of %s: %s', (text, repaired) => {
  expect(repairCase(text, 'en')).toBe(repaired);
});

test.each<[string, string]>([
  ['Işık', 'Isik'],
  ['İpek Nur', 'Ipek Nur'],
  ['Œuvrard', 'Oeuvrard'],
  ['Müller-Voss', 'Mueller-Voss'],
  ['Jörg Weiß', 'Joerg Weiss'],
  ['Bjørn Lind', 'Bjoern Lind'],
  ['Åse Lind', 'Aase Lind'],
  ['Æbbe Lind', 'Aebbe Lind'],
  ['Þórdís', 'Thordis'],
  ['Siân', 'Sian'],
  ['3. Ingrid', '17. Ingrid'],
  ['3) Ingrid', 'Ingrid'],
  ['Đorđe', 'Dorde'],
])('%s and %s may be the same', (one, other) => {
  expect(doubleNames([one, 'Quill', other])).toEqual([{ reason: 'accents', at: [0, 2] }]);
  expect(doubleNames([other, 'Quill', one])).toEqual([{ reason: 'accents', at: [0, 2] }]);
});

test('letters that are spelled out make no double of what is merely like it', () => {
  expect(doubleNames(['Mueller', 'Muller', 'Quill'])).toEqual([{ reason: 'oneLetter', at: [0, 1] }]);
  expect(doubleNames(['Quillon', 'Qu', 'Quillonston'])).toEqual([]);
  expect(doubleNames(['Müller', 'Müller'])).toEqual([{ reason: null, at: [0, 1] }]);
});
