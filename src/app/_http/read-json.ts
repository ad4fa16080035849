import { type Outcome, fail, ok } from '@/core/outcome';
import { parseJson } from '@/services';
import type { HttpProblem } from './problem-response';

/** A pasted list or a spec. */
export const MOST_SPEC_BYTES = 16_000_000;
/** A bundle carries every frozen outline. */
export const MOST_BUNDLE_BYTES = 128_000_000;

/** Reads a JSON body and stops reading the moment it grows over the limit, whatever its length header said. */
export async function readJson(request: Request, mostBytes: number): Promise<Outcome<unknown, HttpProblem>> {
  const bytes = await readJsonBytes(request, mostBytes);
  return bytes.ok ? parseJson(bytes.value) : bytes;
}

const BUNDLE_MARK = '"knurl-bundle"';

/** The bytes of a JSON body, with room for a bundle where it says that it is one. */
export async function readBodyOrBundle(
  request: Request,
  mostBytes: number,
): Promise<Outcome<{ readonly bytes: Uint8Array; readonly mayBeBundle: boolean }, HttpProblem>> {
  const read = await readJsonBytes(request, MOST_BUNDLE_BYTES);
  if (!read.ok) return read;
  const { buffer, byteOffset, length } = read.value;
  const mayBeBundle = Buffer.from(buffer, byteOffset, length).includes(BUNDLE_MARK);
  return length > mostBytes && !mayBeBundle
    ? fail({ kind: 'bodyTooLarge', mostBytes })
    : ok({ bytes: read.value, mayBeBundle });
}

async function readJsonBytes(request: Request, mostBytes: number): Promise<Outcome<Uint8Array, HttpProblem>> {
  const type = request.headers.get('content-type') ?? '';
  return /^application\/json\b/i.test(type) ? readBytes(request, mostBytes) : fail({ kind: 'notJson' });
}

/** The body's bytes, read no further than the limit. */
export async function readBytes(request: Request, mostBytes: number): Promise<Outcome<Uint8Array, HttpProblem>> {
  const chunks: Uint8Array[] = [];
  let size = 0;
  const reader = request.body?.getReader();
  while (reader) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.byteLength;
    if (size > mostBytes) {
      await reader.cancel();
      return fail({ kind: 'bodyTooLarge', mostBytes });
    }
    chunks.push(value);
  }
  return ok(new Uint8Array(Buffer.concat(chunks)));
}
