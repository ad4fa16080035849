import type { SingleLetters } from '../spec';
import { withSingleLetters } from './single-letters';
import { lineOf } from './worded-line';

const run = (text: string, isTall = false) => ({ text, colourSlot: 'main', face: null, isTall });
const said = (texts: readonly ReturnType<typeof run>[], which: SingleLetters) =>
  lineOf(0, withSingleLetters(texts, { which, slot: 'gold' })).runs.map(({ text, colourSlot }) =>
    colourSlot === 'gold' ? `[${text}]` : text,
  );

test.each<[SingleLetters, string, string[]]>([
  ['first', 'Odalys', ['[O]', 'dalys']],
  ['last', 'Odalys', ['Odaly', '[s]']],
  ['first', ' Bo', [' ', '[B]', 'o']],
  ['ofWords', 'Ann-Marie de Vries', ['[A]', 'nn-', '[M]', 'arie ', '[d]', 'e ', '[V]', 'ries']],
  // An accent that is typed apart stays with its letter.
  ['first', 'A\u030Ase', ['[A\u030A]', 'se']],
  ['last', 'Q', ['[Q]']],
  ['first', '', []],
])('%s letter of “%s”', (which, text, parts) => {
  expect(said([run(text)], which)).toEqual(parts);
});

test('a part is one text, whatever it was put together from, and what is tall stays so', () => {
  expect(said([run('A'), run('nn '), run('Lee')], 'last')).toEqual(['Ann Le', '[e]']);
  const kept = withSingleLetters([run('A'), run('B', true)], { which: 'last', slot: 'gold' });
  expect(kept.map(({ text, isTall, colourSlot }) => [text, isTall, colourSlot])).toEqual([
    ['A', false, 'main'],
    ['B', true, 'gold'],
  ]);
  expect(withSingleLetters([run('A')], undefined)).toEqual([run('A')]);
});
