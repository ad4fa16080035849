import { type RunSpec, wordingOf } from '@/core/spec';
import { changePlaceUse, changeRule } from '@/core/edit';
import { makeId } from '@/core/ids';
import { seededBytes } from '@/core/test';
import { importBundle } from './bundle';
import { createRun, getRun, saveSpec } from './runs';
import { makeNextPass } from './passes';
import { planOfRun } from './plan';
import { releaseOfRun, releaseRun } from './releases';
import { aContext, problemOf, removeFolders, valueOf } from './test/a-context';
import { carried, jsonBytes } from './test/carried';
import type { Context } from './context';

afterAll(removeFolders);

const random = seededBytes(40);
const by = { who: 'Nell', station: 'table1' };
const released = async (context: Context, id: string) =>
  valueOf(await releaseRun(context, id, { id: makeId<'release'>(random), by }));

async function aRunOf(context: Context, names: string) {
  const { id } = valueOf(await createRun(context, { title: 'Aprons', dueOn: null, list: names, reading: 'lines' }));
  return id;
}

async function changed(context: Context, id: string, change: (spec: RunSpec) => RunSpec): Promise<void> {
  const run = valueOf(await getRun(context, id));
  valueOf(await saveSpec(context, id, run.counter, change(run.spec)));
}

const renamed = (from: string, to: string) => (spec: RunSpec) => ({
  ...spec,
  entries: spec.entries.map((entry) =>
    entry.fields.text === from ? { ...entry, fields: { ...entry.fields, text: to } } : entry,
  ),
});

const piecesPlanned = async (context: Context, id: string) =>
  valueOf(await planOfRun(context, id)).passes.flatMap(({ patches }) => patches.flatMap(({ pieces }) => pieces));

test('what was released is cut as it was; what was not follows every change', async () => {
  const context = await aContext();
  const id = await aRunOf(context, 'Ezra\nUna');
  await changed(context, id, renamed('Una', 'Unna'));
  expect((await piecesPlanned(context, id)).map(({ text }) => text[0])).toEqual(
    expect.arrayContaining(['Ezra', 'Unna']),
  );
  const view = await released(context, id);
  expect(view).toMatchObject({ last: { no: 1, who: 'Nell', numPieces: 2, numTicked: 0 }, changes: [] });
  const before = await piecesPlanned(context, id);
  await changed(context, id, renamed('Ezra', 'Ezekiel'));
  expect(await piecesPlanned(context, id)).toEqual(before);
  const { changes } = valueOf(await releaseOfRun(context, id));
  expect(changes).toMatchObject([{ text: ['Ezekiel'], was: ['Ezra'], what: 'text', isMade: false }]);
  await released(context, id);
  expect((await piecesPlanned(context, id)).map(({ text }) => text[0])).toEqual(
    expect.arrayContaining(['Ezekiel', 'Unna']),
  );
});

test('a size that is off by less than anybody sees is no change, and what is made with it is not told as cut otherwise', async () => {
  const context = await aContext();
  const id = await aRunOf(context, 'Ezra\nUna');
  await changed(context, id, (spec) => changeRule(spec, null, { kind: 'level', heightMm: 16 }));
  await released(context, id);
  valueOf(await makeNextPass(context, id, null));
  await changed(context, id, (spec) => changeRule(spec, null, { kind: 'level', heightMm: 16.05 }));
  expect(valueOf(await releaseOfRun(context, id)).changes).toEqual([]);
  await changed(context, id, (spec) => changeRule(spec, null, { kind: 'level', heightMm: 17 }));
  expect(valueOf(await releaseOfRun(context, id)).changes).toMatchObject([
    { what: 'shape', isMade: true },
    { what: 'shape', isMade: true },
  ]);
});

test('every kind of change is told, and which pieces are already made', async () => {
  const context = await aContext();
  const id = await aRunOf(context, 'Ezra\nUna\nIvo\nOdalys');
  await released(context, id);
  valueOf(await makeNextPass(context, id, null));
  await changed(context, id, (spec) => {
    const [ezra, una, ivo, odalys] = spec.entries;
    const added = { ...odalys!, id: makeId<'entry'>(random), raw: 'Perpetua', fields: { text: 'Perpetua' } };
    const film = {
      id: makeId<'override'>(random),
      at: { entryId: una!.id, useId: spec.uses[0]!.id, placeId: spec.uses[0]!.places[0]!.placeId },
    };
    return {
      ...spec,
      entries: [ezra!, una!, { ...ivo!, fields: { text: '漢' } }, { ...odalys!, withdrawn: true }, added],
      overrides: [
        { ...film, set: { kind: 'material', materialId: 'film-white' } },
        {
          ...film,
          id: makeId<'override'>(random),
          at: { ...film.at, entryId: ezra!.id },
          set: { kind: 'width', share: 0.9 },
        },
      ],
    };
  });
  const { changes } = valueOf(await releaseOfRun(context, id));
  expect(changes.map(({ what }) => what)).toEqual(['shape', 'material', 'stopped', 'added', 'gone']);
  expect(changes.map(({ isMade }) => isMade)).toEqual([true, true, true, false, true]);
});

test('a withdrawn entry is not cut, released or not; the same id releases once', async () => {
  const context = await aContext();
  const id = await aRunOf(context, 'Ezra\nUna');
  const releaseId = makeId<'release'>(random);
  await releaseRun(context, id, { id: releaseId, by });
  const again = valueOf(await releaseRun(context, id, { id: releaseId, by }));
  expect(again.last?.no).toBe(1);
  await changed(context, id, (spec) => ({
    ...spec,
    entries: spec.entries.map((entry, i) => ({ ...entry, withdrawn: i === 0 })),
  }));
  expect((await piecesPlanned(context, id)).map(({ text }) => text[0])).toEqual(['Una']);
});

test('releases go along in a bundle, and are cut there as they were', async () => {
  const context = await aContext();
  const id = await aRunOf(context, 'Ezra\nUna');
  await released(context, id);
  await changed(context, id, (spec) =>
    changePlaceUse(spec, null, (place) => ({ ...place, wording: wordingOf(['{text}!']) })),
  );
  const bundle = await carried(context, id);
  expect(bundle.releases).toHaveLength(1);
  const other = await aContext(2);
  const taken = valueOf(await importBundle(other, jsonBytes(bundle)));
  expect(await piecesPlanned(other, taken.id)).toEqual(await piecesPlanned(context, id));
  expect(valueOf(await releaseOfRun(other, taken.id)).changes.map(({ what }) => what)).toEqual(['text', 'text']);
  const broken = { ...bundle, outlines: {} };
  expect(problemOf(await importBundle(other, jsonBytes(broken)))).toMatchObject({ kind: 'invalidInput' });
});

test('nothing to release, and a run that is not there, are told', async () => {
  const context = await aContext();
  const id = await aRunOf(context, '漢');
  expect(problemOf(await releaseRun(context, id, { id: makeId<'release'>(random), by }))).toMatchObject({
    kind: 'nothingToRelease',
    numStopped: 1,
  });
  expect(problemOf(await releaseOfRun(context, 'zzzzzzzzzz'))).toEqual({ kind: 'runNotFound', runId: 'zzzzzzzzzz' });
});
