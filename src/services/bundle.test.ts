import stringify from 'safe-stable-stringify';
import type { Deed } from '@/core/ledger';
import {
  createRun,
  cutFile,
  getRun,
  importBundle,
  listMadePasses,
  makeNextPass,
  recordAct,
  benchOfRun,
  planOfRun,
} from '.';
import type { Context } from './context';
import { aContext, problemOf, removeFolders, valueOf } from './test/a-context';
import { carried, carriedText, jsonBytes } from './test/carried';

let here: Context;
let there: Context;
let runId: string;
beforeAll(async () => {
  here = await aContext(3);
  there = await aContext(4);
  const list = Array.from({ length: 14 }, (_, i) => `Østergård ${'ABCDEFGHIJKLMN'[i]}`).join('\n');
  runId = valueOf(await createRun(here, { title: 'Ferry', dueOn: null, list })).id;
  const { pass } = valueOf(await makeNextPass(here, runId, null));
  const [piece] = pass.patches[0]!.placed;
  const deeds: Deed[] = [{ kind: 'cut', pieceId: piece!.pieceId, attempt: 1, passId: pass.id }];
  const by = { who: 'Jo', station: 'table-one' };
  valueOf(await recordAct(here, runId, { id: 'act-number-one', by, at: '2026-05-04T09:00:00Z', deeds }));
});
afterAll(async () => {
  await here.store.close();
  await there.store.close();
  removeFolders();
});

const bundled = () => carried(here, runId);
const bringIn = (to: Context, bundle: unknown) => importBundle(to, jsonBytes(bundle));

test('a run brought in elsewhere has the same cut files byte for byte, the same stages, the same plan', async () => {
  const brought = valueOf(await bringIn(there, await bundled()));
  expect(brought.id).not.toBe(runId);
  expect(brought.spec).toEqual(valueOf(await getRun(here, runId)).spec);
  for (const { no } of valueOf(await listMadePasses(here, runId))) {
    expect(valueOf(await cutFile(there, brought.id, no))).toBe(valueOf(await cutFile(here, runId, no)));
  }
  expect(valueOf(await benchOfRun(there, brought.id, 'x'))).toEqual(valueOf(await benchOfRun(here, runId, 'x')));
  expect(valueOf(await planOfRun(there, brought.id, 'all'))).toEqual(valueOf(await planOfRun(here, runId, 'all')));
});

test('carried on from there it is the same bundle again, and twice into one place is two runs', async () => {
  const bundle = await bundled();
  const first = valueOf(await bringIn(there, bundle));
  const second = valueOf(await bringIn(there, bundle));
  expect(first.id).not.toBe(second.id);
  expect(await carriedText(there, first.id)).toBe(await carriedText(here, runId));
});

test('a bundle that is not whole is refused with the field, and leaves nothing behind', async () => {
  const bundle = await bundled();
  const [sha] = Object.keys(bundle.outlines);
  const broken: [string, object][] = [
    [`outlines.${Object.keys(bundle.outlines).sort().at(0)}`, { ...bundle, outlines: {} }],
    [`outlines.${sha}`, { ...bundle, outlines: { ...bundle.outlines, [sha!]: [[[0, 0, 1, 0, 1, 1]]] } }],
    ['passes', { ...bundle, passes: [...bundle.passes, bundle.passes[0]] }],
    ['acts', { ...bundle, acts: [...bundle.acts, bundle.acts[0]] }],
    ['formatVersion', { ...bundle, formatVersion: 99 }],
    ['spec.entries', { ...bundle, spec: { ...bundle.spec, entries: 7 } }],
  ];
  const countRuns = async () => (await there.store.db.selectFrom('run').select('id').execute()).length;
  const before = await countRuns();
  for (const [field, candidate] of broken) {
    expect(problemOf(await bringIn(there, candidate))).toMatchObject({
      kind: 'invalidInput',
      issues: expect.arrayContaining([expect.objectContaining({ field })]),
    });
  }
  expect(await countRuns()).toBe(before);
});

test('what is no JSON, or no bundle, is told apart from one that is wrong', async () => {
  const text = (bytes: string) => importBundle(there, new TextEncoder().encode(bytes));
  expect(problemOf(await text('{"format": "knurl-b'))).toMatchObject({ kind: 'brokenJson' });
  for (const other of [{ title: 'knurl-bundle' }, 'knurl-bundle', null, 7]) {
    expect(problemOf(await bringIn(there, other))).toEqual({ kind: 'noBundle' });
  }
  expect(problemOf(await bringIn(there, { format: 'knurl-parcel' }))).toMatchObject({ kind: 'invalidInput' });
});

test('it is written with its keys in order, all the way in', async () => {
  expect(await carriedText(here, runId)).toBe(`${stringify(await bundled())}\n`);
});
