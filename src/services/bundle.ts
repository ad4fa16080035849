import stringify from 'safe-stable-stringify';
import { type Outcome, ok, presentOrThrow } from '@/core/outcome';
import { type RunSpec, facesUsed } from '@/core/spec';
import { permitBitsOf } from '@/core/faces';
import { makeId } from '@/core/ids';
import { faceNameOf, isShippedFace, mayTravel, partsOfFaceKey, permitOfBits } from '@/core/shop';
import {
  type StoredRun,
  findAttachment,
  findOutline,
  inTransaction,
  insertActs,
  insertPass,
  insertRelease,
  insertRun,
  listActs,
  listPasses,
  listReleases,
  noteFileTaken,
  putAttachment,
  putOutlines,
} from '@/store';
import { type Bundle, outlinesNamed } from './bundle-file';
import type { Context } from './context';
import type { ServiceProblem } from './problem';
import { getRun } from './runs';

/**
 * The bundle of a run as text, part by part: keys in a fixed order, so that equal runs give equal files. Outlines are read one by one as
 * they are written; what is named of them never changes.
 */
export async function writeBundle(
  context: Context,
  runId: string,
): Promise<Outcome<AsyncGenerator<string>, ServiceProblem>> {
  const run = await getRun(context, runId);
  if (!run.ok) return run;
  const { db } = context.store;
  const passes = await listPasses(db, runId);
  const releases = await listReleases(db, runId);
  const head: Omit<Bundle, 'outlines'> = {
    format: 'knurl-bundle',
    formatVersion: 1,
    writtenBy: { knurl: context.version },
    spec: run.value.spec as Bundle['spec'],
    passes: passes as Bundle['passes'],
    acts: (await listActs(db, runId)) as Bundle['acts'],
    ...(releases.length > 0 ? { releases: releases as Bundle['releases'] } : {}),
    ...(await attachmentsOf(context, run.value.spec)),
    ...(await facesOf(context, run.value.spec)),
  };
  return ok(partsOf(context, head, outlinesNamed(passes, releases)));
}

async function* partsOf(context: Context, head: Omit<Bundle, 'outlines'>, shas: readonly string[]) {
  const keys = [...(Object.keys(head) as (keyof typeof head)[]), 'outlines' as const].sort();
  for (const [i, key] of keys.entries()) {
    yield `${i === 0 ? '{' : ','}"${key}":`;
    if (key === 'outlines') yield* outlineParts(context, shas);
    else yield* valueParts(head[key]);
  }
  yield '}\n';
}

function* valueParts(value: unknown) {
  if (!Array.isArray(value)) {
    yield stringify(value) ?? 'null';
    return;
  }
  yield '[';
  for (const [i, one] of value.entries()) yield `${i === 0 ? '' : ','}${stringify(one)}`;
  yield ']';
}

async function* outlineParts({ store }: Context, shas: readonly string[]) {
  yield '{';
  for (const [i, sha] of shas.entries()) {
    yield `${i === 0 ? '' : ','}"${sha}":${presentOrThrow(await findOutline(store.db, sha), `outline ${sha}`)}`;
  }
  yield '}';
}

/** The photos that the run's blanks name, as far as they are kept. */
async function attachmentsOf({ store }: Context, spec: RunSpec): Promise<Pick<Bundle, 'attachments'>> {
  const attachments: Record<string, string> = {};
  for (const { value } of spec.shop.blanks) {
    const bytes = value.photo && (await findAttachment(store.db, value.photo.sha));
    if (value.photo && bytes) attachments[value.photo.sha] = Buffer.from(bytes).toString('base64');
  }
  return Object.keys(attachments).length > 0 ? { attachments } : {};
}

/** More faces than this would not be taken in again. */
const MOST_CARRIED_BYTES = 60_000_000;

/** Own faces of the run: the files that may travel, and the names of the others. */
async function facesOf({ store }: Context, spec: RunSpec): Promise<Pick<Bundle, 'faces' | 'facesLeftOut'>> {
  const faces: Record<string, string> = {};
  const leftOut = new Map<string, string>();
  let left = MOST_CARRIED_BYTES;
  for (const used of facesUsed(spec)) {
    const { sha } = partsOfFaceKey(used.face);
    if (isShippedFace(sha) || sha in faces || leftOut.has(sha)) continue;
    const bytes = await findAttachment(store.db, sha);
    if (bytes && left >= bytes.length && mayTravel(permitOfBits(permitBitsOf(bytes)))) {
      faces[sha] = Buffer.from(bytes).toString('base64');
      left -= bytes.length;
    } else leftOut.set(sha, faceNameOf(used));
  }
  return {
    ...(Object.keys(faces).length > 0 ? { faces } : {}),
    ...(leftOut.size > 0 ? { facesLeftOut: [...leftOut].map(([sha, name]) => ({ sha, name })) } : {}),
  };
}

/** Takes a bundle in as a new run, whole or not at all. Pieces, passes and acts keep their ids. */
export async function importBundle(context: Context, bytes: Uint8Array): Promise<Outcome<StoredRun, ServiceProblem>> {
  const bundle = await context.compute.readBundle(bytes);
  if (!bundle.ok) return bundle;
  const { spec, passes, outlines, acts, releases, photos, faces } = bundle.value;
  const runId = makeId<'run'>(context.randomBytes);
  return inTransaction(context.store.db, async (db) => {
    const run = await insertRun(db, runId, spec, context.nowIso());
    await putOutlines(db, outlines);
    for (const { sha, bytes: file } of [...photos, ...faces]) await putAttachment(db, sha, file, context.nowIso());
    for (const pass of passes) {
      await insertPass(db, runId, pass);
      // Whoever sent it may have cut it.
      await noteFileTaken(db, runId, pass.no, context.nowIso());
    }
    for (const release of releases) await insertRelease(db, runId, release);
    await insertActs(db, runId, acts);
    return ok(run);
  });
}
