import { resolveSlots } from '../resolve';
import { type FitRef, runSpecSchema, specFaults, wordingOf } from '../spec';
import { aRun, seededBytes } from '../test';
import {
  addLine,
  addPart,
  changePartWords,
  changePlaceUse,
  chooseLetters,
  chooseLettering,
  colourPart,
  dropLetters,
  dropLine,
  dropPart,
  letterColours,
  mayAddColour,
  mayAddLine,
  mayAddPart,
  moveLine,
  placeAt,
  setLetters,
  setOverrides,
} from '.';

const random = seededBytes(5);
const spec = aRun(['Ann Lee', 'Bo Ray']);
const { at } = placeAt(spec, null);
const saying = (...templates: string[]) =>
  changePlaceUse(spec, null, (place) => ({ ...place, wording: wordingOf(templates) }));
const coloursIn = (run: typeof spec) => letterColours(placeAt(run, null).lettering);
const saidIn = (run: typeof spec) =>
  resolveSlots(run)[0]!.lines.map(({ runs }) => runs.map(({ text, colourSlot }) => `${colourSlot}: ${text}`));
const faultsOf = (run: typeof spec) => specFaults(runSpecSchema.parse(run) as typeof spec);

test('parts and lines come and go, each new one set as what stands before it', () => {
  const two = addPart({ ...wordingOf(['{given}', 'x']) }, 0);
  const named = changePartWords(two, { line: 0, part: 1 }, ' & co');
  expect(named.lines.map(({ runs }) => runs.map(({ template }) => template))).toEqual([['{given}', ' & co'], ['x']]);
  expect(dropPart(named, { line: 0, part: 0 }).lines[0]!.runs.map(({ template }) => template)).toEqual([' & co']);
  expect(dropPart(named, { line: 1, part: 0 })).toEqual(named);
  const coloured = {
    ...named,
    lines: named.lines.map(({ runs }) => ({ runs: runs.map((run) => ({ ...run, slot: 'second' })) })),
  };
  expect(addLine(coloured).lines.at(-1)!.runs).toEqual([{ template: '', slot: 'second', face: null }]);
  expect(addPart(coloured, 1).lines[1]!.runs.map(({ slot }) => slot)).toEqual(['second', 'second']);
  expect(dropLine(named, 0).lines.map(({ runs }) => runs[0]!.template)).toEqual(['x']);
  expect(dropLine(dropLine(named, 0), 0).lines).toHaveLength(1);
});

test('there is room for so many lines and parts', () => {
  let wording = wordingOf(['{text}']);
  while (mayAddLine(wording)) wording = addLine(wording);
  expect([wording.lines.length, addLine(wording)]).toEqual([6, wording]);
  while (mayAddPart(wording, 0)) wording = addPart(wording, 0);
  expect([wording.lines[0]!.runs.length, addPart(wording, 0)]).toEqual([12, wording]);
  expect(mayAddPart(wording, 9)).toBe(false);
});

test('a part in a colour of its own has a layer above the others and a film that is told from them', () => {
  const lined = saying('{given}', '{family}');
  const coloured = colourPart(lined, at, { line: 1, part: 0, slot: null }, random);
  expect(faultsOf(coloured)).toEqual([]);
  expect(coloursIn(coloured)).toEqual(['main', 'second']);
  expect(placeAt(coloured, null).placeUse.materials).toEqual({ main: 'film-gold', second: 'film-white' });
  expect(saidIn(coloured)).toEqual([['main: Ann'], ['second: Lee']]);
  // The same colour for another part; a third one beside it.
  const both = colourPart(coloured, at, { line: 0, part: 0, slot: 'second' }, random);
  expect(saidIn(both)).toEqual([['second: Ann'], ['second: Lee']]);
  const third = colourPart(coloured, at, { line: 0, part: 0, slot: null }, random);
  expect(coloursIn(third)).toEqual(['main', 'second', 'second 2']);
  expect(faultsOf(third)).toEqual([]);
});

test('a colour that nothing is said in any more is gone with its film, but for the first', () => {
  const coloured = colourPart(saying('{given}', '{family}'), at, { line: 1, part: 0, slot: null }, random);
  const back = colourPart(coloured, at, { line: 1, part: 0, slot: 'main' }, random);
  expect(back).toEqual(saying('{given}', '{family}'));
  const all = colourPart(
    colourPart(coloured, at, { line: 0, part: 0, slot: 'second' }, random),
    at,
    { line: 0, part: 0, slot: 'second' },
    random,
  );
  expect(coloursIn(all)).toEqual(['main', 'second']);
});

test('letters left open in a plate have one colour, and no more layers than there may be', () => {
  const plate = setLetters(spec, null, { slot: 'main', are: 'plate' }, random);
  expect([letterColours(placeAt(plate, null).lettering), mayAddColour(placeAt(plate, null).lettering)]).toEqual([
    [],
    false,
  ]);
  expect(colourPart(plate, at, { line: 0, part: 0, slot: null }, random)).toBe(plate);
  // Words of two colours are of the first once they are cut again.
  const coloured = colourPart(saying('{given}', '{family}'), at, { line: 1, part: 0, slot: null }, random);
  const again = setLetters(
    setLetters(coloured, null, { slot: 'main', are: 'plate' }, random),
    null,
    { slot: 'main', are: 'cut' },
    random,
  );
  expect(faultsOf(again)).toEqual([]);
  expect(saidIn(again)).toEqual([['main: Ann'], ['main: Lee']]);
});

test('each colour is drawn or cut by itself', () => {
  const coloured = colourPart(saying('{given}', '{family}'), at, { line: 1, part: 0, slot: null }, random);
  const drawn = setLetters(coloured, null, { slot: 'second', are: 'draw' }, random);
  expect(placeAt(drawn, null).lettering.layers.map(({ slot, tool }) => [slot, tool?.by])).toEqual([
    ['card', undefined],
    ['main', undefined],
    ['second', 'draw'],
  ]);
  expect(placeAt(drawn, null).slots.map(({ slot }) => slot)).toEqual(['card', 'main']);
});

test('a text in a lettering of its own has the colour as well, so that the run can be kept', () => {
  const lined = saying('{given}', '{family}');
  const [entry] = lined.entries;
  const ref = { entryId: entry!.id, useId: at.useId, placeId: at.placeId } as FitRef;
  const own = setOverrides(lined, [ref], { kind: 'lettering', letteringId: 'heavy-slab' }, random);
  const coloured = colourPart(own, at, { line: 1, part: 0, slot: null }, random);
  expect(faultsOf(coloured)).toEqual([]);
  expect(saidIn(coloured)).toEqual([['main: Ann'], ['second: Lee']]);
  const [slot] = resolveSlots(coloured);
  expect([slot!.letteringId, slot!.layers.map(({ colourSlot }) => colourSlot)]).toEqual([
    'heavy-slab',
    ['main', 'second'],
  ]);
});

test('another lettering gets the colours that the words are in, with the ids of their layers', () => {
  const coloured = colourPart(saying('{given}', '{family}'), at, { line: 1, part: 0, slot: null }, random);
  const other = chooseLettering(coloured, null, 'stand-block');
  expect(faultsOf(other)).toEqual([]);
  expect(saidIn(other)).toEqual([['main: Ann'], ['second: Lee']]);
  const idOf = (run: typeof spec) => placeAt(run, null).lettering.layers.find(({ slot }) => slot === 'second')!.id;
  expect(idOf(other)).toBe(idOf(coloured));
  expect(chooseLettering(other, null, 'stand-block')).toEqual(other);
  expect(placeAt(chooseLettering(spec, null, 'stand-block'), null).lettering.layers).toHaveLength(1);
  // Where an id is taken already the words are in its first colour.
  const taken = {
    ...coloured,
    shop: {
      ...coloured.shop,
      letterings: coloured.shop.letterings.map((copy) =>
        copy.id === 'heavy-slab'
          ? {
              ...copy,
              value: { ...copy.value, layers: copy.value.layers.map((layer) => ({ ...layer, id: idOf(coloured) })) },
            }
          : copy,
      ),
    },
  };
  const ground = chooseLettering(taken, null, 'heavy-slab');
  expect(faultsOf(ground)).toEqual([]);
  expect(saidIn(ground)).toEqual([['main: Ann'], ['main: Lee']]);
});

test('single letters of a part have a colour of their own, which goes with them', () => {
  const whole = saying('{text}');
  const here = { line: 0, part: 0 };
  const single = colourPart(whole, at, { ...here, slot: null, letters: 'first' }, random);
  expect(faultsOf(single)).toEqual([]);
  expect(coloursIn(single)).toEqual(['main', 'second']);
  expect(saidIn(single)).toEqual([['second: A', 'main: nn Lee']]);
  const each = chooseLetters(single, at, here, 'ofWords');
  expect(saidIn(each)).toEqual([['second: A', 'main: nn ', 'second: L', 'main: ee']]);
  // The other way round: the part in the second colour, its letters in the first.
  const turned = colourPart(
    colourPart(each, at, { ...here, slot: 'second' }, random),
    at,
    { ...here, slot: 'main', letters: 'last' },
    random,
  );
  expect(saidIn(turned)).toEqual([['second: Ann Le', 'main: e']]);
  expect(dropLetters(single, at, here)).toEqual(whole);
  expect(chooseLetters(whole, at, here, 'last')).toEqual(whole);
  const lettered = chooseLettering(single, null, 'stand-block');
  expect([faultsOf(lettered), saidIn(lettered)]).toEqual([[], [['second: A', 'main: nn Lee']]]);
  const plate = setLetters(single, null, { slot: 'main', are: 'plate' }, random);
  const again = setLetters(plate, null, { slot: 'main', are: 'cut' }, random);
  expect([faultsOf(again), saidIn(again)]).toEqual([[], [['main: Ann Lee']]]);
  const unknown = changePlaceUse(single, null, (place) => ({ ...place, letteringId: 'heavy-slab' }));
  expect(faultsOf(unknown)).toMatchObject([
    { kind: 'noLayer', field: 'uses.0.places.0.wording.lines.0.runs.0.letter.slot', id: 'second' },
  ]);
});

test('words that were typed over keep the single letters of their line, where it is one part', () => {
  const single = colourPart(saying('{text}'), at, { line: 0, part: 0, slot: null, letters: 'first' }, random);
  const [entry] = single.entries;
  const ref = { entryId: entry!.id, useId: at.useId, placeId: at.placeId } as FitRef;
  const typed = (run: typeof spec) => setOverrides(run, [ref], { kind: 'wording', lines: ['Wilma'] }, random);
  expect(saidIn(typed(single))).toEqual([['second: W', 'main: ilma']]);
  const { wording } = placeAt(single, null).placeUse;
  const two = changePlaceUse(single, null, (place) => ({ ...place, wording: addPart(wording!, 0) }));
  expect(saidIn(typed(two))).toEqual([['main: Wilma']]);
});

test('a line moves to another place among the others, and nowhere where there is none', () => {
  const three = wordingOf(['a', 'b', 'c']);
  const said = (wording: typeof three) => wording.lines.map(({ runs }) => runs[0]!.template).join('');
  expect([said(moveLine(three, 0, 2)), said(moveLine(three, 2, 0)), said(moveLine(three, 1, 2))]).toEqual([
    'bca',
    'cab',
    'acb',
  ]);
  expect([moveLine(three, 0, 3), moveLine(three, 0, -1), moveLine(three, 3, 0), moveLine(three, -1, 0)]).toEqual([
    three,
    three,
    three,
    three,
  ]);
  // All else of the wording stays.
  expect(moveLine({ ...three, motifBlanks: 2 }, 0, 1).motifBlanks).toBe(2);
});
