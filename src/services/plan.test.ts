import path from 'node:path';
import { changePlaceUse, changeVariant } from '@/core/edit';
import { benchOfRun } from './bench';
import { dataDirOfServer } from './data-dir';
import { openInPasses } from './plan';
import { createRun, saveSpec } from './runs';
import { aContext, removeFolders, valueOf } from './test/a-context';

afterAll(removeFolders);

test('a text with one open check alone is told with the pass that it lies in, and no other', async () => {
  const context = await aContext(31);
  const { id, counter, spec } = valueOf(
    await createRun(context, { title: 'Tide flags', dueOn: null, list: 'Io\nUna', reading: 'lines' }),
  );
  // Block letters in white on nearly white: one thing to look at, and nothing else.
  const block = changePlaceUse(spec, null, (place) => ({
    ...place,
    letteringId: 'stand-block',
    materials: { main: 'film-white' },
  }));
  const on = (hex: string) => changeVariant(block, null, (variant) => ({ ...variant, colour: { name: 'cloth', hex } }));
  const saved = valueOf(await saveSpec(context, id, counter, on('#f2efe6')));
  const checksOf = async () =>
    valueOf(await openInPasses(context, id, null)).passes.map(({ checks }) => [checks.num, [...checks.texts].sort()]);
  expect(await checksOf()).toEqual([[2, ['Io', 'Una']]]);
  valueOf(await saveSpec(context, id, saved.counter, on('#24344f')));
  expect(await checksOf()).toEqual([[0, []]]);
  await context.store.close();
});

test('a fresh run has come nowhere: no pass, no release, no act', async () => {
  const context = await aContext(32);
  const { id } = valueOf(await createRun(context, { title: 'Tide flags', dueOn: null, list: 'Io', reading: 'lines' }));
  const { marks } = valueOf(await benchOfRun(context, id, 'x'));
  expect(marks).toMatchObject({ passes: 0, releases: 0, acts: 0 });
  await context.store.close();
});

test('data lies where the environment says, else beside the program', () => {
  const before = process.env.KNURL_DATA_DIR;
  try {
    process.env.KNURL_DATA_DIR = '/somewhere/else';
    expect(dataDirOfServer()).toBe('/somewhere/else');
    delete process.env.KNURL_DATA_DIR;
    expect(dataDirOfServer()).toBe(path.resolve('data'));
  } finally {
    if (before !== undefined) process.env.KNURL_DATA_DIR = before;
  }
});
