import fc from 'fast-check';
import { seededBytes } from '../test';
import { type ListLine, MAX_ENTRIES, entriesFromList, mergeList, parseList } from '.';

const linesOf = (text: string): readonly ListLine[] => {
  const lines = parseList(text);
  if (!lines.ok) throw new Error(lines.problem.kind);
  return lines.value;
};
const random = seededBytes(3);

test('one entry a line, whatever the line ending; the raw line is kept, the text tidied', () => {
  expect(linesOf('  Ann \tLee\r\n\r\nBo\rCy\u2028Di\n')).toEqual([
    { raw: '  Ann \tLee', text: 'Ann Lee' },
    { raw: 'Bo', text: 'Bo' },
    { raw: 'Cy', text: 'Cy' },
    { raw: 'Di', text: 'Di' },
  ]);
});

test('text is composed, so that the same name typed two ways is one name', () => {
  expect(linesOf('Zoe\u0308')[0]!.text).toBe('Zo\u00eb');
});

test('an empty list and too long a list are refused with the count', () => {
  expect(parseList(' \n\t\n')).toEqual({ ok: false, problem: { kind: 'emptyList' } });
  expect(parseList('x\n'.repeat(MAX_ENTRIES + 5))).toEqual({
    ok: false,
    problem: { kind: 'tooManyEntries', numEntries: MAX_ENTRIES + 5, most: MAX_ENTRIES },
  });
});

test('pasting again keeps the ids of lines that match, in the new order', () => {
  const first = entriesFromList(linesOf('Ann\nBo\nCy'), random);
  const again = mergeList(first, linesOf('Cy\nDi\nAnn'), () => false, random);
  expect(again.map(({ fields }) => fields.text)).toEqual(['Cy', 'Di', 'Ann']);
  expect(again[0]!.id).toBe(first[2]!.id);
  expect(again[2]!.id).toBe(first[0]!.id);
  expect(first.map(({ id }) => id)).not.toContain(again[1]!.id);
});

test('an entry with work recorded is withdrawn, comes back with its line, and others are dropped', () => {
  const first = entriesFromList(linesOf('Ann\nBo'), random);
  const without = mergeList(first, linesOf('Cy'), (id) => id === first[0]!.id, random);
  expect(without.map(({ fields, withdrawn }) => [fields.text, withdrawn])).toEqual([
    ['Cy', false],
    ['Ann', true],
  ]);
  const back = mergeList(without, linesOf('Ann\nCy'), () => true, random);
  expect(back.map(({ id, withdrawn }) => [id, withdrawn])).toEqual([
    [first[0]!.id, false],
    [without[0]!.id, false],
  ]);
});

test('doubled lines are matched one by one: laying the same list again changes nothing', () => {
  const names = fc.array(fc.constantFrom('Ann', 'Bo', 'Cy', 'Di'), { minLength: 1, maxLength: 30 });
  fc.assert(
    fc.property(names, (list) => {
      const lines = linesOf(list.join('\n'));
      const entries = entriesFromList(lines, random);
      expect(new Set(entries.map(({ id }) => id)).size).toBe(entries.length);
      const again = mergeList(entries, lines, () => false, random);
      expect([...again].map(({ id }) => id).sort()).toEqual([...entries].map(({ id }) => id).sort());
    }),
  );
});
