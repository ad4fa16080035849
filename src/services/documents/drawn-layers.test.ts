import { artCache } from '@/core/artwork';
import { fitAll } from '@/core/fit';
import { namesOfSlot } from '@/core/pieces';
import { resolveSlots } from '@/core/resolve';
import { aRun, shippedFaces } from '@/core/test';
import { type FrozenById, asCut } from './drawn-layers';

test('of what was frozen the words are those of then, of all else those of now', () => {
  const { fits } = fitAll(resolveSlots(aRun(['Ann', 'Bo'])), artCache(shippedFaces()));
  const [ann, bo] = fits as [(typeof fits)[number], (typeof fits)[number]];
  const [{ id }] = namesOfSlot(ann.slot) as [ReturnType<typeof namesOfSlot>[number]];
  const frozen = new Map([[id, { text: ['Anneke'] }]]) as unknown as FrozenById;
  expect(asCut([ann], frozen)).toBe('Anneke');
  expect(asCut([bo], frozen)).toBe('Bo');
  expect(asCut([ann], new Map())).toBe('Ann');
});
