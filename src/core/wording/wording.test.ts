import { type Entry, type RunSpec, type TextRef, wordingOf } from '../spec';
import { changeList, changeMonogram, changePlaceUse, mainPlace, setOverride } from '../edit';
import { aBorder, aRun, seededBytes, withBorders } from '../test';
import {
  dateFormOf,
  entryParts,
  lettersOf,
  lineInCase,
  lineOf,
  lookOf,
  numberOf,
  oddities,
  proofStateOf,
  spreadLetters,
  templateParts,
  wordEntry,
} from '.';
import { tidyLine } from './worded-line';

const entryWith = (fields: Record<string, string>): Entry => ({ ...aRun(['Ann Lee']).entries[0]!, fields });

function say(
  fields: Record<string, string>,
  templates: readonly string[],
  tune: (spec: RunSpec) => RunSpec = (s) => s,
) {
  const entry = entryWith(fields);
  const base = { ...aRun(['Ann Lee']), entries: [entry] };
  const spec = tune(changePlaceUse(base, null, (place) => ({ ...place, wording: wordingOf(templates) })));
  const { use, placeUse } = mainPlace(spec);
  const worded = wordEntry(
    spec,
    entry,
    { entryId: entry.id, useId: use.id, placeId: placeUse.placeId } as TextRef,
    placeUse,
  );
  const [line] = worded?.lines ?? [];
  return (
    worded && {
      lines: worded.lines.map(({ text }) => text),
      findings: worded.findings.map(({ at: _, ...finding }) => finding),
      runs: line!.runs.map(({ text, isTall }) => (isTall ? `[${text}]` : text)),
    }
  );
}

test('fields are put in by name, as often as they stand', () => {
  const fields = { text: 'Ann Lee', part: 'cornet' };
  expect(say(fields, ['{text}'])?.lines).toEqual(['Ann Lee']);
  expect(say(fields, ['{text}, {part} ({text})'])?.lines).toEqual(['Ann Lee, cornet (Ann Lee)']);
});

test('a field that the entry does not have is told, also one that every object has', () => {
  const said = say({ text: 'Ann' }, ['{joined}{toString}{__proto__}!']);
  expect(said?.lines).toEqual(['!']);
  expect(said?.findings.map((finding) => finding.kind === 'partMissing' && finding.part)).toEqual([
    'joined',
    'toString',
    '__proto__',
  ]);
});

test('braces without a name stay, and a text with braces is not filled again', () => {
  expect(say({ text: 'Ann' }, ['{} {text'])?.lines).toEqual(['{} {text']);
  expect(say({ text: '{part}', part: 'cornet' }, ['{text}'])?.lines).toEqual(['{part}']);
});

test('a form of date that nobody knows is told, and so is a line that stays empty beside others', () => {
  const missing = (templates: string[]) =>
    say({ text: 'Ann', date: '1976' }, templates)?.findings.map((finding) => 'part' in finding && finding.part);
  expect(missing(['{text}', '{date:yaer}'])).toEqual(['date:yaer']);
  expect(missing(['{text}', '{famly}'])).toEqual(['famly']);
  expect(missing(['{text}'])).toEqual([]);
});

test('names in parts: taken from the text, or as the list has them', () => {
  const text = { text: 'Robert (Bob) van der Berg' };
  expect(say(text, ['{given}', '{family}'])?.lines).toEqual(['Robert', 'van der Berg']);
  expect(say(text, ['{pet|given}'])?.lines).toEqual(['Bob']);
  expect(say({ text: 'Robert Berg' }, ['{pet|given}'])?.lines).toEqual(['Robert']);
  expect(entryParts(entryWith({ text: 'A B', given: 'Anna', family: 'Berg' }))).toMatchObject({
    given: 'Anna',
    further: '',
    family: 'Berg',
  });
  expect(entryParts(entryWith({ text: 'Ann Lind', pet: 'Annie' }))).toMatchObject({
    given: 'Ann',
    family: 'Lind',
    pet: 'Annie',
  });
});

test('lines that say nothing for an entry take no room, and spaces of missing parts go', () => {
  expect(say({ text: 'Ann' }, ['{text}', '{part}'])?.lines).toEqual(['Ann']);
  expect(say({ text: 'Ann' }, ['{title} {given} {family}'])?.lines).toEqual(['Ann']);
  expect(say({ text: '' }, ['{text}'])).toMatchObject({ lines: [''], findings: [] });
});

test('a number counts the entries that are there', () => {
  const spec = aRun(['Ann', 'Bo', 'Cy']);
  const entries = spec.entries.map((entry, i) => (i === 0 ? { ...entry, withdrawn: true } : entry));
  expect(entries.map(({ id }) => numberOf({ ...spec, entries }, id))).toEqual([0, 1, 2]);
});

test('dates are written in the form that is asked for, or stop the piece', () => {
  const dated = { text: 'Ann', date: '14.6.1976' };
  expect(say(dated, ['{date:year}', 'est. {date:romanYear}', '{date}'])?.lines).toEqual([
    '1976',
    'est. MCMLXXVI',
    '14 June 1976',
  ]);
  expect(say(dated, ['{date}'], (spec) => ({ ...spec, language: 'fr' }))?.lines).toEqual(['14 juin 1976']);
  const open = { text: 'Ann', date: '3/4/1976' };
  expect(say(open, ['{date}'])?.findings).toEqual([
    { kind: 'dateUnread', severity: 'stop', why: 'ambiguous', said: '3/4/1976' },
  ]);
  expect(say(open, ['{date}'], (spec) => changeList(spec, { dateOrder: 'mdy' }))?.lines).toEqual(['4 March 1976']);
  // Both days lie in the same year.
  expect(say(open, ['{date:year}'])).toMatchObject({ lines: ['1976'], findings: [] });
  expect(say({ text: 'Ann' }, ['est. {date:year}'])?.findings).toEqual([
    { kind: 'dateUnread', severity: 'stop', why: 'noDate', said: '' },
  ]);
});

test('monograms say what is tall, by rule, typed or for a couple', () => {
  const large = (spec: RunSpec) => changeMonogram(spec, { form: 'largeCentre' });
  expect(say({ text: 'Anna Maria Lind' }, ['{monogram}'], large)).toMatchObject({
    lines: ['ALM'],
    runs: ['A', '[L]', 'M'],
  });
  expect(say({ text: 'Anna Maria Lind' }, ['– {monogram}'], large)?.runs).toEqual(['– A', '[L]', 'M']);
  expect(say({ text: 'Anna Lind', monogram: 'XYZ' }, ['{monogram}'])?.lines).toEqual(['XYZ']);
  expect(
    say({ text: 'Ann & Bo Lind' }, ['{monogram}'], (spec) => changeMonogram(spec, { form: 'couple' }))?.lines,
  ).toEqual(['ALB']);
  expect(say({ text: 'Anna' }, ['{monogram}'])?.findings).toEqual([
    { kind: 'monogramUnmade', severity: 'stop', lacks: 'noFamily' },
  ]);
});

test('words of an entry’s own lead over the wording, also when they are none for now', () => {
  const spec = aRun(['Ann', 'Bo']);
  const { use, placeUse } = mainPlace(spec);
  const at = (i: number) => ({ entryId: spec.entries[i]!.id, useId: use.id, placeId: placeUse.placeId }) as TextRef;
  const own = setOverride(setOverride(spec, at(0), ['Annie', 'B.'], seededBytes(1)), at(1), null, seededBytes(2));
  expect(wordEntry(own, own.entries[0]!, at(0), placeUse)?.lines.map(({ text }) => text)).toEqual(['Annie', 'B.']);
  expect(wordEntry(own, own.entries[1]!, at(1), placeUse)).toBeNull();
  expect(
    setOverride(setOverride(own, at(0), undefined, seededBytes(3)), at(1), undefined, seededBytes(3)).overrides,
  ).toEqual([]);
  expect(wordEntry(spec, spec.entries[0]!, at(0), { ...placeUse, wording: null })).toBeNull();
});

test('a monogram that is typed over keeps its tall centre', () => {
  const base = changeMonogram(aRun(['Anna Maria Lind']), { form: 'largeCentre' });
  const spec = changePlaceUse(base, null, (place) => ({ ...place, wording: wordingOf(['{monogram}', 'est. 1976']) }));
  const { use, placeUse } = mainPlace(spec);
  const at = { entryId: spec.entries[0]!.id, useId: use.id, placeId: placeUse.placeId } as TextRef;
  const own = setOverride(spec, at, ['XYZ', 'ABC'], seededBytes(1));
  const runs = wordEntry(own, own.entries[0]!, at, placeUse)!.lines.map((line) =>
    line.runs.map(({ text, isTall }) => [text, isTall]),
  );
  expect(runs).toEqual([
    [
      ['X', false],
      ['Y', true],
      ['Z', false],
    ],
    [['ABC', false]],
  ]);
});

test('a text spread over blanks: letters as a reader counts them', () => {
  expect(spreadLetters('Zoe\u0308 Lind')).toEqual({ letters: ['Z', 'o', 'e\u0308', 'L', 'i', 'n', 'd'], numSpaces: 1 });
});

test('a tick holds for the words it was given for; another look is only told', () => {
  const spec = aRun(['Ann']);
  const { use, placeUse } = mainPlace(spec);
  const at = { entryId: spec.entries[0]!.id, useId: use.id, placeId: placeUse.placeId } as TextRef;
  const key = `${at.entryId}-${at.useId}-${at.placeId}`;
  const lookIn =
    (run: RunSpec, letteringId = placeUse.letteringId) =>
    () =>
      lookOf(run, placeUse, letteringId);
  const look = lookOf(spec, placeUse, placeUse.letteringId);
  const ticked: RunSpec = {
    ...spec,
    proof: { [key]: { lines: ['Ann'], look, who: 'Ada', at: '2026-05-01T10:00:00Z' } },
  };
  const state = (lines: string[], letteringId = placeUse.letteringId) =>
    proofStateOf(ticked, at, { look: lookIn(ticked, letteringId), words: lines });
  expect(state(['Ann'])).toMatchObject({ kind: 'ticked', isLookChanged: false });
  expect(state(['Ann'], 'round-block')).toMatchObject({ kind: 'ticked', isLookChanged: true });
  expect(state(['Anne']).kind).toBe('changed');
  expect(proofStateOf(spec, at, { look: lookIn(spec), words: ['Ann'] }).kind).toBe('open');
  // What is drawn around the letters is a look, too; without it they look as they did.
  const isOtherWith = (...borders: Parameters<typeof aBorder>) =>
    proofStateOf(ticked, at, { look: lookIn(withBorders(ticked, aBorder(...borders))), words: ['Ann'] });
  expect(isOtherWith(2)).toMatchObject({ isLookChanged: true });
  const looks = [
    lookOf(withBorders(spec, aBorder(2)), placeUse, placeUse.letteringId),
    lookOf(withBorders(spec, aBorder(3)), placeUse, placeUse.letteringId),
    lookOf(withBorders(spec, aBorder(2, { fillsUnderMm: 1 })), placeUse, placeUse.letteringId),
    lookOf(withBorders(spec, aBorder(0, { distance: { by: 'height', share: 2 } })), placeUse, placeUse.letteringId),
    look,
  ];
  expect(new Set(looks).size).toBe(looks.length);
});

test('what stands out among the texts of a place', () => {
  const plain = (text: string) => ({ text, isPet: false, isOwn: false });
  const texts = ['Anna', 'Bert', 'Montgomery', 'CLEM', 'dora', 'Al'].map(plain);
  expect(oddities(texts)).toEqual([[], [], ['longest'], ['onlyCapitals'], ['onlySmall'], ['shortest']]);
  expect(oddities([{ text: 'Bob', isPet: true, isOwn: false }, plain('Anna'), plain('Bert')])[0]).toEqual([
    'shortest',
    'onlyPet',
  ]);
  expect(oddities([{ text: 'Bob', isPet: false, isOwn: true }, plain('Anna')])[0]).toEqual(['ownWords']);
});

test('templates are cut at their braces', () => {
  expect(templateParts('est. {date:year}')).toEqual([
    { kind: 'words', words: 'est. ' },
    { kind: 'token', token: { kind: 'date', form: 'year' } },
  ]);
  expect(templateParts('')).toEqual([]);
});

test('longest and shortest stand out by a quarter, and only where they are single among three', () => {
  const of = (...texts: string[]) => oddities(texts.map((text) => ({ text, isPet: false, isOwn: false })));
  expect(of('Agnes', 'Anna', 'Bert')).toEqual([['longest'], [], []]);
  expect(of('Montgomer', 'Featherst', 'Castella')).toEqual([[], [], []]);
  expect(of('Castellan', 'Castella', 'Bartholo')).toEqual([[], [], []]);
  expect(of('Anna', 'Agnes', 'Berta')).toEqual([['shortest'], [], []]);
  expect(of('Castella', 'Castellan', 'Bartholom')).toEqual([[], [], []]);
  expect(of('Montgomery', 'Al')).toEqual([[], []]);
  // An empty one is none.
  expect(of('Montgomery', 'Al', '')).toEqual([[], [], []]);
  // A third in capitals are few, half are not.
  expect(of('CLEM', 'Anna', 'Bert').map(([odd]) => odd)).toEqual(['onlyCapitals', undefined, undefined]);
  expect(of('CLEM', 'DORA', 'Anna', 'Bert')).toEqual([[], [], [], []]);
});

test('every line of a tick counts', () => {
  const spec = aRun(['Ann']);
  const { use, placeUse } = mainPlace(spec);
  const at = { entryId: spec.entries[0]!.id, useId: use.id, placeId: placeUse.placeId } as TextRef;
  const tick = {
    lines: ['Ann', '1998'],
    look: lookOf(spec, placeUse, placeUse.letteringId),
    who: 'Ada',
    at: '2026-05-01T10:00:00Z',
  };
  const ticked: RunSpec = { ...spec, proof: { [`${at.entryId}-${at.useId}-${at.placeId}`]: tick } };
  const state = (...lines: string[]) => proofStateOf(ticked, at, { look: () => tick.look, words: lines }).kind;
  expect([
    state('Ann', '1998'),
    state('Ann', '1999'),
    state('Anne', '1998'),
    state('Ann'),
    state('Ann', '1998', ''),
  ]).toEqual(['ticked', 'changed', 'changed', 'changed', 'changed']);
});

test('the form of dates is that of the first place that says one, also as the other choice', () => {
  const formOf = (...templates: string[]) =>
    dateFormOf(changePlaceUse(aRun(['Ann']), null, (place) => ({ ...place, wording: wordingOf(templates) })));
  expect(formOf('{text}')).toBeNull();
  expect(formOf('{text}', 'est. {date:year}')).toBe('year');
  expect(formOf('{date}', '{date:year}')).toBe('long');
  expect(formOf('{part|date:year}')).toBe('year');
});

const run = (text: string, over: Partial<Parameters<typeof lineOf>[1][number]> = {}) => ({
  text,
  colourSlot: null,
  face: null,
  isTall: false,
  ...over,
});
const red = { colourSlot: 'red' };

test('a tidied line has no spaces at its ends and none doubled, wherever its runs meet', () => {
  const tidied = (...runs: ReturnType<typeof run>[]) => tidyLine(lineOf(0, runs)).runs.map(({ text }) => text);
  expect(tidied(run('  Ann  Lee '))).toEqual(['Ann Lee']);
  expect(tidied(run('Ann '), run(' Lee', red))).toEqual(['Ann ', 'Lee']);
  expect(tidied(run(' Ann'), run('  ', red), run(' Lee '))).toEqual(['Ann', ' ', 'Lee']);
  expect(tidied(run('A  '), run('B', { isTall: true }), run('  C '))).toEqual(['A  ', 'B', '  C']);
  expect(tidyLine(lineOf(2, [run('Ann Lee')]))).toEqual({ no: 2, text: 'Ann Lee', runs: [run('Ann Lee')] });
});

test('a line in capitals is cut where its runs were, though capitals may be more letters', () => {
  const inCapitals = (...runs: ReturnType<typeof run>[]) =>
    lineInCase(lineOf(0, runs), 'capitals', 'de').runs.map(({ text }) => text);
  expect(inCapitals(run('stra'), run('ße', red), run(' 8'))).toEqual(['STRA', 'SSE', ' 8']);
  expect(inCapitals(run('ß'), run('a', red))).toEqual(['SS', 'A']);
  expect(inCapitals(run('a'), run('b', { isTall: true }), run('c'))).toEqual(['A', 'B', 'C']);
  // With a tall part each is set by itself: no letter of it is within a word.
  const titled = lineInCase(lineOf(0, [run('a'), run('b', { isTall: true }), run('c')]), 'title', 'en');
  expect(titled.runs.map(({ text }) => text)).toEqual(['A', 'B', 'C']);
  // What says nothing is no run, and parts nothing.
  expect(lineOf(0, [run('An'), run('', red), run('na')]).runs).toEqual([run('Anna')]);
  expect(lineOf(0, [run('', red)]).runs).toEqual([]);
  const line = lineOf(0, [run('Ann'), run(' Lee', red)]);
  expect(lineInCase(line, 'asTyped', 'en')).toBe(line);
});

test('letters keep the line and the run that they were in', () => {
  const lines = [lineOf(0, [run('Zo\u0308'), run('e!', red)]), lineOf(2, [run('A B')])];
  expect(lettersOf(lines).map(({ no, text, runs }) => [no, text, runs[0]!.colourSlot])).toEqual([
    [0, 'Z', null],
    [0, 'o\u0308', null],
    [0, 'e', 'red'],
    [0, '!', 'red'],
    [2, 'A', null],
    [2, 'B', null],
  ]);
});

test('one part that tells who it is is enough for the text not to be taken apart', () => {
  const parts = (fields: Record<string, string>) => {
    const { given, family } = entryParts(entryWith({ text: 'Ann Lind', ...fields }));
    return [given, family];
  };
  expect(parts({ family: 'Berg' })).toEqual(['', 'Berg']);
  expect(parts({ given: 'Anna' })).toEqual(['Anna', '']);
  expect(parts({ suffix: 'III' })).toEqual(['Ann', 'Lind']);
});
