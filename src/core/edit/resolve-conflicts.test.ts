import fc from 'fast-check';
import { mergeJson } from './merge-json';
import { addConflicts, withMineNow, withSide } from './resolve-conflicts';

const base = {
  title: 'Choir',
  entries: [
    { id: 'a', fields: { text: 'Ann', size: 'M' } },
    { id: 'b', fields: { text: 'Bo' } },
  ],
  layout: { edgeMm: 5, spacingMm: 6 },
};
const textOf = (at: number, text: string, from = base) => ({
  ...from,
  entries: from.entries.map((entry, i) => (i === at ? { ...entry, fields: { ...entry.fields, text } } : entry)),
});

test('a side is taken at the disputed spot alone; what either changed elsewhere stays, and so do untouched parts', () => {
  const mine = { ...textOf(0, 'Anna'), title: 'Choir of the quay' };
  const theirs = { ...textOf(0, 'Annie'), layout: { edgeMm: 9, spacingMm: 6 } };
  const { value, conflicts } = mergeJson(base, mine, theirs);
  const taken = withSide(value, conflicts, 'theirs');
  expect(taken).toEqual({ ...textOf(0, 'Annie'), title: 'Choir of the quay', layout: { edgeMm: 9, spacingMm: 6 } });
  expect([taken.layout, taken.entries[1]]).toEqual([value.layout, value.entries[1]]);
  expect(taken.entries[1]).toBe(value.entries[1]);
  expect(withSide(value, conflicts, 'mine')).toEqual(value);
});

test('what one side took away goes or comes by the side that is taken', () => {
  const mine = { ...base, entries: base.entries.slice(1) };
  const { value, conflicts } = mergeJson(base, mine, textOf(0, 'Annie'));
  expect(withSide(value, conflicts, 'mine').entries).toEqual(mine.entries);
  expect(withSide(value, conflicts, 'theirs')).toEqual(textOf(0, 'Annie'));
  const path = ['entries', 'a', 'fields', 'size'];
  expect(withSide(base, [{ path, mine: undefined, theirs: 'L' }], 'mine').entries[0]!.fields).toEqual({ text: 'Ann' });
  const back = withSide(
    base,
    [{ path: ['entries', 'c'], mine: { id: 'c', fields: { text: 'Cy' } }, theirs: undefined }],
    'mine',
  );
  expect(back.entries.map(({ id }) => id)).toEqual(['a', 'b', 'c']);
  expect(withSide(base, [{ path: ['entries', 'z'], mine: undefined, theirs: 1 }], 'mine')).toEqual(base);
});

test('whichever side is taken, merging it again with that side asks nothing', () => {
  const change = fc.record({ at: fc.nat(1), text: fc.string(), edgeMm: fc.nat(20), title: fc.string() });
  fc.assert(
    fc.property(change, change, fc.constantFrom<'mine' | 'theirs'>('mine', 'theirs'), (a, b, side) => {
      const of = ({ at, text, edgeMm, title }: typeof a) => ({
        ...textOf(at, text),
        layout: { edgeMm, spacingMm: 6 },
        title,
      });
      const [mine, theirs] = [of(a), of(b)];
      const { value, conflicts } = mergeJson(base, mine, theirs);
      const taken = withSide(value, conflicts, side);
      for (const { path } of conflicts) {
        const at = (from: unknown) =>
          path.reduce<unknown>(
            (part, key) => (Array.isArray(part) ? part.find(({ id }) => id === key) : (part as never)[key]),
            from,
          );
        expect(at(taken)).toEqual(at(side === 'mine' ? mine : theirs));
      }
    }),
  );
});

test('a spot is asked about once, with what was said last', () => {
  const one = { path: ['title'], mine: 'a', theirs: 'b' };
  const other = { path: ['dueOn'], mine: 'c', theirs: 'd' };
  expect(addConflicts([one, other], [{ ...one, theirs: 'e' }])).toEqual([other, { ...one, theirs: 'e' }]);
});

test('a question says what stands here now, and what was taken away here stays taken away', () => {
  const text = { path: ['entries', 'a', 'fields', 'text'], mine: 'Anna', theirs: 'Annie' };
  const gone = { path: ['entries', 'b'], mine: undefined, theirs: base.entries[1] };
  expect(withMineNow(textOf(0, 'Annabel'), [text, gone])).toEqual([{ ...text, mine: 'Annabel' }, gone]);
  expect(withMineNow(base, [{ ...text, path: ['entries', 'z', 'fields', 'text'] }])[0]!.mine).toBeUndefined();
  expect(withMineNow(base, [{ ...text, path: [] }])[0]!.mine).toBe(base);
});
