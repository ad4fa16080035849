import { STARTER_MOTIFS } from '../motifs';
import type { Reach } from '../shop';
import type { RunSpec } from '../spec';
import { aBorder, aRun, seededBytes, withBorders } from '../test';
import { addLayer, changeHead, changeLayer, changedBorders, placeAt, shapeLayersOf, takeMotif } from '.';

const random = seededBytes(4);
const plain = takeMotif(aRun(['Bo']), null, STARTER_MOTIFS[0]!, random);
const two = addLayer(addLayer(plain, null, 'border', random), null, 'border', random);
const { at } = placeAt(two, null);
const [outer, inner] = shapeLayersOf(placeAt(two, null).lettering);
const wide = (run: RunSpec, id: string, distance: Reach) =>
  changeLayer(run, null, id, { kind: 'border', distance, fillsUnderMm: 1 });

test('what reaches otherwise than before is told with how far it reaches now, and what it lies around', () => {
  const changed = changedBorders(two, wide(two, inner!.id, { by: 'mm', mm: 2.5 }), at)!;
  expect([...changed.reaches]).toEqual([[inner!.id, { by: 'mm', mm: 2.5 }]]);
  const { lettering, placeUse } = placeAt(two, null);
  const text = lettering.layers.find(({ make }) => make.kind === 'text')!;
  expect([...changed.around].sort()).toEqual([text.id, ...placeUse.motif!.layers.map(({ id }) => id)].sort());
  const share = changedBorders(two, wide(two, outer!.id, { by: 'height', share: 0.1 }), at)!;
  expect([...share.reaches.keys()]).toEqual([outer!.id]);
  const more = wide(two, outer!.id, { by: 'height', share: 0.1 });
  expect(changedBorders(more, wide(more, outer!.id, { by: 'height', share: 0.2 }), at)!.reaches.size).toBe(1);
});

test('nothing is told where every border is as it was, or is new', () => {
  expect(changedBorders(two, two, at)).toBeNull();
  expect(changedBorders(two, changeHead(two, { title: 'x' }), at)).toBeNull();
  expect(
    changedBorders(two, wide(two, inner!.id, inner!.make.kind === 'border' ? inner!.make.distance : never()), at),
  ).toBeNull();
  expect(changedBorders(plain, two, at)).toBeNull();
  const other = withBorders(aRun(['Bo']), aBorder(1));
  expect(
    changedBorders(
      other,
      changeLayer(other, null, 'gone', { kind: 'plate', body: 'box', distance: { by: 'mm', mm: 1 }, hole: null }),
      at,
    ),
  ).toBeNull();
});

function never(): never {
  throw new Error('a border');
}
