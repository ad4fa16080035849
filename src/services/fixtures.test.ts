import stringify from 'safe-stable-stringify';
import { copyFileSync, readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import type { Tally } from '@/core/ledger';
import { DATABASE_FILE } from '@/store';
import { benchOfRun, cutFile, importBundle, listMadePasses, listRunSummaries, planOfRun, releaseOfRun } from '.';
import { type Bundle, upgradeBundle } from './bundle-file';
import type { Context } from './context';
import { aContext, freshFolder, removeFolders, valueOf } from './test/a-context';
import { carried, carriedText } from './test/carried';

/** Data as earlier steps wrote it: whatever is built later still opens it, and its cut files keep their bytes. */
const FIXTURES = 'e2e/fixtures';

interface Kept {
  readonly title: RegExp;
  readonly tally: Tally;
  /** Where the next pass stands that is still to be made; null: nothing is left. */
  readonly nextNo: number | null;
}

const KEPT: Readonly<Record<string, Kept>> = {
  'step-1a/garment-bags': {
    title: /garment bags/,
    tally: { items: 42, cut: 14, weeded: 11, bonded: 7, checked: 4, packed: 2, recuts: 1 },
    nextNo: 2,
  },
  'spec-5/kit-bags': {
    title: /^Kit bags/,
    tally: { items: 11, cut: 10, weeded: 3, bonded: 2, checked: 1, packed: 0, recuts: 0 },
    nextNo: null,
  },
  'spec-5/quay-pennants': {
    title: /^Quay pennants/,
    tally: { items: 24, cut: 6, weeded: 3, bonded: 3, checked: 0, packed: 0, recuts: 0 },
    nextNo: null,
  },
  'spec-6/kit-bags': {
    title: /^Kit bags/,
    tally: { items: 11, cut: 10, weeded: 3, bonded: 2, checked: 1, packed: 0, recuts: 0 },
    nextNo: null,
  },
  'spec-6/quay-pennants': {
    title: /^Quay pennants/,
    tally: { items: 24, cut: 6, weeded: 3, bonded: 3, checked: 0, packed: 0, recuts: 0 },
    nextNo: null,
  },
  'spec-8/kit-bags': {
    title: /^Kit bags/,
    tally: { items: 11, cut: 10, weeded: 3, bonded: 2, checked: 1, packed: 0, recuts: 0 },
    nextNo: null,
  },
  'spec-8/quay-pennants': {
    title: /^Quay pennants/,
    tally: { items: 24, cut: 6, weeded: 3, bonded: 3, checked: 0, packed: 0, recuts: 0 },
    nextNo: null,
  },
  'spec-8/crew-shirts': {
    title: /^Crew shirts/,
    tally: { items: 3, cut: 0, weeded: 0, bonded: 0, checked: 0, packed: 0, recuts: 0 },
    nextNo: null,
  },
  'spec-9/presents': {
    title: /presents for the helpers$/,
    tally: { items: 36, cut: 12, weeded: 0, bonded: 0, checked: 0, packed: 0, recuts: 0 },
    nextNo: 6,
  },
  'spec-11/crew-shirts': {
    title: /^Crew shirts/,
    tally: { items: 3, cut: 0, weeded: 0, bonded: 0, checked: 0, packed: 0, recuts: 0 },
    nextNo: null,
  },
  'spec-12/crew-shirts': {
    title: /^Crew shirts/,
    tally: { items: 3, cut: 0, weeded: 0, bonded: 0, checked: 0, packed: 0, recuts: 0 },
    nextNo: null,
  },
  'spec-13/crew-shirts': {
    title: /^Crew shirts/,
    tally: { items: 3, cut: 0, weeded: 0, bonded: 0, checked: 0, packed: 0, recuts: 0 },
    nextNo: null,
  },
  'spec-14/crew-shirts': {
    title: /^Crew shirts/,
    tally: { items: 3, cut: 0, weeded: 0, bonded: 0, checked: 0, packed: 0, recuts: 0 },
    nextNo: null,
  },
  'spec-15/mess-towels': {
    title: /^Mess towels/,
    tally: { items: 2, cut: 2, weeded: 0, bonded: 0, checked: 0, packed: 0, recuts: 0 },
    nextNo: null,
  },
  'spec-10/kiln-tags': {
    title: /^Kiln tags/,
    tally: { items: 3, cut: 0, weeded: 0, bonded: 0, checked: 0, packed: 0, recuts: 0 },
    nextNo: 3,
  },
};

const bundles = readdirSync(FIXTURES).flatMap((step) =>
  readdirSync(path.join(FIXTURES, step))
    .filter((file) => file.endsWith('.knurl.json'))
    .map((file) => `${step}/${file.replace('.knurl.json', '')}`),
);

const bundleText = (name: string) => readFileSync(path.join(FIXTURES, `${name}.knurl.json`), 'utf8');
const bundleOf = (name: string) => new TextEncoder().encode(bundleText(name));

async function expectCutFiles(context: Context, runId: string, name: string): Promise<void> {
  const passes = valueOf(await listMadePasses(context, runId));
  const folder = path.join(FIXTURES, path.dirname(name));
  const prefix = name.startsWith('step-1a') ? 'pass-' : `${path.basename(name)}-pass-`;
  const files = readdirSync(folder).filter((file) => file.startsWith(prefix));
  expect(passes.map(({ no }) => `${prefix}${no}.svg`)).toEqual(files.sort());
  for (const { no } of passes) {
    expect(valueOf(await cutFile(context, runId, no))).toBe(
      readFileSync(path.join(folder, `${prefix}${no}.svg`), 'utf8'),
    );
  }
}

afterAll(removeFolders);

test('every fixture is looked at', () => expect(bundles.sort()).toEqual(Object.keys(KEPT).sort()));

describe.each(Object.entries(KEPT))('%s', (name, { title, tally, nextNo }) => {
  test('the database opens, with its run, its stages and its cut files', async () => {
    const folder = freshFolder();
    copyFileSync(path.join(FIXTURES, path.dirname(name), 'knurl.sqlite'), path.join(folder, DATABASE_FILE));
    const context = await aContext(1, folder);
    const { runs, unreadable } = await listRunSummaries(context);
    expect(unreadable).toEqual([]);
    const run = runs.find((one) => title.test(one.title))!;
    expect(run.tally).toEqual(tally);
    await expectCutFiles(context, run.id, name);
    const { passes } = valueOf(await planOfRun(context, run.id));
    expect(passes[0]?.no ?? null).toBe(nextNo);
    const { writtenBy } = await carried(context, run.id);
    const kept = upgradeBundle(JSON.parse(bundleText(name))) as Bundle;
    expect(await carriedText(context, run.id)).toBe(`${stringify({ ...kept, writtenBy })}\n`);
    await context.store.close();
  });

  test('the bundle comes in with the same cut files and the same bench', async () => {
    const context = await aContext(2);
    const { id } = valueOf(await importBundle(context, bundleOf(name)));
    await expectCutFiles(context, id, name);
    expect(valueOf(await benchOfRun(context, id, 'x')).tally).toEqual(tally);
    await context.store.close();
  });
});

test('a piece that was torn long ago still says so', async () => {
  const context = await aContext(3);
  const { id } = valueOf(await importBundle(context, bundleOf('step-1a/garment-bags')));
  const { items } = valueOf(await benchOfRun(context, id, 'x'));
  expect(items.find(({ text }) => text[0] === 'Sørbø')!.pieces[0]).toMatchObject({
    attempt: 2,
    spoiledFor: 'torn while weeding',
  });
  await context.store.close();
});

test('what was released long ago is told, with what is otherwise now', async () => {
  const context = await aContext(4);
  const { id } = valueOf(await importBundle(context, bundleOf('spec-5/kit-bags')));
  const { last, changes } = valueOf(await releaseOfRun(context, id));
  expect([last!.no, last!.numPieces]).toEqual([1, 10]);
  const told = changes.filter(({ what }) => what === 'text' || what === 'added');
  expect(told.map(({ text, what, isMade }) => [text.join(' '), what, isMade])).toEqual([
    ['Fitz', 'text', true],
    ['Perpetua', 'added', true],
  ]);
  await context.store.close();
});
