import { linesPath, pathData, writeSvg } from '@/core/cutfile';
import { outlinesOf } from '@/core/figures';
import { outlineSize } from '@/core/fit';
import { type Outline, outlineArea, outlineFromNumbers } from '@/core/geometry';
import { type Outcome, fail, ok, presentOrThrow } from '@/core/outcome';
import { type RandomBytes, makeId } from '@/core/ids';
import { type FrozenPass, type MadePass, type Patch, placedIn } from '@/core/freeze';
import {
  type Connection,
  filesTaken,
  findOutline,
  findRun,
  inTransaction,
  insertPass,
  listPasses,
  noteFileTaken,
  listReleases,
  putOutlines,
} from '@/store';
import { outlineOnBed } from '@/core/sheets';
import { um10ToMm } from '@/core/units';
import type { PassOnBed, PatchOnBed, PieceOnBed } from './compute/answers';
import type { Context } from './context';
import { cutSoFar, nextPassNo } from './plan';
import type { ServiceProblem } from './problem';
import { settleLeftovers } from './leftovers';
import { releasedToCut } from './releases';
import { getRun } from './runs';
import { readWork } from './work';

/** Every pass that was ever made. */
export async function listMadePasses(
  context: Context,
  runId: string,
): Promise<Outcome<readonly MadePass[], ServiceProblem>> {
  const run = await getRun(context, runId);
  return run.ok ? ok(await listPasses(context.store.db, runId)) : run;
}

/** A made pass with what became of it. */
export interface MadePassView extends MadePass {
  /** It was taken back: its file is not given out any more. */
  readonly isUnmade: boolean;
  /** Its cut file was taken, so that it may have been cut. */
  readonly isTaken: boolean;
}

export async function viewMadePasses(
  context: Context,
  runId: string,
): Promise<Outcome<readonly MadePassView[], ServiceProblem>> {
  const run = await getRun(context, runId);
  if (!run.ok) return run;
  const { db } = context.store;
  const { allPasses, passes } = await readWork(db, runId);
  const taken = await filesTaken(db, runId);
  const inForce = new Set(passes);
  return ok(allPasses.map((pass) => ({ ...pass, isUnmade: !inForce.has(pass), isTaken: taken.has(pass.no) })));
}

/** As little of a made pass as a list of them shows. */
export interface MadePassHead extends Pick<MadePassView, 'id' | 'no' | 'isUnmade' | 'isTaken'> {
  readonly numPieces: number;
}

export function headOfPass({ id, no, isUnmade, isTaken, patches }: MadePassView): MadePassHead {
  return { id, no, isUnmade, isTaken, numPieces: patches.reduce((sum, { placed }) => sum + placed.length, 0) };
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
 * `passId` comes from the caller, which makes sending twice harmless. `shown` names the plan that it was seen in: it is made as it
 * lay there, or not at all.
 */
export async function makeNextPass(
  context: Context,
  runId: string,
  passId: string | null,
  shown: string | null = null,
): Promise<Outcome<MadeAnswer, ServiceProblem>> {
  const id = passId ?? makeId<'pass'>(context.randomBytes);
  return makePass(context, runId, { id, pieceId: null, forAct: null, shown });
}

/** Makes the planned pass that a piece lies in, wherever it stands in the order: what was cut is frozen, nothing else. */
export async function makePassOfPiece(
  context: Context,
  runId: string,
  pieceId: string,
  wanted: Pick<WantedPass, 'forAct' | 'shown'>,
): Promise<Outcome<MadeAnswer, ServiceProblem>> {
  return makePass(context, runId, { id: makeId<'pass'>(context.randomBytes), pieceId, ...wanted });
}

interface WantedPass {
  readonly id: string;
  readonly pieceId: string | null;
  readonly forAct: string | null;
  /** Name of the plan that it was shown in; null takes the plan that stands. */
  readonly shown: string | null;
}

async function makePass(
  context: Context,
  runId: string,
  { id, pieceId, forAct, shown }: WantedPass,
): Promise<Outcome<MadeAnswer, ServiceProblem>> {
  const { db } = context.store;
  for (let tries = 0; tries < MOST_TRIES; tries++) {
    const before = await seenState(db, runId);
    if (!before) return fail({ kind: 'runNotFound', runId });
    const earlier = before.allPasses.find((pass) => pass.id === id);
    if (earlier) return ok({ pass: earlier, isRepeat: true });
    const answer = await context.compute.freezeNext({
      runId,
      spec: before.spec,
      cutSoFar: before.cutSoFar,
      released: before.released,
      pieceId,
      passId: id,
      forAct,
      no: nextPassNo(before.allPasses),
      version: context.version,
      bytes: drawBytes(context.randomBytes),
      shown,
    });
    if (answer.kind !== 'frozen') return fail(answer);
    if (await keepIfUnchanged(db, runId, before.fingerprint, answer.frozen)) {
      context.events.changed(runId);
      await settleLeftovers(context, runId, [answer.frozen.pass.id]);
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
  const work = await readWork(db, runId);
  const soFar = cutSoFar(work);
  const released = await releasedToCut(db, runId, soFar);
  const numReleases = (await listReleases(db, runId)).length;
  return {
    spec: run.spec,
    allPasses: work.allPasses,
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
    for (const sha of outlinesOf(placed)) {
      if (outlines.has(sha)) continue;
      const body = presentOrThrow(await findOutline(context.store.db, sha), `outline ${sha}`);
      outlines.set(sha, outlineFromNumbers(JSON.parse(body)));
    }
  }
  return ok({ pass, outlineOf: (sha) => presentOrThrow(outlines.get(sha), sha) });
}

interface KeptPass {
  readonly pass: MadePass;
  readonly outlineOf: (sha: string) => Outline;
}

/** The cut file of a made pass, the same bytes every time. That it was taken is kept: it may be cut from then on. */
export async function cutFile(context: Context, runId: string, no: number): Promise<Outcome<string, ServiceProblem>> {
  const made = await madePass(context, runId, no);
  if (!made.ok) return made;
  // Looked at and kept in one: nobody unmakes it in between without being asked whether it was cut.
  const isGiven = await inTransaction(context.store.db, async (db) => {
    const { passes } = await readWork(db, runId);
    if (!passes.some((pass) => pass.no === no)) return false;
    await noteFileTaken(db, runId, no, context.nowIso());
    return true;
  });
  if (!isGiven) return fail({ kind: 'passUnmade', no, isFile: true });
  return ok(writeSvg(made.value.pass, made.value.outlineOf));
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
  let [covered, ink] = [0, 0];
  const pieces = placed.map((piece): PieceOnBed => {
    const outline = outlineOf(piece.outline);
    const lying = { x: piece.x, y: piece.y, turnDeg: piece.turnDeg, reversed };
    const { inkWidthMm, inkHeightMm } = outlineSize(outline);
    covered += inkWidthMm * inkHeightMm;
    ink += outlineArea(outline);
    return {
      pieceId: piece.pieceId,
      attempt: piece.attempt,
      text: piece.text,
      xMm: um10ToMm(piece.x),
      yMm: um10ToMm(piece.y),
      widthMm: inkWidthMm,
      heightMm: inkHeightMm,
      turnDeg: piece.turnDeg,
      path: pathData(outlineOnBed(outline, lying)),
      linesPath: (piece.lines ?? [])
        .map((line) => linesPath(outlineOnBed(outlineOf(line.outline), lying, outline)))
        .join(''),
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
    inkShare: ink / (w * h),
    pieces,
  };
}
