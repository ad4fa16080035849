import type { Finding } from '../finding';
import { DEFAULT_LETTERINGS, SHIPPED_FACES } from '../shop';
import { findingSentence, findingWords } from './finding-sentence';

const stop = 'stop' as const;
const check = 'check' as const;
const faceOf = (id: string) => DEFAULT_LETTERINGS.find((lettering) => lettering.id === id)!.value.lines[0]!.face;

const measured = { severity: check, widthMm: 0.444, leastMm: 0.8, passesAtMm: null };
const variant = { kind: 'variantMissing' as const, severity: stop, has: ['S', 'M'] };

/** Each finding, the whole sentence, and the few words. */
const SAID: readonly (readonly [Finding, string, string])[] = [
  [{ kind: 'nothingToDraw', severity: stop }, 'nothing to draw: the text is empty', 'empty'],
  [
    {
      kind: 'largerThanBed',
      severity: check,
      widthMm: 300,
      heightMm: 44,
      roomWidthMm: 280,
      roomHeightMm: 280,
      passesAtMm: 24.3,
      otherBed: 'long bed',
    },
    '300.0 × 44.0 mm, and the bed holds 280.0 × 280.0 mm: capitals of 24.3 mm would go, or the long bed',
    'larger than the bed',
  ],
  [
    { kind: 'filmUnsuited', severity: check, film: 'glitter film', why: 'tooHot', has: 140, least: 150 },
    'glitter film wants at least 150 °C, and the blank bears 140 °C: a film that melts lower, or another blank',
    'glitter film unsuited',
  ],
  [
    { kind: 'filmUnsuited', severity: check, film: 'ink', why: 'littlePolyester', has: 50, least: 65 },
    'ink goes into polyester alone, and the blank has 50 % of it, at least 65 % wanted: a film instead, or another blank',
    'ink unsuited',
  ],
  [
    { kind: 'filmUnsuited', severity: check, film: 'ink', why: 'dark', has: 20, least: 75 },
    'ink does not show on a dark blank: a film instead, or a light blank',
    'ink unsuited',
  ],
  [
    { kind: 'textTooLong', severity: stop, most: 2000 },
    'A text has at most 2000 characters, and this one has more: was a whole list pasted into one line?',
    'over 2000 characters',
  ],
  [
    { kind: 'unprintable', severity: stop, codes: [7, 0xd83d] },
    'holds characters that nothing can be cut for (U+0007 U+D83D): type the text anew',
    'unreadable U+0007 U+D83D',
  ],
  [
    { kind: 'characterMissing', severity: stop, characters: ['漢', '\u0301'], coveredBy: [] },
    '漢 U+0301 missing in this face: no shipped face has it; change the spelling',
    'no 漢 U+0301 in this face',
  ],
  [
    { kind: 'characterMissing', severity: stop, characters: ['Ł'], coveredBy: [faceOf('stand-block')] },
    'Ł missing in this face: Stand block has the whole text',
    'no Ł in this face',
  ],
  [
    {
      kind: 'characterMissing',
      severity: stop,
      characters: ['ש'],
      coveredBy: [SHIPPED_FACES.find(({ name }) => name === 'Rubik Bold')!.sha],
    },
    'ש missing in this face: Rubik Bold has it: make a lettering of it in Shop, Letterings',
    'no ש in this face',
  ],
  [
    {
      kind: 'characterMissing',
      severity: stop,
      characters: ['Ł'],
      coveredBy: [faceOf('stand-block'), faceOf('heavy-slab')],
    },
    'Ł missing in this face: Stand block or Heavy slab has it',
    'no Ł in this face',
  ],
  [
    { kind: 'thinStroke', ...measured, passesAtMm: 31.25 },
    'thinnest stroke 0.44 mm, the material takes 0.80 mm: capitals of 31.3 mm, a bolder face or another material',
    'stroke 0.44 mm',
  ],
  [
    { kind: 'smallHole', ...measured },
    'smallest hole 0.44 mm, the material takes 0.80 mm: larger letters, or another face',
    'hole 0.44 mm',
  ],
  [
    { kind: 'narrowGap', ...measured, closes: false },
    'narrowest gap 0.44 mm, the material takes 0.80 mm: larger letters, or more tracking where letters do not join',
    'gap 0.44 mm',
  ],
  [
    { kind: 'narrowGap', ...measured, closes: true },
    'a gap closes to a point where letters join: weed it from its wide end',
    'gap 0.44 mm',
  ],
  [
    { kind: 'lettersNear', severity: check, letters: ['L', 'T'], gapMm: 0.123, leastMm: 0.8 },
    'L and T stand 0.12 mm apart, the material takes 0.80 mm: more tracking, or larger letters',
    'LT 0.12 mm apart',
  ],
  [
    { kind: 'lettersNear', severity: check, letters: ['L', 'T'], gapMm: 0, leastMm: 0.8 },
    'L and T touch, the material takes 0.80 mm: more tracking, or larger letters',
    'LT touch',
  ],
  [
    { kind: 'strokesUneven', severity: check, shape: 'circle', times: 2.34, most: 1.6 },
    '“round” makes thick strokes 2.3 times as thick against thin ones as they are drawn, and 1.6 times still looks well: another form, or the monogram in another face',
    'strokes 2.3 times as uneven',
  ],
  [
    { kind: 'strokesUneven', severity: check, shape: 'lozenge', times: 1.62, most: 1.6 },
    '“lozenge” makes thick strokes 1.62 times as thick against thin ones as they are drawn, and 1.6 times still looks well: another form, or the monogram in another face',
    'strokes 1.62 times as uneven',
  ],
  [
    { kind: 'lettersUnjoined', severity: 'note', pairs: ['rt'] },
    '“rt” does not join, as letters of this face do: off the film they come apart',
    '“rt” not joined',
  ],
  [
    { kind: 'lettersUnjoined', severity: 'note', pairs: ['rt', 'os'] },
    '“rt”, “os” do not join, as letters of this face do: off the film they come apart',
    '“rt”, “os” not joined',
  ],
  [
    { kind: 'lowFigures', severity: check, figures: ['1', '9'], hanging: [] },
    'this face draws 1 9 lower than its capitals: another lettering for years and dates',
    'uneven figures 1 9',
  ],
  [
    { kind: 'lowFigures', severity: check, figures: ['1'], hanging: ['7'] },
    'this face draws 1 lower than its capitals and lets 7 hang below the line: another lettering for years and dates',
    'uneven figures 1 7',
  ],
  // A figure and its limit are told with as many decimals as it takes to see the difference.
  [
    { kind: 'tooSmall', severity: stop, capHeightMm: 11.996, leastMm: 12 },
    'capitals would be 11.996 mm, the least is 12.000 mm: shorten the text, choose a narrower lettering or a larger place',
    'capitals 11.996 mm',
  ],
  [
    { kind: 'thinStroke', ...measured, widthMm: 0.998, leastMm: 1 },
    'thinnest stroke 0.998 mm, the material takes 1.000 mm: larger letters, a bolder face or another material',
    'stroke 0.998 mm',
  ],
  [
    { kind: 'lowContrast', severity: check, why: 'clash', film: 'red', blank: 'burgundy', difference: 30 },
    'red on burgundy looks like a failed match: another film, or a blank of another colour',
    'red on burgundy',
  ],
  [
    { kind: 'lowContrast', severity: check, why: 'alike', film: 'navy', blank: 'black', difference: 9 },
    'navy on black is hard to read: a lighter or a darker film',
    'navy on black',
  ],
  [
    { kind: 'belowOwn', severity: check, by: 'width', mm: 90, askedMm: 120 },
    'its place holds 90.0 mm of the 120.0 mm that you chose for its width',
    '90.0 mm of 120.0 mm',
  ],
  [
    { kind: 'belowOwn', severity: check, by: 'height', mm: 9, askedMm: 12 },
    'its place holds 9.0 mm of the 12.0 mm that you chose for its letter height',
    '9.0 mm of 12.0 mm',
  ],
  [
    { kind: 'tooSmall', severity: stop, capHeightMm: 7.04, leastMm: 8 },
    'capitals would be 7.0 mm, the least is 8.0 mm: shorten the text, choose a narrower lettering or a larger place',
    'capitals 7.0 mm',
  ],
  [
    { kind: 'unreadQuantity', severity: check, said: 'some' },
    '“some” is no number of pieces: one is made until you type how many',
    '“some” is no number',
  ],
  [
    { kind: 'monogramUnmade', severity: stop, lacks: 'noSecond' },
    'no monogram: a couple needs two names in one text, such as “Ann & Bo Lind”',
    'no monogram',
  ],
  [
    { kind: 'partMissing', severity: check, part: 'pet name' },
    'the list says no pet name for it: it is cut without',
    'no pet name',
  ],
  [
    { kind: 'changedSinceProof', severity: check, was: 'Ann' },
    'ticked on the proof as “Ann”, and reads otherwise now: show it again',
    'changed after the proof',
  ],
  [
    { ...variant, part: 'size', said: '' },
    'the list says no size, and the blank comes in several (S, M): type which',
    'no size',
  ],
  [
    { ...variant, part: 'size', said: 'XL' },
    'the blank does not come in the size “XL” (it comes in S, M): change the list, or add it under Blank',
    'no blank “XL”',
  ],
  [
    { ...variant, part: 'colour', said: 'moss', has: ['navy', ''] },
    'the blank does not come in the colour “moss” (it comes in navy, no size): change the list, or add it under Blank',
    'no blank “moss”',
  ],
  [
    { ...variant, part: 'both', said: 'moss' },
    'the blank does not come in “moss” in this size (it comes in S, M): change the list, or add it under Blank',
    'no blank “moss”',
  ],
  [
    { kind: 'placeUnusable', severity: stop },
    'the measures of its place leave no room for lettering: mend them on Blank',
    'no room in its place',
  ],
  [
    { kind: 'belowSet', severity: check, capHeightMm: 12, setMm: 15 },
    'its place holds capitals of 12.0 mm, the set has 15.0 mm',
    'smaller than the set',
  ],
  [
    { kind: 'extenderCosts', severity: 'note', costMm: 2.5 },
    'a descender or an accent costs 2.5 mm of letter height',
    'extender costs 2.5 mm',
  ],
];

test.each(SAID)('%j', (finding, sentence, words) => {
  expect([findingSentence(finding), findingWords(finding)]).toEqual([sentence, words]);
});

test('in inches and degrees Fahrenheit nothing is said in millimetres or Celsius', () => {
  const units = { length: 'inch', heat: 'fahrenheit' } as const;
  for (const [finding, sentence, words] of SAID) {
    const said = `${findingSentence(finding, units)} ${findingWords(finding, units)}`;
    expect(said).not.toMatch(/ mm\b|°C/);
    const hasFigure = / mm\b|°C/.test(`${sentence} ${words}`);
    expect([sentence, /\.\d+ in\b|°F/.test(said)]).toEqual([sentence, hasFigure]);
  }
});

test('a date that is none says why, and what to type', () => {
  const told = (why: Extract<Finding, { kind: 'dateUnread' }>['why'], said: string) => {
    const finding: Finding = { kind: 'dateUnread', severity: stop, why, said };
    return [findingSentence(finding), findingWords(finding)];
  };
  expect(told('noDate', '')).toEqual([
    'the wording asks for a date, and the list has none for it: type one',
    'no date',
  ]);
  expect(told('ambiguous', '3.4.20')[0]).toMatch(/^“3\.4\.20” can be two days: say in the list’s questions/);
  expect(told('impossible', '31.2.')).toEqual([
    '“31.2.” is no day of the calendar: type the right date',
    'date “31.2.”',
  ]);
  expect(told('backwards', '5–3 May')[0]).toMatch(/ends before it begins/);
  expect(told('noYear', '5 May')[0]).toBe('“5 May” says no year, and the wording asks for one: type it');
  expect(told('unread', 'spring')[0]).toBe(
    '“spring” cannot be read as a date: type it another way, such as 14 June 2026',
  );
});
