import { type InspectionProblem, inspectFace } from '@/core/faces';
import { type Outcome, fail, ok } from '@/core/outcome';
import { type FaceAxis, MOST_AXES, type OwnFace, permitOfBits } from '@/core/shop';
import { shaOf } from '../jpeg';
import { type UnpackProblem, unpackFace } from './unpack-face';

export type FaceFileProblem =
  UnpackProblem | InspectionProblem | { readonly kind: 'tookTooLong'; readonly seconds: number };

/** A face as it can be put on the shelf, and the file that it is opened from. */
export interface ReadFaceFile {
  readonly face: OwnFace;
  readonly bytes: Uint8Array;
  /** Tables that are otherwise than the file says of them. */
  readonly damaged: readonly string[];
  /** Letters that it has and does not draw. */
  readonly undrawn: readonly string[];
}

/** Unpacks and looks through a font file from outside. */
export async function readFaceFile(
  bytes: Uint8Array,
  fileName: string,
): Promise<Outcome<ReadFaceFile, FaceFileProblem>> {
  const unpacked = await unpackFace(bytes);
  if (!unpacked.ok) return unpacked;
  const inspected = inspectFace(unpacked.value);
  if (!inspected.ok) return fail(inspected.problem);
  const { name, varies: all, permitBits, licence, damaged, undrawn } = inspected.value;
  const varies = all.slice(0, MOST_AXES).map((axis): FaceAxis => ({ ...axis }));
  return ok({
    bytes: unpacked.value,
    damaged,
    undrawn,
    face: {
      name: name || stemOf(fileName),
      file: shaOf(unpacked.value),
      fileName: fileName.slice(0, 200),
      varies,
      axes: Object.fromEntries(varies.map(({ tag, initial }) => [tag, initial])),
      permit: permitOfBits(permitBits),
      licence,
      mayCut: 'unknown',
    },
  });
}

function stemOf(fileName: string): string {
  return fileName.replace(/\.(ttf|otf|woff2?)$/i, '').slice(0, 120) || 'Face';
}
