import { changeFilmColumn, setOverrides } from '../edit';
import { DEFAULT_MATERIALS } from '../shop';
import { type RunSpec, wordingOf } from '../spec';
import { aColouredRun, aRun, seededBytes } from '../test';
import { saysNumber } from './entry-parts-of';
import { resolveSlots } from '.';

const said = (spec: RunSpec, words: readonly string[]): RunSpec => ({
  ...spec,
  entries: spec.entries.map((entry, i) => ({ ...entry, fields: { ...entry.fields, colour: words[i]! } })),
});
const byList = (spec: RunSpec, slot: string) =>
  changeFilmColumn(spec, null, { slot, field: 'colour', atHand: DEFAULT_MATERIALS });
const stopsOf = (spec: RunSpec) =>
  resolveSlots(spec).map(({ findings }) =>
    findings.flatMap((one) => (one.kind === 'filmMissing' ? [`${one.slot} ${one.said}`] : [])),
  );

test('a word of the list that no film is named for stops the texts that ask for it, in the colour that asks', () => {
  const one = byList(said(aRun(['Ann', 'Bo']), ['plum', 'white']), 'main');
  expect(stopsOf(one)).toEqual([['main plum'], []]);
  const { ref } = resolveSlots(one)[0]!;
  const chosen = setOverrides(one, [ref], { kind: 'material', materialId: 'film-gold' }, seededBytes(3));
  expect(stopsOf(chosen)).toEqual([[], []]);
  const several = byList(said(aColouredRun(['Ann', 'Bo']), ['plum', 'white']), 'second');
  expect(stopsOf(several)).toEqual([['second plum'], []]);
});

test('whether any wording says the number of its entry is told of all places of all blanks', () => {
  const [use] = aRun(['Ann']).uses;
  const [place] = use!.places;
  const saying = (...templates: (string | null)[]) => [
    {
      ...use!,
      places: templates.map((template) => ({ ...place!, wording: template === null ? null : wordingOf([template]) })),
    },
  ];
  expect(saysNumber(saying('{text}', '{number}'))).toBe(true);
  expect(saysNumber(saying(null, '{text}', '{number}'))).toBe(true);
  expect(saysNumber(saying('{text}', null))).toBe(false);
  expect(saysNumber([...saying('{text}'), ...saying('{number} of 12')])).toBe(true);
  const again = saying('{text}');
  expect([saysNumber(again), saysNumber(again)]).toEqual([false, false]);
});
