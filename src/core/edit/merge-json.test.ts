import fc from 'fast-check';
import { addEntry, changeField, takeOut } from '../roster';
import { aRun, seededBytes } from '../test';
import { changeLayout, changePlace, mergeJson } from '.';
import { runSpecSchema } from '../spec';

const base = aRun(['Ann', 'Bo', 'Cy', 'Di']);
const [ann, bo, cy, di] = base.entries.map(({ id }) => id);
const texts = (spec: typeof base) => spec.entries.map(({ fields }) => fields.text);

test('changes of different entries, fields and settings are put together without a question', () => {
  const mine = changeLayout(changeField(changeField(base, ann!, 'text', 'Anna'), bo!, 'size', 'M'), { spacingMm: 9 });
  const theirs = changePlace(changeField(changeField(base, cy!, 'text', 'Cyd'), bo!, 'text', 'Bob'), null, (place) => ({
    ...place,
    anchor: 'left',
  }));
  const { value, conflicts } = mergeJson(base, mine, theirs);
  expect(conflicts).toEqual([]);
  expect(texts(value)).toEqual(['Anna', 'Bob', 'Cyd', 'Di']);
  expect(value.entries[1]!.fields.size).toBe('M');
  expect(value.layout.spacingMm).toBe(9);
  expect(runSpecSchema.parse(value)).toEqual(value);
  expect(value.entries[3]).toBe(base.entries[3]);
});

test('the same spot changed twice is a conflict, and either side can be preferred', () => {
  const mine = changeField(base, ann!, 'text', 'Anna');
  const theirs = changeField(base, ann!, 'text', 'Annie');
  const merged = mergeJson(base, mine, theirs);
  expect(merged.conflicts).toEqual([{ path: ['entries', ann, 'fields', 'text'], mine: 'Anna', theirs: 'Annie' }]);
  expect(texts(merged.value)[0]).toBe('Anna');
  expect(texts(mergeJson(base, mine, theirs, 'theirs').value)[0]).toBe('Annie');
  expect(mergeJson(base, mine, changeField(base, ann!, 'text', 'Anna')).conflicts).toEqual([]);
});

test('entries added on both sides all stay, where they were put; one taken out is gone, one worked on stays', () => {
  const mine = takeOut(addEntry(base, 'Mia', seededBytes(1)), new Set([bo!]), () => false);
  const theirs = addEntry(base, 'Tom', seededBytes(2));
  expect(texts(mergeJson(base, mine, theirs).value)).toEqual(['Ann', 'Cy', 'Di', 'Mia', 'Tom']);
  const worked = changeField(base, bo!, 'text', 'Bobby');
  const { value, conflicts } = mergeJson(base, mine, worked);
  expect(conflicts).toHaveLength(1);
  expect(texts(value)).toContain('Bobby');
});

test('entries held back are a set: both sides’ changes count', () => {
  const held = changeLayout(base, { heldBack: [ann!, bo!] });
  const mine = changeLayout(held, { heldBack: [ann!, bo!, cy!] });
  const theirs = changeLayout(held, { heldBack: [bo!, di!] });
  expect(mergeJson(held, mine, theirs).value.layout.heldBack).toEqual([bo, di, cy]);
});

test('merging with oneself, or with someone who did nothing, changes nothing', () => {
  const json = fc.jsonValue();
  fc.assert(
    fc.property(json, json, (a, b) => {
      expect(mergeJson(a, b, b)).toEqual({ value: b, conflicts: [] });
      expect(mergeJson(a, a, b)).toEqual({ value: b, conflicts: [] });
      expect(mergeJson(a, b, a)).toEqual({ value: b, conflicts: [] });
    }),
  );
});
