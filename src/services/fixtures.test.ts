import { copyFileSync, readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { upgradeSpec } from '@/core/run';
import { DATABASE_FILE } from '@/store';
import { benchOfRun, cutFile, exportBundle, importBundle, listRunSummaries, planOfRun, writeBundle } from '.';
import { aContext, freshFolder, removeFolders, valueOf } from './test/a-context';

/** Data as earlier steps wrote it: whatever is built later still opens it, and its cut files keep their bytes. */
const FIXTURES = 'e2e/fixtures';

afterAll(removeFolders);

describe.each(readdirSync(FIXTURES))('%s', (step) => {
  const file = (name: string) => path.join(FIXTURES, step, name);
  const bundle = () => JSON.parse(readFileSync(file('garment-bags.knurl.json'), 'utf8'));

  test('the database opens, with its run, its stages and its cut file', async () => {
    const folder = freshFolder();
    copyFileSync(file('knurl.sqlite'), path.join(folder, DATABASE_FILE));
    const context = await aContext(1, folder);
    const { runs, unreadable } = await listRunSummaries(context);
    expect([runs.length, unreadable]).toEqual([1, []]);
    const [run] = runs;
    expect(run!.tally).toEqual({ items: 42, cut: 14, weeded: 11, bonded: 7, checked: 4, packed: 2, recuts: 1 });
    expect(valueOf(await cutFile(context, run!.id, 1))).toBe(readFileSync(file('pass-1.svg'), 'utf8'));
    expect(valueOf(await planOfRun(context, run!.id, false)).passes[0]!.no).toBe(2);
    const exported = valueOf(await exportBundle(context, run!.id));
    const { spec, ...made } = bundle();
    expect(writeBundle({ ...made, spec: upgradeSpec(spec), writtenBy: exported.writtenBy })).toBe(
      writeBundle(exported),
    );
    await context.store.close();
  });

  test('the bundle comes in with the same cut file and the same bench', async () => {
    const context = await aContext(2);
    const { id } = valueOf(await importBundle(context, bundle()));
    expect(valueOf(await cutFile(context, id, 1))).toBe(readFileSync(file('pass-1.svg'), 'utf8'));
    const { items } = valueOf(await benchOfRun(context, id, 'x'));
    expect(items.find(({ text }) => text[0] === 'Sørbø')!.pieces[0]).toMatchObject({
      attempt: 2,
      spoiledFor: 'torn while weeding',
    });
    await context.store.close();
  });
});
