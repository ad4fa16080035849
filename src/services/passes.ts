import { pathData, writeSvg } from '@/core/cutfile';
import { outlineSize } from '@/core/fit';
import { type Outline, outlineFromNumbers } from '@/core/geometry';
import { foldActs } from '@/core/ledger';
import { type Outcome, fail, ok, presentOrThrow } from '@/core/outcome';
import { type RandomBytes, makeId } from '@/core/ids';
import { type FrozenPass, type MadePass, type Patch, placedIn } from '@/core/freeze';
import {
  type Connection,
  findOutline,
  findRun,
  inTransaction,
  insertPass,
  listActs,
  listPasses,
  listReleases,
  putOutlines,
} from '@/store';
import { outlineOnBed } from '@/core/sheets';
import { um10ToMm } from '@/core/units';
import type { PassOnBed, PatchOnBed, PieceOnBed } from './compute/answers';
import type { Context } from './context';
import { cutSoFar, nextPassNo } from './plan';
import type { ServiceProblem } from './problem';
import { releasedToCut } from './releases';
import { getRun } from './runs';

export async function listMadePasses(
  context: Context,
  runId: string,
): Promise<Outcome<readonly MadePass[], ServiceProblem>> {
  const run = await getRun(context, runId);
  return run.ok ? ok(await listPasses(context.store.db, runId)) : run;
}

export interface MadeAnswer {
  readonly pass: MadePass;
  /** The pass had been made by an earlier request with the same id. */
  readonly isRepeat: boolean;
}

/** Computing happens outside the transaction; when the run changed meanwhile it is done again, this often at most. */
const MOST_TRIES = 8;

/**
 * Makes the next pass: freezes outlines, positions and text, so that nothing done to the run later changes its cut file.
 * `passId` comes from the caller, which makes sending twice harmless.
 */
export async function makeNextPass(
  context: Context,
  runId: string,
  passId: string | null,
): Promise<Outcome<MadeAnswer, ServiceProblem>> {
  return makePass(context, runId, passId ?? makeId<'pass'>(context.randomBytes), null);
}

/** Makes the planned pass that a piece lies in, wherever it stands in the order: what was cut is frozen, nothing else. */
export async function makePassOfPiece(
  context: Context,
  runId: string,
  pieceId: string,
): Promise<Outcome<MadeAnswer, ServiceProblem>> {
  return makePass(context, runId, makeId<'pass'>(context.randomBytes), pieceId);
}

async function makePass(
  context: Context,
  runId: string,
  id: string,
  pieceId: string | null,
): Promise<Outcome<MadeAnswer, ServiceProblem>> {
  const { db } = context.store;
  for (let tries = 0; tries < MOST_TRIES; tries++) {
    const before = await seenState(db, runId);
    if (!before) return fail({ kind: 'runNotFound', runId });
    const earlier = before.passes.find((pass) => pass.id === id);
    if (earlier) return ok({ pass: earlier, isRepeat: true });
    const answer = await context.compute.freezeNext({
      runId,
      spec: before.spec,
      cutSoFar: before.cutSoFar,
      released: before.released,
      pieceId,
      passId: id,
      no: nextPassNo(before.passes),
      version: context.version,
      bytes: drawBytes(context.randomBytes),
    });
    if (answer.kind === 'nothingToMake') return fail(answer);
    if (await keepIfUnchanged(db, runId, before.fingerprint, answer.frozen)) {
      context.events.changed(runId);
      return ok({ pass: answer.frozen.pass, isRepeat: false });
    }
  }
  throw new Error(`the run ${runId} kept changing while its next pass was computed`);
}

/** Enough for the ids of one pass. */
function drawBytes(randomBytes: RandomBytes): Uint8Array {
  return randomBytes(100);
}

/** Everything that decides what the next pass is; the fingerprint is equal when all of it is. */
async function seenState(db: Connection, runId: string) {
  const run = await findRun(db, runId);
  if (!run) return null;
  const passes = await listPasses(db, runId);
  const soFar = cutSoFar(passes, foldActs(await listActs(db, runId)));
  const released = await releasedToCut(db, runId, soFar);
  const numReleases = (await listReleases(db, runId)).length;
  return {
    spec: run.spec,
    passes,
    cutSoFar: soFar,
    released,
    fingerprint: JSON.stringify([run.counter, soFar, numReleases]),
  };
}

async function keepIfUnchanged(
  db: Connection,
  runId: string,
  fingerprint: string,
  { pass, outlines }: FrozenPass,
): Promise<boolean> {
  return inTransaction(db, async (transaction) => {
    const now = await seenState(transaction, runId);
    if (now?.fingerprint !== fingerprint) return false;
    await putOutlines(transaction, outlines);
    await insertPass(transaction, runId, pass);
    return true;
  });
}

/** Text of a frozen outline: JSON of integers of 0.1 µm. */
export async function outlineText({ store }: Context, sha: string): Promise<Outcome<string, ServiceProblem>> {
  const text = await findOutline(store.db, sha);
  return text === null ? fail({ kind: 'outlineNotFound', sha }) : ok(text);
}

async function madePass(context: Context, runId: string, no: number): Promise<Outcome<KeptPass, ServiceProblem>> {
  const passes = await listMadePasses(context, runId);
  if (!passes.ok) return passes;
  const pass = passes.value.find((made) => made.no === no);
  if (!pass) return fail({ kind: 'passNotFound', no, lastNo: nextPassNo(passes.value) - 1 });
  const outlines = new Map<string, Outline>();
  for (const { placed } of placedIn(pass)) {
    if (outlines.has(placed.outline)) continue;
    const body = presentOrThrow(await findOutline(context.store.db, placed.outline), `outline ${placed.outline}`);
    outlines.set(placed.outline, outlineFromNumbers(JSON.parse(body)));
  }
  return ok({ pass, outlineOf: (sha) => presentOrThrow(outlines.get(sha), sha) });
}

interface KeptPass {
  readonly pass: MadePass;
  readonly outlineOf: (sha: string) => Outline;
}

/** The cut file of a made pass, the same bytes every time. */
export async function cutFile(context: Context, runId: string, no: number): Promise<Outcome<string, ServiceProblem>> {
  const made = await madePass(context, runId, no);
  return made.ok ? ok(writeSvg(made.value.pass, made.value.outlineOf)) : made;
}

/** A made pass as it is drawn: the very shapes of its cut file. */
export async function passOnBed(
  context: Context,
  runId: string,
  no: number,
): Promise<Outcome<PassOnBed, ServiceProblem>> {
  const made = await madePass(context, runId, no);
  if (!made.ok) return made;
  const { pass, outlineOf } = made.value;
  return ok({ no: pass.no, bed: pass.bed, patches: pass.patches.map((patch) => patchOnBed(patch, outlineOf)) });
}

function patchOnBed(patch: Patch, outlineOf: KeptPass['outlineOf']): PatchOnBed {
  const { materialId, reversed, x, y, w, h, placed } = patch;
  let covered = 0;
  const pieces = placed.map((piece): PieceOnBed => {
    const outline = outlineOf(piece.outline);
    const { inkWidthMm, inkHeightMm } = outlineSize(outline);
    covered += inkWidthMm * inkHeightMm;
    return {
      pieceId: piece.pieceId,
      attempt: piece.attempt,
      text: piece.text,
      xMm: um10ToMm(piece.x),
      yMm: um10ToMm(piece.y),
      widthMm: inkWidthMm,
      heightMm: inkHeightMm,
      turnDeg: piece.turnDeg,
      path: pathData(outlineOnBed(outline, { x: piece.x, y: piece.y, turnDeg: piece.turnDeg, reversed })),
    };
  });
  const [widthMm, heightMm] = [um10ToMm(w), um10ToMm(h)];
  return {
    materialId,
    isReversed: reversed,
    xMm: um10ToMm(x),
    yMm: um10ToMm(y),
    widthMm,
    heightMm,
    usedShare: covered / (widthMm * heightMm),
    pieces,
  };
}
