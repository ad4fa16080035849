import fc from 'fast-check';
import { type MonogramRule, NO_NAME, monogramOf, splitName, splitPair, typedMonogram } from '.';

const usual: MonogramRule = { form: 'three', doubled: 'first', particles: 'drop', noFurther: 'two', single: 'family' };
const made = (name: string, rule: Partial<MonogramRule> = {}, language = 'en') => {
  const pair = splitPair(name);
  const [first, second] = pair ?? [name, null];
  const monogram = monogramOf(
    splitName(first),
    second === null ? null : splitName(second),
    { ...usual, ...rule },
    language,
  );
  if (!monogram.ok) return monogram.problem.kind;
  const { letters, large } = monogram.value;
  // The tall part stands between bars, so that the table shows it.
  if (!large) return letters;
  return `${letters.slice(0, large.at)}|${letters.slice(large.at, large.at + large.length)}|${letters.slice(large.at + large.length)}`;
};

/** Expected letters follow the custom that is named beside them. */
test.each<[string, Partial<MonogramRule>, string, string]>([
  // Three equal letters run in the order in which the name is said: first, further, family.
  ['Anna Maria Lind', {}, 'en', 'AML'],
  ['Tom Erik Hallam', {}, 'en', 'TEH'],
  ['Greta Sofie Ulmann', {}, 'en', 'GSU'],
  // A title or a suffix is not part of a monogram.
  ['Dr Nora Beth Quill', {}, 'en', 'NBQ'],
  ['Coach Finn Otto Marsh', {}, 'en', 'FOM'],
  ['Peter Paul Wray Jr', {}, 'en', 'PPW'],
  ['Hugh Miles Stone III', {}, 'en', 'HMS'],
  // Of several further names the first counts: more than three letters are no monogram of three.
  ['Ada Mary Jane Croft', {}, 'en', 'AMC'],
  ['Ivo Karl Franz Lehm', {}, 'de', 'IKL'],
  // Letters that look equal say the family in the middle when it is tall: first, FAMILY, further.
  ['Anna Maria Lind', { form: 'largeCentre' }, 'en', 'A|L|M'],
  ['Tom Erik Hallam', { form: 'largeCentre' }, 'en', 'T|H|E'],
  ['Ada Mary Jane Croft', { form: 'largeCentre' }, 'en', 'A|C|M'],
  // Who has no further name gets two letters; none of two is the centre, so none is tall.
  ['Ben Sorley', { form: 'largeCentre' }, 'en', 'BS'],
  ['Ben Sorley', {}, 'en', 'BS'],
  // Or the maker wants to ask the family first.
  ['Ben Sorley', { noFurther: 'ask' }, 'en', 'noFurther'],
  ['Ben Sorley', { form: 'largeCentre', noFurther: 'ask' }, 'en', 'noFurther'],
  ['Ann Kay Sorley', { noFurther: 'ask' }, 'en', 'AKS'],
  // Two letters: first and family, whatever stands between.
  ['Anna Maria Lind', { form: 'two' }, 'en', 'AL'],
  ['Jean-Luc Marchand', { form: 'two' }, 'fr', 'JM'],
  // A hyphenated given name is one name, with one letter.
  ['Anne-Marie Elise Roche', {}, 'fr', 'AER'],
  // One letter: the household's by custom, the first name's for children.
  ['Anna Maria Lind', { form: 'one' }, 'en', 'L'],
  ['Anna Maria Lind', { form: 'one', single: 'given' }, 'en', 'A'],
  ['Anna', { form: 'one', single: 'given' }, 'en', 'A'],
  // Without the name that a letter stands for nothing is invented.
  ['Anna', { form: 'one' }, 'en', 'noFamily'],
  ['Anna', { form: 'two' }, 'en', 'noFamily'],
  ['Anna', {}, 'en', 'noFamily'],
  ['Gran', { form: 'two' }, 'en', 'noGiven'],
  ['Mrs Lind', {}, 'en', 'noGiven'],
  // Couples: first, FAMILY, first; the shared family stands tall between them.
  ['Ann & Bo Lind', { form: 'couple' }, 'en', 'A|L|B'],
  ['Sara und Jonas Weiler', { form: 'couple' }, 'de', 'S|W|J'],
  ['Nina y Pablo Ibarra', { form: 'couple' }, 'es', 'N|I|P'],
  ['Ida + Per van Dalen', { form: 'couple' }, 'nl', 'I|D|P'],
  ['Ida + Per van Dalen', { form: 'couple', particles: 'keep' }, 'nl', 'I|V|P'],
  ['Mia & Leo Hart-Voss', { form: 'couple', doubled: 'both' }, 'en', 'M|HV|L'],
  ['Ann Lind & Bo', { form: 'couple' }, 'en', 'A|L|B'],
  // One person is no couple, and two family names cannot both stand in the middle.
  ['Ann Lind', { form: 'couple' }, 'en', 'noSecond'],
  ['Ann Lind & Bo Berg', { form: 'couple' }, 'en', 'twoFamilies'],
  // Double-barrelled families: the first barrel is the older name in some families, the last in others; or both stay.
  ['Rose May Hart-Voss', {}, 'en', 'RMH'],
  ['Rose May Hart-Voss', { doubled: 'last' }, 'en', 'RMV'],
  ['Rose May Hart-Voss', { doubled: 'both' }, 'en', 'RMHV'],
  ['Rose May Hart-Voss', { form: 'largeCentre', doubled: 'both' }, 'en', 'R|HV|M'],
  ['Rose Hart-Voss', { form: 'two', doubled: 'both' }, 'en', 'RHV'],
  // Particles: most families are filed under the name itself, some keep the particle's letter.
  ['Pieter Jan van der Berg', {}, 'nl', 'PJB'],
  ['Pieter Jan van der Berg', { particles: 'keep' }, 'nl', 'PJV'],
  ['Clara de la Fuente', { form: 'two' }, 'es', 'CF'],
  ['Clara de la Fuente', { form: 'two', particles: 'keep' }, 'es', 'CD'],
  ['Lukas von Thal', { form: 'one' }, 'de', 'T'],
  // A particle grown on in small letters goes by the same rule; O’ and Mc are part of the name itself.
  ['Jane Rose d’Arcy', {}, 'en', 'JRA'],
  ['Jane Rose d’Arcy', { particles: 'keep' }, 'en', 'JRD'],
  ['Sean Patrick O’Dell', {}, 'en', 'SPO'],
  ['Iona Kate McIlwraith', {}, 'en', 'IKM'],
  ["Wim 't Hoen", { form: 'two' }, 'nl', 'WH'],
  // Letters of other alphabets keep their marks: Å, Ł and Ñ are letters of their own, not an A, L or N.
  ['Åsa Karin Öberg', {}, 'sv', 'ÅKÖ'],
  ['Łucja Zofia Święcka', {}, 'pl', 'ŁZŚ'],
  ['Íñigo Ñuño', { form: 'two' }, 'es', 'ÍÑ'],
  // Dutch IJ is one letter and both halves are capitals.
  ['IJsbrand Kees Vos', {}, 'nl', 'IJKV'],
  ['Ine ijssel', { form: 'two' }, 'nl', 'IIJ'],
  // Welsh, Catalan and Spanish initials keep Ll together; in an English list Lloyd is an L.
  ['Llinos Mair Rhydderch', {}, 'cy', 'LlMRh'],
  ['Eva Llorens', { form: 'two' }, 'ca', 'ELl'],
  ['Lloyd Carter', { form: 'two' }, 'en', 'LC'],
  // Turkish dots its capital İ, and keeps I without.
  ['ipek Nur Işık', {}, 'tr', 'İNI'],
  // Family first with a comma, or told by its capitals: the letters are the same.
  ['Lind, Anna Maria', {}, 'en', 'AML'],
  ['LIND Anna Maria', {}, 'fr', 'AML'],
  // A pet name is not the given name.
  ['Robert (Bob) James Kerr', {}, 'en', 'RJK'],
  // Other scripts have capitals too.
  ['Ольга Павловна Лунина', {}, 'ru', 'ОПЛ'],
  ['Ζωή Μαρία Λάππα', {}, 'el', 'ΖΜΛ'],
  // An accent typed apart belongs to its letter.
  ['E\u0301lodie Roux', { form: 'two' }, 'fr', 'ÉR'],
])('%s %j in %s: %s', (name, rule, language, letters) => {
  expect(made(name, rule, language)).toBe(letters);
});

test('what is typed for an entry is taken as it is, its centre tall where the rule asks for it', () => {
  expect(typedMonogram('ABC', { ...usual, form: 'largeCentre' })).toEqual({
    letters: 'ABC',
    large: { at: 1, length: 1 },
  });
  expect(typedMonogram('ABC', usual)).toEqual({ letters: 'ABC', large: null });
  expect(typedMonogram('A & C', { ...usual, form: 'couple' })).toEqual({ letters: 'A & C', large: null });
});

test('a short article before a family name is no letter of it, however the name was taken apart', () => {
  fc.assert(
    fc.property(fc.constantFrom("'t", '’t', "'s"), fc.stringMatching(/^[A-HK-Z][a-z]{2,7}$/), (article, family) => {
      for (const text of [`${article} ${family}`, family]) {
        const two = monogramOf({ ...NO_NAME, given: 'Wim', family: text }, null, { ...usual, form: 'two' }, 'nl');
        expect(two.ok && two.value.letters).toBe(`W${family[0]}`);
      }
      const grown = monogramOf(
        { ...NO_NAME, given: `${article} ${family}` },
        null,
        { ...usual, form: 'one', single: 'given' },
        'nl',
      );
      expect(grown.ok && grown.value.letters).toBe(family[0]);
    }),
  );
});

test('no letters come from an empty name', () => {
  for (const form of ['three', 'largeCentre', 'two', 'one', 'couple'] as const) {
    expect(monogramOf(NO_NAME, NO_NAME, { ...usual, form }, 'en').ok).toBe(false);
  }
});
