import { z } from 'zod';
import { aRun, seededBytes } from '../test';
import { changeLayout, changeMaterial, changePlace, changeVariant, changeRule, mainPlace } from '.';
import { fitKeyOf, pieceIdOf, readItemId, readPieceId, runSpecSchema, specFaults } from '../spec';
import { isId, makeId } from '../ids';
import { processFacts, stagesOf } from '../shop';

test('ids have their shape and do not repeat', () => {
  const random = seededBytes(5);
  const ids = Array.from({ length: 2000 }, () => makeId(random));
  expect(ids.every(isId)).toBe(true);
  expect(new Set(ids).size).toBe(2000);
  expect(isId('1abcdefghi')).toBe(false);
});

test('a new run passes its own schema, has no faults, and its schema can be published', () => {
  const spec = aRun(['Ann']);
  expect(runSpecSchema.parse(spec)).toEqual(spec);
  expect(specFaults(spec)).toEqual([]);
  expect(z.toJSONSchema(runSpecSchema)).toMatchObject({ type: 'object' });
});

test('ids that lead nowhere or stand twice are named by their path', () => {
  const spec = aRun(['Ann', 'Bo']);
  expect(specFaults(changeLayout(spec, { bedId: 'no-bed' }))).toEqual([
    { kind: 'unknownId', field: 'layout.bedId', id: 'no-bed' },
  ]);
  expect(specFaults(changeMaterial(spec, null, 'no-film'))).toEqual([
    { kind: 'unknownId', field: 'uses.0.places.0.materials.main', id: 'no-film' },
  ]);
  const [first] = spec.entries;
  expect(specFaults({ ...spec, entries: [first!, first!] })).toEqual([
    { kind: 'idTwice', field: 'entries.1.id', id: first!.id },
  ]);
});

test('references become text and text becomes references', () => {
  const ref = { entryId: 'aaaaaaaaaa', useId: 'bbbbbbbbbb', ordinal: 12, placeId: 'cccccccccc' } as Parameters<
    typeof fitKeyOf
  >[0];
  expect(fitKeyOf(ref)).toBe('aaaaaaaaaa-bbbbbbbbbb-12-cccccccccc');
  expect(readPieceId(pieceIdOf(ref, 'dddddddddd', 1))).toEqual({
    entryId: 'aaaaaaaaaa',
    useId: 'bbbbbbbbbb',
    fitKey: 'aaaaaaaaaa-bbbbbbbbbb-12-cccccccccc',
    layerKey: 'aaaaaaaaaa-bbbbbbbbbb-12-cccccccccc-dddddddddd',
    itemId: 'aaaaaaaaaa-bbbbbbbbbb-12',
    placeId: 'cccccccccc',
    layerId: 'dddddddddd',
    part: 1,
  });
  expect(readItemId('aaaaaaaaaa-bbbbbbbbbb-12')).toEqual({ entryId: 'aaaaaaaaaa', useId: 'bbbbbbbbbb', ordinal: 12 });
  expect([readPieceId('nonsense'), readItemId('aaaaaaaaaa-bbbbbbbbbb-0')]).toEqual([null, null]);
});

test('stages and reversal come from one table', () => {
  expect(stagesOf('card')).toEqual(['cut', 'bonded']);
  expect(processFacts('film')).toMatchObject({ reversed: true, bondedWord: 'pressed' });
  expect(processFacts('adhesiveFilm')).toMatchObject({ reversed: false, bondedWord: 'applied' });
});

test('a change touches what it names and leaves the rest the very same', () => {
  const spec = aRun(['Ann']);
  const moved = changePlace(spec, null, (place) => ({ ...place, anchor: 'left' }));
  expect(mainPlace(moved).measured.anchor).toBe('left');
  expect(mainPlace(spec).measured.anchor).toBe('centre');
  expect(moved.entries).toBe(spec.entries);
  expect(moved.shop.materials).toBe(spec.shop.materials);
  const navy = changeVariant(spec, null, (one) => ({ ...one, colour: { name: 'navy', hex: '#000080' } }));
  expect(mainPlace(navy).variant.colour.name).toBe('navy');
  expect(mainPlace(changeRule(spec, null, { kind: 'level', heightMm: 9 })).sizeGroup.rule).toEqual({
    kind: 'level',
    heightMm: 9,
  });
});
