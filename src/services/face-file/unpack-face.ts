import { unzlibSync } from 'fflate';
import wawoff2 from 'wawoff2';
import { MOST_FACE_BYTES } from '@/core/faces';
import { type Outcome, fail, ok } from '@/core/outcome';

const WOFF = 0x774f4646;
const WOFF2 = 0x774f4632;

export type UnpackProblem =
  | { readonly kind: 'tooLarge'; readonly mostBytes: number }
  | { readonly kind: 'damagedPack'; readonly as: 'WOFF' | 'WOFF2' };

/** A font as the engine opens it: of a WOFF or WOFF2 what was packed in it; anything else as it is. */
export async function unpackFace(bytes: Uint8Array): Promise<Outcome<Uint8Array, UnpackProblem>> {
  if (bytes.byteLength > MOST_FACE_BYTES) return tooLarge();
  if (bytes.byteLength < 20) return ok(bytes);
  const view = viewOf(bytes);
  const signature = view.getUint32(0);
  if (signature !== WOFF && signature !== WOFF2) return ok(bytes);
  // As the file says; what comes is looked at again.
  if (view.getUint32(16) > MOST_FACE_BYTES) return tooLarge();
  const as = signature === WOFF ? 'WOFF' : 'WOFF2';
  try {
    const unpacked = signature === WOFF ? fromWoff(bytes) : Uint8Array.from(await wawoff2.decompress(bytes));
    if (!unpacked) return fail({ kind: 'damagedPack', as });
    return unpacked.byteLength > MOST_FACE_BYTES ? tooLarge() : ok(unpacked);
  } catch {
    return fail({ kind: 'damagedPack', as });
  }
}

function tooLarge() {
  return fail({ kind: 'tooLarge' as const, mostBytes: MOST_FACE_BYTES });
}

function viewOf(bytes: Uint8Array): DataView {
  return new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
}

const WOFF_HEAD = 44;
const WOFF_ENTRY = 20;
const HEAD = 12;
const ENTRY = 16;

interface Packed {
  readonly entry: Uint8Array;
  readonly content: Uint8Array;
}

/** Null for one whose tables do not lie in it. */
function fromWoff(bytes: Uint8Array): Uint8Array | null {
  const view = viewOf(bytes);
  const numTables = view.getUint16(12);
  const tables: Packed[] = [];
  let total = 0;
  for (let at = WOFF_HEAD; at < WOFF_HEAD + numTables * WOFF_ENTRY; at += WOFF_ENTRY) {
    const [offset, packedLength, length] = [view.getUint32(at + 4), view.getUint32(at + 8), view.getUint32(at + 12)];
    total += length;
    if (offset + packedLength > bytes.byteLength || packedLength > length || total > MOST_FACE_BYTES) return null;
    const packed = bytes.subarray(offset, offset + packedLength);
    // Room for one byte more, by which it is seen that there is more.
    const content = packedLength === length ? packed : unzlibSync(packed, { out: new Uint8Array(length + 1) });
    if (content.byteLength !== length) return null;
    tables.push({ entry: bytes.subarray(at, at + WOFF_ENTRY), content });
  }
  return asFont(view.getUint32(4), tables);
}

/** Tables one behind the other, each at a multiple of four, as a font holds them. */
function asFont(signature: number, tables: readonly Packed[]): Uint8Array {
  const padded = (length: number) => Math.ceil(length / 4) * 4;
  let at = HEAD + tables.length * ENTRY;
  const font = new Uint8Array(tables.reduce((sum, { content }) => sum + padded(content.byteLength), at));
  const view = viewOf(font);
  view.setUint32(0, signature);
  view.setUint16(4, tables.length);
  tables.forEach(({ entry, content }, i) => {
    const head = HEAD + i * ENTRY;
    font.set(entry.subarray(0, 4), head);
    font.set(entry.subarray(16, 20), head + 4);
    view.setUint32(head + 8, at);
    view.setUint32(head + 12, content.byteLength);
    font.set(content, at);
    at += padded(content.byteLength);
  });
  return font;
}
