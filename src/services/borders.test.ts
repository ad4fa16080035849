import { addLayer, placeAt } from '@/core/edit';
import { fitsOfRun } from './fits';
import { createRun, getRun, saveSpec } from './runs';
import { getThing, saveThing } from './shop';
import { aContext, removeFolders, valueOf } from './test/a-context';

afterAll(removeFolders);

test('a fit is of the film that its letters are cut from, whatever lies below them', async () => {
  const context = await aContext(41);
  const run = valueOf(await createRun(context, { title: 'Regatta', dueOn: null, list: 'Io\nUna', reading: 'lines' }));
  const bordered = addLayer(run.spec, null, 'border', context.randomBytes);
  valueOf(await saveSpec(context, run.id, run.counter, bordered));
  const { fits } = valueOf(await fitsOfRun(context, run.id));
  expect(fits.map(({ materialId, layers }) => [materialId, layers.map((layer) => layer.materialId)])).toEqual([
    ['film-gold', ['film-white', 'film-gold']],
    ['film-gold', ['film-white', 'film-gold']],
  ]);
  await context.store.close();
});

test('a run begins with the shop’s lettering as it is, also where that has got a border since', async () => {
  const context = await aContext(42);
  const plain = valueOf(await createRun(context, { title: 'Regatta', dueOn: null, list: 'Io', reading: 'lines' }));
  const { letteringId } = placeAt(plain.spec, null).placeUse;
  const bordered = placeAt(addLayer(plain.spec, null, 'border', context.randomBytes), null).lettering;
  const { rev } = valueOf(await getThing(context, 'letterings', letteringId));
  valueOf(await saveThing(context, 'letterings', { id: letteringId, rev, candidate: bordered }));
  const run = valueOf(await createRun(context, { title: 'Next one', dueOn: null, list: 'Una', reading: 'lines' }));
  expect(valueOf(await getRun(context, run.id)).spec.uses[0]!.places[0]!.materials).toEqual({
    main: 'film-gold',
    border: 'film-gold',
  });
  const { fits } = valueOf(await fitsOfRun(context, run.id));
  expect(fits[0]!.layers).toHaveLength(2);
  await context.store.close();
});
