import { type Outcome, fail, ok } from '@/core/outcome';
import type { HttpProblem } from './problem-response';

/** A pasted list or a spec. */
export const MOST_SPEC_BYTES = 16_000_000;
/** A bundle carries every frozen outline. */
export const MOST_BUNDLE_BYTES = 128_000_000;

/** Reads a JSON body and stops reading the moment it grows over the limit, whatever its length header said. */
export async function readJson(request: Request, mostBytes: number): Promise<Outcome<unknown, HttpProblem>> {
  const type = request.headers.get('content-type') ?? '';
  if (!/^application\/json\b/i.test(type)) return fail({ kind: 'notJson' });
  const bytes = await readBytes(request, mostBytes);
  if (!bytes.ok) return bytes;
  try {
    return ok(JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes.value)));
  } catch (error) {
    return fail({ kind: 'brokenJson', message: error instanceof Error ? error.message : String(error) });
  }
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
