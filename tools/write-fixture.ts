import { copyFileSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { STARTER_BLANKS, addBlank, replaceBlank } from '@/core/blanks';
import type { Deed } from '@/core/ledger';
import { type Outcome, presentOrThrow } from '@/core/outcome';
import { addEntry, changeField } from '@/core/roster';
import { type RunSpec, readPieceId, wordingOf } from '@/core/spec';
import {
  type ShapeMake,
  addLayer,
  changeLayer,
  changeLayout,
  changeLettering,
  changePlaceUse,
  changeRule,
  changeWordingAt,
  mainPlace,
  setLetters,
  shapeLayersOf,
  takeMotif,
} from '@/core/edit';
import { STARTER_MOTIFS } from '@/core/motifs';
import { firstLineLarge } from '@/core/shop';
import { placedIn } from '@/core/freeze';
import { seededBytes } from '@/core/test';
import {
  type Context,
  type RunView,
  contextOn,
  createRun,
  cutFile,
  getRun,
  listMadePasses,
  makeNextPass,
  recordAct,
  releaseRun,
  saveSpec,
  writeBundle,
} from '@/services';
import { outlineReader } from '@/store';
import { directCompute } from '@/services/compute/direct';
import { DATABASE_FILE } from '@/store';
import { faceReader } from '@/services/face-file/face-reader';

/**
 * Writes runs as this version keeps them (database, bundles, cut files) into `e2e/fixtures/NAME`: what later versions are
 * held against. Run before the format of a run changes; a fixture that is there is never written again.
 */
const BAGS = ['Ottoline', 'Bo', 'Marguerite', 'Ng', 'Fitzgibbon', 'Ada', 'Quim', 'Wilhelmina', 'Jürgen', 'Åse'];

const [name = ''] = process.argv.slice(2);
if (!/^[a-z0-9-]+$/.test(name)) throw new Error('name the fixture, such as spec-5');
const folder = path.join('e2e/fixtures', name);
mkdirSync(folder);
const dataDir = mkdtempSync(path.join(tmpdir(), 'knurl-fixture-'));
const context = valueOf(
  await contextOn(dataDir, {
    compute: directCompute(faceReader(dataDir), outlineReader(dataDir)),
    nowIso: () => '2026-09-14T08:00:00.000Z',
    randomBytes: seededBytes(5),
  }),
);
await keepRun('kit-bags', await kitBags(context));
await keepRun('quay-pennants', await quayPennants(context));
await keepRun('crew-shirts', await crewShirts(context));
await keepRun('kiln-tags', await kilnTags(context));
await keepRun('mess-towels', await messTowels(context));
await context.store.close();
copyFileSync(path.join(dataDir, DATABASE_FILE), path.join(folder, DATABASE_FILE));
rmSync(dataDir, { recursive: true });

function valueOf<T>(outcome: Outcome<T, unknown>): T {
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.problem));
  return outcome.value;
}

async function keepRun(file: string, runId: string): Promise<void> {
  const parts: string[] = [];
  for await (const part of valueOf(await writeBundle(context, runId))) parts.push(part);
  writeFileSync(path.join(folder, `${file}.knurl.json`), parts.join(''));
  for (const { no } of valueOf(await listMadePasses(context, runId))) {
    writeFileSync(path.join(folder, `${file}-pass-${no}.svg`), valueOf(await cutFile(context, runId, no)));
  }
}

/** In two films, one around the other, with a motif; the upper one cut and weeded, the lower one in a pass. */
async function crewShirts(to: Context): Promise<string> {
  const star = presentOrThrow(
    STARTER_MOTIFS.find(({ value }) => value.name === 'star'),
    'the star',
  );
  const run = valueOf(
    await createRun(to, { title: 'Crew shirts', dueOn: null, list: ['Odalys', 'Bram', 'Ivo'].join('\n') }),
  );
  await save(to, run.id, (spec) => {
    const block = changePlaceUse(spec, null, (place) => ({ ...place, letteringId: 'heavy-slab' }));
    return takeMotif(addLayer(block, null, 'border', to.randomBytes), null, star, to.randomBytes);
  });
  const first = valueOf(await makeNextPass(to, run.id, null)).pass;
  const second = valueOf(await makeNextPass(to, run.id, null)).pass;
  const deeds = (kind: 'cut' | 'weeded'): Deed[] =>
    piecesOn(first).map(({ pieceId, attempt }) => ({ kind, pieceId, attempt, passId: first.id }));
  await record(to, run.id, 'crewshirt-act-0', deeds('cut'));
  await record(to, run.id, 'crewshirt-act-1', deeds('weeded'));
  if (piecesOn(second).length === 0) throw new Error('the fixture wants a second film');
  return run.id;
}

/** A card as large as its place, folded and with a hole; a name drawn on it; a motif beside it. */
async function kilnTags(to: Context): Promise<string> {
  const leaf = presentOrThrow(
    STARTER_MOTIFS.find(({ value }) => value.name === 'leaf'),
    'the leaf',
  );
  const run = valueOf(await createRun(to, { title: 'Kiln tags', dueOn: null, list: 'Tolva\nUne\nWiebe' }));
  await save(to, run.id, (spec) => {
    const block = changePlaceUse(spec, null, (place) => ({ ...place, letteringId: 'stand-block' }));
    const drawn = setLetters(block, null, { slot: 'main', are: 'draw' }, to.randomBytes);
    const card = presentOrThrow(
      shapeLayersOf(mainPlace(drawn).lettering).find(({ make }) => make.kind === 'backing'),
      'the card',
    );
    const folded = changeLayer(drawn, null, card.id, {
      ...card.make,
      hole: { side: 'left', diameterMm: 4, edgeMm: 4 },
      fold: 'top',
    } as ShapeMake);
    return takeMotif(folded, null, leaf, to.randomBytes);
  });
  const { pass } = valueOf(await makeNextPass(to, run.id, null));
  valueOf(await makeNextPass(to, run.id, null));
  await record(
    to,
    run.id,
    'kilntags-act-0',
    piecesOn(pass).map(({ pieceId, attempt }) => ({ kind: 'cut', pieceId, attempt, passId: pass.id })),
  );
  return run.id;
}

/** Names over a date, stacked and bent, in a pass that was cut. */
async function messTowels(to: Context): Promise<string> {
  const list = 'Odalys Veit\nWiebe Ende';
  const run = valueOf(await createRun(to, { title: 'Mess towels', dueOn: null, list }));
  await save(to, run.id, (spec) => {
    const worded = changePlaceUse(spec, null, (place) => ({
      ...place,
      letteringId: 'tall-capitals',
      wording: wordingOf(['{given}', '{family}', '14 · VI']),
    }));
    return changeLettering(worded, null, (lettering) => ({
      ...firstLineLarge(lettering),
      minLetterHeightMm: 1,
      stack: { gapShare: 0.3, widths: 'own', between: 'dot' },
      bend: { way: 'arch', curve: { by: 'radius', capitals: 9 }, letters: 'bent' },
    }));
  });
  const { pass } = valueOf(await makeNextPass(to, run.id, null));
  const deeds = piecesOn(pass).map(({ pieceId, attempt }): Deed => ({
    kind: 'cut',
    pieceId,
    attempt,
    passId: pass.id,
  }));
  await record(to, run.id, 'messtowels-act-0', deeds);
  return run.id;
}

/** Released, cut, one torn and cut again, one reworded since; on a bed, some pieces turned. */
async function kitBags(to: Context): Promise<string> {
  const run = valueOf(await createRun(to, { title: 'Kit bags', dueOn: '2026-10-01', list: BAGS.join('\n') }));
  const block = changePlaceUse(run.spec, null, (place) => ({ ...place, letteringId: 'narrow-block' }));
  await save(to, run.id, () => changeRule(block, null, { kind: 'banded', ratio: 1.35 }));
  const by = { who: 'Juno', station: 'fixturetab' };
  valueOf(await releaseRun(to, run.id, { id: 'released01', by }));
  const { pass } = valueOf(await makeNextPass(to, run.id, null));
  const placed = piecesOn(pass);
  if (!placed.some(({ turnDeg }) => turnDeg !== 0)) throw new Error('the fixture wants a turned piece');
  const [torn] = placed.slice(4);
  const acts: Deed[][] = [
    placed.map(({ pieceId, attempt }) => ({ kind: 'cut', pieceId, attempt, passId: pass.id })),
    placed.slice(0, 3).map(({ pieceId, attempt }) => ({ kind: 'weeded', pieceId, attempt, passId: pass.id })),
    placed.slice(0, 2).map(({ pieceId }) => bonded(pieceId)),
    [{ kind: 'checked', itemId: itemOf(placed[0]!.pieceId) }],
    [{ kind: 'packed', itemId: itemOf(placed[0]!.pieceId) }],
    [spoiled(torn!.pieceId, 1, 'torn while weeding')],
  ];
  for (const [i, deeds] of acts.entries()) await record(to, run.id, `kitbag-act-${i}`, deeds);
  const entryId = readPieceId(placed[5]!.pieceId)!.itemId.split('-')[0]!;
  await save(to, run.id, (spec) => {
    const reworded = changeField(spec, entryId as never, 'text', 'Fitz');
    return addEntry(reworded, 'Perpetua', to.randomBytes);
  });
  const again = valueOf(await makeNextPass(to, run.id, null)).pass;
  await record(to, run.id, 'kitbag-act-8', [
    { kind: 'cut', pieceId: torn!.pieceId, attempt: 2, passId: again.id },
    { kind: 'undone', actId: 'kitbag-act-4' },
  ]);
  return run.id;
}

/** A word over pennants, a letter to each, and a tag and a bottle for everyone; on a roll, three materials. */
async function quayPennants(to: Context): Promise<string> {
  const run = valueOf(await createRun(to, { title: 'Quay pennants', dueOn: null, list: 'Regatta\nZoë\nIJsbrand' }));
  const starter = (id: string) =>
    presentOrThrow(
      STARTER_BLANKS.find((blank) => blank.id === id),
      id,
    );
  await save(to, run.id, (spec) => {
    const pennants = replaceBlank(spec, spec.uses[0]!.id, starter('pennant'));
    const [use] = pennants.uses;
    const at = { useId: use!.id, placeId: use!.places[0]!.placeId, variantId: null };
    const spread = changeWordingAt(pennants, at as never, { ...wordingOf(['{text}']), spread: 'letterPerBlank' });
    const lettered = changePlaceUse(spread, at, (place) => ({
      ...place,
      letteringId: 'heavy-slab',
      materials: { main: 'film-flock' },
    }));
    const more = ['luggage-tag', 'steel-bottle'].reduce(
      (now, id) => addBlank(now, starter(id), to.randomBytes),
      changeRule(lettered, at, { kind: 'level', heightMm: null }),
    );
    return changeLayout(withFilms(more, ['leather-tan', 'adhesive-silver']), { bedId: 'roll' });
  });
  for (let i = 0; i < 3; i++) valueOf(await makeNextPass(to, run.id, null));
  const passes = valueOf(await listMadePasses(to, run.id));
  for (const [i, pass] of passes.entries()) {
    const [first, second] = piecesOn(pass);
    await record(to, run.id, `pennant-act-${i}`, [
      { kind: 'cut', pieceId: first!.pieceId, attempt: 1, passId: pass.id },
      bonded(second!.pieceId),
    ]);
  }
  return run.id;
}

function withFilms(spec: RunSpec, films: readonly string[]): RunSpec {
  return spec.uses.slice(1).reduce((now, use, i) => {
    const at = { useId: use.id, placeId: use.places[0]!.placeId, variantId: null };
    return changePlaceUse(now, at, (place) => ({
      ...place,
      letteringId: 'stand-block',
      materials: { main: films[i]! },
    }));
  }, spec);
}

async function save(to: Context, runId: string, change: (spec: RunSpec) => RunSpec): Promise<RunView> {
  const { counter, spec } = valueOf(await getRun(to, runId));
  return valueOf(await saveSpec(to, runId, counter, change(spec)));
}

async function record(to: Context, runId: string, id: string, deeds: readonly Deed[]): Promise<void> {
  const act = { id, by: { who: 'Juno', station: 'fixturetab' }, at: '2026-09-14T09:00:00Z', deeds };
  valueOf(await recordAct(to, runId, act));
}

function piecesOn(pass: Parameters<typeof placedIn>[0]) {
  return [...placedIn(pass)].map(({ placed }) => placed);
}

function itemOf(pieceId: string): string {
  return presentOrThrow(readPieceId(pieceId), pieceId).itemId;
}

function bonded(pieceId: string): Deed {
  const { itemId, placeId, layerId } = presentOrThrow(readPieceId(pieceId), pieceId);
  return { kind: 'bonded', itemId, placeId, layerIds: [layerId], face: 'front' };
}

function spoiled(pieceId: string, attempt: number, reason: string): Deed {
  return { kind: 'spoiled', pieces: [{ pieceId, attempt }], blankLost: false, reason, note: '' };
}
