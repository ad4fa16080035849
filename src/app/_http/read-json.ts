import { type Outcome, fail, ok } from '@/core/outcome';
import type { HttpProblem } from './problem-response';

/** A pasted list or a spec. */
export const MOST_SPEC_BYTES = 16_000_000;
/** A bundle carries every frozen outline. */
export const MOST_BUNDLE_BYTES = 128_000_000;

/** Reads a JSON body and stops reading the moment it grows over the limit, whatever its length header said. */
export async function readJson(request: Request, mostBytes: number): Promise<Outcome<unknown, HttpProblem>> {
  const bytes = await readJsonBytes(request, mostBytes);
  return bytes.ok ? parsed(bytes.value) : bytes;
}

const BUNDLE_MARK = '"knurl-bundle"';

/** The same with room for a bundle where the body says that it is one; whatever else is over the limit is not even parsed. */
export async function readJsonOrBundle(request: Request, mostBytes: number): Promise<Outcome<unknown, HttpProblem>> {
  const bytes = await readJsonBytes(request, MOST_BUNDLE_BYTES);
  if (!bytes.ok) return bytes;
  const { buffer, byteOffset, length } = bytes.value;
  const isTooLarge = length > mostBytes && !Buffer.from(buffer, byteOffset, length).includes(BUNDLE_MARK);
  return isTooLarge ? fail({ kind: 'bodyTooLarge', mostBytes }) : parsed(bytes.value);
}

function parsed(bytes: Uint8Array): Outcome<unknown, HttpProblem> {
  try {
    return ok(JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes)));
  } catch (error) {
    return fail({ kind: 'brokenJson', message: error instanceof Error ? error.message : String(error) });
  }
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
