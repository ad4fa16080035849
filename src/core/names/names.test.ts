import fc from 'fast-check';
import {
  NO_NAME,
  curlApostrophes,
  doubleNames,
  joinName,
  repairCase,
  splitName,
  splitPair,
  withoutLookAlikes,
  withoutStrayMarks,
} from '.';

test.each<[string, Partial<ReturnType<typeof splitName>>]>([
  ['Anna', { given: 'Anna' }],
  ['Anna Lind', { given: 'Anna', family: 'Lind' }],
  ['Anna Maria Elise Lind', { given: 'Anna', further: 'Maria Elise', family: 'Lind' }],
  ['Dr. Anna van der Berg Jr.', { title: 'Dr.', given: 'Anna', particle: 'van der', family: 'Berg', suffix: 'Jr.' }],
  ['Berg, Anna Maria', { given: 'Anna', further: 'Maria', family: 'Berg' }],
  ['van der Berg, Dr Anna', { title: 'Dr', given: 'Anna', particle: 'van der', family: 'Berg' }],
  ['Anna Lind, Sr', { given: 'Anna', family: 'Lind', suffix: 'Sr' }],
  ['Anna Maria BERG', { given: 'Anna', further: 'Maria', family: 'BERG' }],
  ['BERG Anna', { given: 'Anna', family: 'BERG' }],
  ['Robert “Bob” Lind', { given: 'Robert', family: 'Lind', pet: 'Bob' }],
  ['Robert Lind (Bob)', { given: 'Robert', family: 'Lind', pet: 'Bob' }],
  ['Gran', { title: 'Gran' }],
  ['Coach Mike', { title: 'Coach', given: 'Mike' }],
  ['Mrs Lind', { title: 'Mrs', family: 'Lind' }],
  ['José Ibarra y Solano', { given: 'José', family: 'Ibarra y Solano' }],
  ['Hugh Stone III', { given: 'Hugh', family: 'Stone', suffix: 'III' }],
  ['Sean O’Dell', { given: 'Sean', family: 'O’Dell' }],
  ['Jean-Luc de la Tour', { given: 'Jean-Luc', particle: 'de la', family: 'Tour' }],
  ['', {}],
])('%s', (text, parts) => {
  expect(splitName(text)).toEqual({ ...NO_NAME, ...parts });
});

test('a plain name put together again is the name', () => {
  const word = fc.constantFrom('Anna', 'Bo', 'Jean-Luc', 'Örjan', 'O’Dell', 'Lind', 'Berg', 'Maria');
  const title = fc.constantFrom('', 'Dr', 'Mrs');
  const particle = fc.constantFrom('', 'van der', 'de');
  fc.assert(
    fc.property(
      title,
      word,
      fc.constantFrom('', 'Maria', 'Kay Ann'),
      particle,
      word,
      (t, given, further, p, family) => {
        const parts = { ...NO_NAME, title: t, given, further, particle: p, family };
        expect(splitName(joinName(parts))).toEqual(parts);
      },
    ),
  );
});

test('taking apart loses no letter and never throws', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme' }), (text) => {
      const parts = splitName(text);
      expect(Object.values(parts).every((part) => typeof part === 'string')).toBe(true);
      const letters = (s: string) => [...s].filter((c) => /\p{L}/u.test(c)).length;
      expect(letters(Object.values(parts).join(''))).toBe(letters(text));
    }),
    { numRuns: 2000 },
  );
});

test.each<[string, readonly [string, string] | null]>([
  ['Ann & Bo Lind', ['Ann Lind', 'Bo Lind']],
  ['Ann and Bo van der Berg', ['Ann van der Berg', 'Bo van der Berg']],
  ['Ann Lind & Bo Berg', ['Ann Lind', 'Bo Berg']],
  ['Ann & Bo', ['Ann', 'Bo']],
  ['Mr & Mrs Lind', ['Mr Lind', 'Mrs Lind']],
  ['Ana y Luis Vega', ['Ana Vega', 'Luis Vega']],
  ['Ann/Bo', ['Ann', 'Bo']],
  ['José Ibarra y Solano', null],
  ['Ann, Bo & Cy Lind & Dot', null],
  ['Otto von und zu Stein', null],
  ['Lind, Ann & Bo', ['Ann Lind', 'Bo Lind']],
  ['van Dalen, Ida + Per', ['Ida van Dalen', 'Per van Dalen']],
  ['Lind, Mr & Mrs', ['Mr Lind', 'Mrs Lind']],
  ['Anderson', null],
  ['3 + 4', null],
  ['Ann &', null],
])('%s', (text, people) => {
  expect(splitPair(text)).toEqual(people);
});

test.each<[string, string | null]>([
  ['IONA MCILWRAITH', 'Iona McIlwraith'],
  ["SEAN O'DELL", "Sean O'Dell"],
  ['pieter van der berg', 'Pieter van der Berg'],
  ['PIETER VAN DER BERG', 'Pieter van der Berg'],
  ['JEAN-LUC', 'Jean-Luc'],
  ['IJSBRAND DE WIT', 'IJsbrand de Wit'],
  ['IJEOMA OKAFOR', 'Ijeoma Okafor'],
  ['INÈS ET LUC BARON', 'Inès et Luc Baron'],
  ['ANNA E. LIND', 'Anna E. Lind'],
  ['ANNA E LIND', 'Anna E Lind'],
  ['ana y luis vega', 'Ana y Luis Vega'],
  ['Jean-luc Picot', 'Jean-Luc Picot'],
  ["Sean O'dell", "Sean O'Dell"],
  ['Iona Mcilwraith', 'Iona McIlwraith'],
  ['anna Lind', 'Anna Lind'],
  ['aNNA LIND', 'Anna LIND'],
  ['MORAG MACDONALD', 'Morag MacDonald'],
  ['CLEM MACKAY', 'Clem Mackay'],
  ['HUGH STONE III', 'Hugh Stone III'],
  ['ÅSA ÖBERG', 'Åsa Öberg'],
  ['Anna Lind', null],
  ['Jan van der Berg', null],
  ['Cato DeVries', null],
  ['JP', null],
  ['Jane d’Arcy', null],
  ['Ann and Bo', null],
  ['佐藤', null],
  ['', null],
])('case of %s: %s', (text, repaired) => {
  expect(repairCase(text, 'en')).toBe(repaired);
});

test('case by language: Dutch IJ, Turkish i', () => {
  expect(repairCase('IJSBRAND VOS', 'nl')).toBe('IJsbrand Vos');
  expect(repairCase('ipek ışık', 'tr')).toBe('İpek Işık');
  expect(repairCase('İPEK IŞIK', 'tr')).toBe('İpek Işık');
});

test('a suggestion needs no second one', () => {
  const name = fc.string({ unit: fc.constantFrom(..."abAB '’-.éİ"), maxLength: 14 });
  fc.assert(
    fc.property(name, (text) => {
      const once = repairCase(text, 'en');
      if (once !== null && /^\p{L}/u.test(once)) expect([null, once]).toContain(repairCase(once, 'en') ?? once);
      for (const repair of [curlApostrophes, withoutStrayMarks, withoutLookAlikes]) {
        const clean = repair(text);
        if (clean !== null) expect(repair(clean)).toBeNull();
      }
    }),
    { numRuns: 2000 },
  );
});

test.each<[string, string | null]>([
  ['Rоsie', 'Rosie'],
  ['Аnna Lind', 'Anna Lind'],
  ['Ольга', null],
  ['Ольгa', 'Ольга'],
  ['Anna Ольга', null],
  ['Νina', 'Nina'],
  ['Wi11iam', 'William'],
  ['0dell', 'Odell'],
  ['R0sie', 'Rosie'],
  ['Ａｎｎａ', 'Anna'],
  ['Team 10', null],
  ['U11', null],
  ['ΖΩΗ', null],
])('look-alikes in %s: %s', (text, repaired) => {
  expect(withoutLookAlikes(text)).toBe(repaired);
});

test('apostrophes inside words are curled, feet and quotes stay', () => {
  expect(curlApostrophes("Sean O'Dell")).toBe('Sean O’Dell');
  expect(curlApostrophes('O`Dell')).toBe('O’Dell');
  expect(curlApostrophes("Wim 't Hoen")).toBe('Wim ’t Hoen');
  expect(curlApostrophes('O’Dell')).toBeNull();
  expect(curlApostrophes("6' 2 tall")).toBeNull();
});

test('stray marks', () => {
  expect(withoutStrayMarks('Jean - Luc')).toBe('Jean-Luc');
  expect(withoutStrayMarks('O’ Dell')).toBe('O’Dell');
  expect(withoutStrayMarks('Ro\u200bsie')).toBe('Rosie');
  expect(withoutStrayMarks('Anna,')).toBe('Anna');
  expect(withoutStrayMarks('Lind - Anna')).toBe('Lind-Anna');
  expect(withoutStrayMarks('Anna Lind')).toBeNull();
});

test('doubles: the same, but for accents, turned round, one letter apart', () => {
  const names = [
    'Sian Hughes',
    'Bo Lind',
    'Siân Hughes',
    'Lind Bo',
    'Bo Lind',
    'Anneke Vos',
    'Annete Vos',
    'Jan',
    'Jon',
  ];
  expect(doubleNames(names)).toEqual([
    { reason: null, at: [1, 4] },
    { reason: 'accents', at: [0, 2] },
    { reason: 'turnedRound', at: [1, 3] },
    { reason: 'oneLetter', at: [5, 6] },
  ]);
});

test('one letter apart is found exactly where comparing all pairs finds it', () => {
  const name = fc.string({ unit: fc.constantFrom('a', 'b', 'c'), minLength: 5, maxLength: 7 });
  fc.assert(
    fc.property(fc.uniqueArray(name, { maxLength: 14 }), (names) => {
      const found = doubleNames(names).filter(({ reason }) => reason === 'oneLetter');
      const slow = names.flatMap((a, i) => names.slice(i + 1).flatMap((b, k) => (near(a, b) ? [[i, i + 1 + k]] : [])));
      expect(found.map(({ at }) => at.join()).sort()).toEqual(slow.map((at) => at.join()).sort());
    }),
  );
});

/** By trying every single edit. */
function near(a: string, b: string): boolean {
  const tries = new Set<string>();
  for (let i = 0; i <= a.length; i++) {
    tries.add(a.slice(0, i) + a.slice(i + 1));
    if (i + 1 < a.length) tries.add(a.slice(0, i) + a[i + 1]! + a[i]! + a.slice(i + 2));
    for (const c of 'abc') {
      tries.add(a.slice(0, i) + c + a.slice(i));
      tries.add(a.slice(0, i) + c + a.slice(i + 1));
    }
  }
  return a !== b && tries.has(b);
}

test('twenty thousand names are compared without comparing all with all', () => {
  const names = Array.from({ length: 20_000 }, (_, i) => `Name ${String.fromCharCode(97 + (i % 26))}${i}`);
  expect(doubleNames(names)).toEqual([]);
});
