import { entriesFromList, listQuestions, listText, parseList } from '../roster';
import { aRun, seededBytes } from '../test';
import { entryParts } from '../wording';
import { markedLines } from '.';

const read = (...lines: string[]) => {
  const parsed = parseList(lines.join('\n'));
  if (!parsed.ok) throw new Error(parsed.problem.kind);
  return parsed.value.lines.map(({ text, quantity, fields }) => [text, quantity, fields.group ?? ''].join('|'));
};
const plain = (...names: string[]) => names.map((name) => `${name}||`);

test.each<[string, string[], string[]]>([
  ['plain names', ['Ingrid', 'Per'], plain('Ingrid', 'Per')],
  ['a header of one column', ['Name', 'Ingrid', 'Per'], plain('Ingrid', 'Per')],
  ['one with a colon', ['Names:', 'Ingrid'], plain('Ingrid')],
  ['in another language', ['Vorname', 'Ingrid'], ['Ingrid||']],
  ['a lone word that could head a list', ['Name'], plain('Name')],
  ['a word that heads other columns', ['Blue', 'Size', 'Ingrid'], plain('Blue', 'Size', 'Ingrid')],
  ['numbering', ['1. Ingrid', '2. Per', '3. Signe'], plain('Ingrid', 'Per', 'Signe')],
  ['numbering with gaps', ['4) Ingrid', '9) Per', 'Signe'], plain('Ingrid', 'Per', 'Signe')],
  ['a line with its own number', ['Ingrid', 'Per', '3. Signe'], plain('Ingrid', 'Per', 'Signe')],
  ['numbers without a space', ['1.Ingrid', '2.Per'], plain('Ingrid', 'Per')],
  ['a name that begins with a number', ['1. FC Marl', 'Per', 'Signe'], plain('1. FC Marl', 'Per', 'Signe')],
  ['another one', ['Per', 'Signe', 'Ola', '7. Division'], plain('Per', 'Signe', 'Ola', '7. Division')],
  ['two of a row', ['Per', '7. Ola', '8. Ida', 'Bo', 'Cy'], plain('Per', 'Ola', 'Ida', 'Bo', 'Cy')],
  ['years are no numbering', ['2019 Ingrid', '2020 Per'], plain('2019 Ingrid', '2020 Per')],
  ['bullets', ['- Ingrid', '- Per', '- Signe x2'], ['Ingrid|1|', 'Per|1|', 'Signe|2|']],
  ['counts behind', ['Ingrid x2', 'Per ×3', 'Signe (x4)'], ['Ingrid|2|', 'Per|3|', 'Signe|4|']],
  ['counts with a capital', ['Ingrid X2', 'Per'], ['Ingrid|2|', 'Per|1|']],
  ['counts turned round', ['Ingrid 2x', 'Per, 3 ×', 'Signe - 4x'], ['Ingrid|2|', 'Per|3|', 'Signe|4|']],
  ['counts before', ['2 × Ingrid', '3x Per', 'Signe'], ['Ingrid|2|', 'Per|3|', 'Signe|1|']],
  ['numbering and counts', ['1. Ingrid x2', '2. 3 x Per'], ['Ingrid|2|', 'Per|3|']],
  ['a count of none', ['Ingrid x0', 'Per x2'], ['Ingrid x0|1|', 'Per|2|']],
  ['too many', ['Ingrid x20000', 'Per x2'], ['Ingrid x20000|1|', 'Per|2|']],
  ['a name with an X', ['Ida X 2', 'Ola'], plain('Ida X 2', 'Ola')],
  ['figures that count nothing', ['Team 2', 'U11', '3 + 4'], plain('Team 2', 'U11', '3 + 4')],
  [
    'headings',
    ['Cornets:', 'Ingrid', 'Per', '', 'Horns:', 'Signe x2'],
    ['Ingrid|1|Cornets', 'Per|1|Cornets', 'Signe|2|Horns'],
  ],
  ['headings in other dress', ['# Cornets', 'Ingrid', '== Horns ==', 'Per'], ['Ingrid||Cornets', 'Per||Horns']],
  ['more of them', ['-- Cornets --', 'Ingrid'], ['Ingrid||Cornets']],
  ['a heading after names', ['Ingrid', 'Horns:', 'Per'], ['Ingrid||', 'Per||Horns']],
  ['one that heads nothing', ['Ingrid', 'Horns:'], plain('Ingrid', 'Horns:')],
  ['a line with a colon inside', ['For: Ingrid', 'For: Per'], plain('For: Ingrid', 'For: Per')],
  ['a header and headings', ['Name', 'Cornets:', 'Ingrid'], ['Ingrid||Cornets']],
])('%s', (_, lines, wanted) => {
  expect(read(...lines)).toEqual(wanted);
});

test('rows keep their numbers in what was pasted, and as plain lines nothing is understood', () => {
  const marked = markedLines(['Name', '', '2. Ingrid', ' 3. Per x2 '])!;
  expect(marked.table.rows).toEqual([
    ['No', 'Name', 'quantity'],
    ['2', 'Ingrid', '1'],
    ['3', 'Per', '2'],
  ]);
  expect(marked.table.rowNos).toEqual([1, 3, 4]);
  expect(marked.guess.columns.map(({ role }) => role)).toEqual(['out', 'text', 'quantity']);
  expect(markedLines(['Ingrid', 'Per'])).toBeNull();
  expect(markedLines([' ', ''])).toBeNull();
  const asLines = parseList('1. Ingrid\n2. Per x2', 'lines');
  expect(asLines.ok && asLines.value.lines.map(({ text }) => text)).toEqual(['1. Ingrid', '2. Per x2']);
});

test('numbering hides no double, and a list of marked texts comes back as it went out', () => {
  const numbered = parseList('1. Ingrid\n2. Per\n3. Ingrid');
  const entries = entriesFromList(numbered.ok ? numbered.value.lines : [], seededBytes(3));
  expect(listQuestions({ ...aRun(['x']), entries }).map(({ kind }) => kind)).toEqual(['double']);
  const asLines = parseList('1. Ingrid\n7. Ingrid\nIda x2', 'lines');
  const kept = entriesFromList(asLines.ok ? asLines.value.lines : [], seededBytes(3));
  expect(listQuestions({ ...aRun(['x']), entries: kept }).map(({ kind }) => kind)).toEqual(['nearDouble']);
  const again = parseList(listText(kept));
  expect(again.ok && again.value.lines.map(({ text }) => text)).toEqual(['1. Ingrid', '7. Ingrid', 'Ida x2']);
});

test('two capitals are a family name where most of the list writes its family names so', () => {
  const parts = (...names: string[]) => {
    const parsed = parseList(names.join('\n'), 'lines');
    return entriesFromList(parsed.ok ? parsed.value.lines : [], seededBytes(3)).map(
      (entry) => entryParts(entry).family,
    );
  };
  expect(parts('BERG Anna', 'Ida MARSH', 'XU Bo', 'AJ Marsh')).toEqual(['BERG', 'MARSH', 'XU', 'AJ']);
  expect(parts('Anna Berg', 'Ida MARSH', 'XU Bo')).toEqual(['Berg', 'MARSH', 'Bo']);
});
