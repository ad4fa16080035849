import { changeUse, toggleTaker } from '@/core/edit';
import { readPieceId } from '@/core/spec';
import { benchOfRun } from './bench';
import { makeNextPass } from './passes';
import { recordAct } from './record-act';
import { createRun, saveSpec } from './runs';
import { aContext, removeFolders, valueOf } from './test/a-context';

afterAll(removeFolders);

test('a rule takes no blank from an entry that it is made for; from others, and from those withdrawn, it does', async () => {
  const context = await aContext(21);
  const run = valueOf(
    await createRun(context, { title: 'Rowing caps', dueOn: null, list: 'Ann\nBo', reading: 'lines' }),
  );
  const { id, spec } = run;
  const [ann, bo] = spec.entries;
  const [use] = spec.uses;
  const without = (entryId: string) => toggleTaker(spec, use!.id, entryId);
  // Nothing is made yet: every rule may be.
  const first = valueOf(await saveSpec(context, id, run.counter, without(ann!.id)));
  const back = valueOf(await saveSpec(context, id, first.counter, without(bo!.id)));
  const { pass } = valueOf(await makeNextPass(context, id, null));
  expect(pass.patches.flatMap(({ placed }) => placed).map(({ pieceId }) => readPieceId(pieceId)?.entryId)).toEqual([
    ann!.id,
  ]);
  expect(await saveSpec(context, id, back.counter, without(ann!.id))).toMatchObject({
    ok: false,
    problem: {
      kind: 'invalidInput',
      issues: [{ field: 'uses', message: expect.stringContaining('“Ann” would lose') }],
    },
  });
  // More may get it; whoever is withdrawn asks for nothing.
  const all = valueOf(await saveSpec(context, id, back.counter, spec));
  const withdrawn = {
    ...without(ann!.id),
    entries: spec.entries.map((entry) => (entry === ann ? { ...entry, withdrawn: true } : entry)),
  };
  valueOf(await saveSpec(context, id, all.counter, withdrawn));
  await context.store.close();
});

test('what is ready-made and marked lies in no pass, and stays all the same; unmarked it may go', async () => {
  const context = await aContext(22);
  const run = valueOf(await createRun(context, { title: 'Oar bags', dueOn: null, list: 'Cy\nDi', reading: 'lines' }));
  const { id, spec } = run;
  const [use] = spec.uses;
  const bought = changeUse(spec, use!.id, (one) => ({
    ...one,
    places: one.places.map((place) => ({ ...place, materials: { main: 'transfer-bought' } })),
  }));
  const saved = valueOf(await saveSpec(context, id, run.counter, bought));
  const { items } = valueOf(await benchOfRun(context, id, 'x'));
  const [cy, di] = items;
  const [piece] = cy!.pieces;
  valueOf(
    await recordAct(context, id, {
      id: 'bondedact1',
      by: { who: '', station: 'stationaaa' },
      at: '2026-09-14T08:00:00.000Z',
      deeds: [
        {
          kind: 'bonded',
          itemId: cy!.itemId,
          placeId: piece!.placeId,
          layerIds: [piece!.layerId],
          attempts: [1],
          face: 'front',
        },
      ],
    }),
  );
  expect(await saveSpec(context, id, saved.counter, toggleTaker(bought, use!.id, cy!.entryId))).toMatchObject({
    problem: { kind: 'invalidInput', issues: [{ field: 'uses' }] },
  });
  valueOf(await saveSpec(context, id, saved.counter, toggleTaker(bought, use!.id, di!.entryId)));
  await context.store.close();
});
