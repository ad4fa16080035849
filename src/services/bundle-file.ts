import { z } from 'zod';
import { inspectFace } from '@/core/faces';
import { outlinesOf } from '@/core/figures';
import { type Act, actSchema } from '@/core/ledger';
import { outlineFromNumbers, outlineSha, writeOutline } from '@/core/geometry';
import { type Outcome, fail, ok } from '@/core/outcome';
import { type RunSpec, runSpecSchema, upgradeSpec } from '@/core/spec';
import {
  type MadePass,
  type Release,
  madePassSchema,
  placedIn,
  releaseSchema,
  upgradePass,
  upgradeRelease,
} from '@/core/freeze';
import { checkedNew } from './checked-spec';
import { issuesOfZod } from './input-issues';
import { isPhotoOf, shaOf } from './jpeg';
import { parseJson } from './parse-json';
import type { InputIssue, ServiceProblem } from './problem';

/** A run with everything that belongs to it, as one JSON document that another Knurl can take in. */
export const bundleSchema = z.object({
  format: z.literal('knurl-bundle'),
  formatVersion: z.literal(1),
  writtenBy: z.object({ knurl: z.string().max(40) }),
  spec: runSpecSchema,
  /** In the order of their numbers. */
  passes: z.array(madePassSchema),
  /** Every outline that a pass or a release names: islands of rings of integers of 0.1 µm, outer ring first, by SHA-256. */
  outlines: z.record(z.string().regex(/^[0-9a-f]{64}$/), z.array(z.array(z.array(z.number().int())))),
  /** The ledger, oldest act first. */
  acts: z.array(actSchema),
  /** What was let through to be cut, in the order of the numbers; left out when nothing was. */
  releases: z.array(releaseSchema).optional(),
  /** Photos that the run's blanks name, as base64 by the SHA-256 of their bytes; left out when there are none. */
  attachments: z.record(z.string().regex(/^[0-9a-f]{64}$/), z.base64()).optional(),
  /** Files of faces that did not ship and may be handed on, as base64 by the SHA-256 of their bytes; left out when there are none. */
  faces: z.record(z.string().regex(/^[0-9a-f]{64}$/), z.base64()).optional(),
  /** Faces that the run is set in and whose makers permit no handing on, or whose files were not here; left out when there are none. */
  facesLeftOut: z.array(z.object({ sha: z.string().regex(/^[0-9a-f]{64}$/), name: z.string().max(120) })).optional(),
});

/** The schema as other programs read it. */
export function bundleJsonSchema(): object {
  return { title: 'A Knurl bundle', ...z.toJSONSchema(bundleSchema) };
}

export type Bundle = z.infer<typeof bundleSchema>;

interface Attached {
  readonly sha: string;
  readonly bytes: Uint8Array;
}

/** A bundle that holds together, as it is kept. */
export interface CheckedBundle {
  readonly spec: RunSpec;
  readonly passes: readonly MadePass[];
  /** Text of each outline by its hash. */
  readonly outlines: Readonly<Record<string, string>>;
  readonly acts: readonly Act[];
  readonly releases: readonly Release[];
  readonly photos: readonly Attached[];
  readonly faces: readonly Attached[];
}

/** Reads the bytes of a bundle and holds all in it against all else. `noBundle`: it is JSON, and does not say that it has a format. */
export function readBundle(bytes: Uint8Array): Outcome<CheckedBundle, ServiceProblem> {
  const read = parseJson(bytes);
  if (!read.ok) return read;
  const isFormatted = typeof read.value === 'object' && read.value !== null && 'format' in read.value;
  return isFormatted ? checkedBundle(read.value) : fail({ kind: 'noBundle' });
}

function checkedBundle(candidate: unknown): Outcome<CheckedBundle, ServiceProblem> {
  const parsed = bundleSchema.safeParse(upgradeBundle(candidate));
  if (!parsed.success) return fail({ kind: 'invalidInput', issues: issuesOfZod(parsed.error) });
  const spec = checkedNew(parsed.data.spec);
  if (!spec.ok) return spec;
  const { passes, acts, releases = [] } = parsed.data;
  const outlines: Record<string, string> = {};
  const issues: InputIssue[] = [];
  for (const [sha, numbers] of Object.entries(parsed.data.outlines)) {
    const text = writeOutline(outlineFromNumbers(numbers));
    if (outlineSha(text) !== sha) issues.push(issue(`outlines.${sha}`, 'The outline is not the one its hash names.'));
    outlines[sha] = text;
  }
  const photos = attached(parsed.data.attachments);
  const faces = attached(parsed.data.faces);
  for (const { sha, bytes } of photos) {
    if (!isPhotoOf(bytes, sha)) issues.push(issue(`attachments.${sha}`, 'The photo is not the one its hash names.'));
  }
  for (const { sha, bytes } of faces) {
    const isIt = shaOf(bytes) === sha;
    if (!isIt) issues.push(issue(`faces.${sha}`, 'The face is not the one its hash names.'));
    else if (!inspectFace(bytes).ok) issues.push(issue(`faces.${sha}`, 'The face is damaged, or no face.'));
  }
  issues.push(...passIssues(passes, releases, outlines), ...actIssues(acts));
  return issues.length > 0
    ? fail({ kind: 'invalidInput', issues })
    : ok({ spec: spec.value, passes, outlines, acts, releases, photos, faces });
}

function attached(files: Readonly<Record<string, string>> = {}): Attached[] {
  return Object.entries(files).map(([sha, text]) => ({ sha, bytes: new Uint8Array(Buffer.from(text, 'base64')) }));
}

/** Bundles of earlier versions carry an earlier spec, and passes and releases that kept less. */
export function upgradeBundle(candidate: unknown): unknown {
  if (typeof candidate !== 'object' || candidate === null || !('spec' in candidate)) return candidate;
  const { spec, passes, releases }: { spec: unknown; passes?: unknown; releases?: unknown } = candidate;
  return {
    ...candidate,
    spec: upgradeSpec(spec),
    ...(Array.isArray(passes) ? { passes: passes.map(upgradePass) } : {}),
    ...(Array.isArray(releases) ? { releases: releases.map(upgradeRelease) } : {}),
  };
}

/** Every outline that something frozen names. */
export function outlinesNamed(passes: readonly MadePass[], releases: readonly Release[]): string[] {
  const cut = passes.flatMap((pass) => [...placedIn(pass)].flatMap(({ placed }) => outlinesOf(placed)));
  const released = releases.flatMap(({ pieces }) => pieces.flatMap(outlinesOf));
  return [...new Set([...cut, ...released])].sort();
}

function issue(field: string, message: string): InputIssue {
  return { field, row: null, message };
}

function passIssues(
  passes: readonly MadePass[],
  releases: readonly Release[],
  outlines: Readonly<Record<string, string>>,
): InputIssue[] {
  const missing = outlinesNamed(passes, releases).filter((sha) => !(sha in outlines));
  return [
    ...missing.map((sha) =>
      issue(`outlines.${sha}`, 'A pass or a release names this outline, and it is not in the bundle.'),
    ),
    ...twice(passes.map(({ no }) => String(no))).map((no) => issue('passes', `The pass number ${no} stands twice.`)),
    ...twice(releases.map(({ no }) => String(no))).map((no) =>
      issue('releases', `The release number ${no} stands twice.`),
    ),
    ...twice(releases.map(({ id }) => id)).map((id) => issue(`releases.${id}`, 'The id of this release stands twice.')),
    ...twice(passes.map(({ id }) => id)).map((id) => issue(`passes.${id}`, 'The id of this pass stands twice.')),
  ];
}

function actIssues(acts: readonly Act[]): InputIssue[] {
  const isInOrder = acts.every(({ seq }, i) => i === 0 || seq > acts[i - 1]!.seq);
  return [
    ...twice(acts.map(({ id }) => id)).map((id) => issue(`acts.${id}`, 'The id of this act stands twice.')),
    ...(isInOrder ? [] : [issue('acts', 'The acts are not in the order of their numbers.')]),
  ];
}

function twice(values: readonly string[]): string[] {
  const seen = new Set<string>();
  return values.filter((value) => seen.size === seen.add(value).size);
}
