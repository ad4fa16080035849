import { z } from 'zod';
import type { DeepReadonly } from '../deep-readonly';
import { nameSchema as name } from './blank-schema';
import { MOST_AXES, faceKey } from './face-key';

/** What a face's file says of handing it on: anything, within documents that may be changed, to be looked at, or not at all. */
export const FACE_PERMITS = ['installable', 'editable', 'preview', 'restricted'] as const;
export type FacePermit = (typeof FACE_PERMITS)[number];

/** An axis along which a face varies, with what it is called there. */
export const faceAxisSchema = z.object({
  tag: z.string().regex(/^[A-Za-z0-9]{4}$/),
  name: z.string().max(60),
  min: z.number(),
  initial: z.number(),
  max: z.number(),
});

/** A face that somebody brought in. Its file is kept by its hash. */
export const ownFaceSchema = z.object({
  name,
  /** SHA-256 of the file as it is opened: of a packed one, of what was in it. */
  file: z.string().regex(/^[0-9a-f]{64}$/),
  fileName: z.string().max(200),
  /** What it may vary along; of each, where it is set. */
  varies: z.array(faceAxisSchema).max(MOST_AXES),
  axes: z.record(z.string().regex(/^[A-Za-z0-9]{4}$/), z.number().min(-99_999).max(99_999)),
  permit: z.enum(FACE_PERMITS),
  /** Its licence in the words of its file. */
  licence: z.string().max(600),
  /** Whether goods may be cut with it, as somebody in the shop has looked up. */
  mayCut: z.enum(['yes', 'unknown']),
});

export type OwnFace = DeepReadonly<z.infer<typeof ownFaceSchema>>;
export type FaceAxis = OwnFace['varies'][number];

/** By which a lettering names it. */
export function keyOfOwnFace({ file, axes }: Pick<OwnFace, 'file' | 'axes'>): string {
  return faceKey(file, axes);
}

/** Its file may travel with a run to another shop. */
export function mayTravel(permit: FacePermit): boolean {
  return permit === 'installable' || permit === 'editable';
}

const RESTRICTED = 0x0002;
const PREVIEW = 0x0004;
const EDITABLE = 0x0008;
/** Only pictures of its letters, no outlines. */
const PICTURES_ONLY = 0x0200;

/** The most that is permitted counts, as the format has it; a file that says nothing permits nothing. */
export function permitOfBits(bits: number | null): FacePermit {
  if (bits === null || (bits & PICTURES_ONLY) !== 0) return 'restricted';
  if ((bits & EDITABLE) !== 0) return 'editable';
  if ((bits & PREVIEW) !== 0) return 'preview';
  return (bits & RESTRICTED) !== 0 ? 'restricted' : 'installable';
}
