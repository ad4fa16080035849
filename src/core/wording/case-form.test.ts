import { applyCase } from '.';

const capitals = (text: string, language = 'en') => applyCase(text, 'capitals', language);
const title = (text: string, language = 'en') => applyCase(text, 'title', language);

test('capitals and small letters agree with Unicode for every letter of the three scripts', () => {
  const ranges = [
    [0x41, 0x24f],
    [0x391, 0x3ce],
    [0x400, 0x52f],
    [0x1e00, 0x1eff],
  ] as const;
  // Letters whose partner lies in other blocks, or that only phoneticians and old books use.
  const apart =
    /[\u0180-\u01bf\u01c4-\u01cc\u01dd\u01f0-\u01f3\u01f6\u01f7\u0220\u0221\u0234-\u024f\u1e96-\u1e9f\u00b5\u0130]/u;
  const greekAccent = /[ΆΈΉΊΌΎΏάέήίόύώΐΰ]/u;
  let compared = 0;
  for (const [first, last] of ranges) {
    for (let code = first; code <= last; code++) {
      const letter = String.fromCharCode(code);
      if (!/\p{L}/u.test(letter) || apart.test(letter) || greekAccent.test(letter)) continue;
      expect([letter, capitals(letter)]).toEqual([letter, letter.toUpperCase()]);
      if (letter !== 'ς') expect([letter, title(`X${letter}`).slice(1)]).toEqual([letter, isInner(letter)]);
      compared++;
    }
  }
  expect(compared).toBeGreaterThan(700);
});

/** What follows an initial X: a capital there makes the word all capitals, so it becomes small. */
function isInner(letter: string): string {
  return letter.toLowerCase().replace(/^σ$/u, 'ς');
}

test.each([
  ['Straße', 'en', 'STRASSE'],
  ['ilkay ışık', 'tr', 'İLKAY IŞIK'],
  ['ilkay ışık', 'en', 'ILKAY IŞIK'],
  ['ijsbrand', 'nl', 'IJSBRAND'],
  ['Αντώνης', 'el', 'ΑΝΤΩΝΗΣ'],
  ['ρολόι', 'el', 'ΡΟΛΟΪ'],
  ['ΐ και ΰ', 'el', 'Ϊ ΚΑΙ Ϋ'],
  ['Zoë Łukasz Țepeș', 'en', 'ZOË ŁUKASZ ȚEPEȘ'],
  ['Юрій', 'uk', 'ЮРІЙ'],
])('%s in capitals (%s)', (text, language, expected) => expect(capitals(text, language)).toBe(expected));

test.each([
  ['ANNA-MARIA O’BRIEN', 'en', 'Anna-Maria O’Brien'],
  ["d'arcy and the kid's", 'en', "D'Arcy And The Kid's"],
  ['McLeod DEVRIES', 'en', 'McLeod Devries'],
  ['ijsbrand', 'nl', 'IJsbrand'],
  ['IJSBRAND', 'nl-BE', 'IJsbrand'],
  ['ijsbrand', 'en', 'Ijsbrand'],
  ['ISIL ilkay', 'tr', 'Isıl İlkay'],
  ['ΑΝΤΩΝΗΣ', 'el', 'Αντωνης'],
  ['άννα', 'el', 'Άννα'],
  ['ßara', 'de', 'Ssara'],
  ['e\u0301lise', 'en', 'Élise'],
])('%s with capital initials (%s)', (text, language, expected) => expect(title(text, language)).toBe(expected));

test('as typed changes nothing, and a lone surrogate passes through', () => {
  expect(applyCase('e\u0301 ß', 'asTyped', 'tr')).toBe('e\u0301 ß');
  expect(capitals('a\ud800b')).toBe('A\ud800B');
});
