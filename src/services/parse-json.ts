import { type Outcome, fail, ok } from '@/core/outcome';
import type { ServiceProblem } from './problem';

/** Bytes of JSON in UTF-8. */
export function parseJson(bytes: Uint8Array): Outcome<unknown, ServiceProblem> {
  try {
    return ok(JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes)));
  } catch (error) {
    return fail({ kind: 'brokenJson', message: error instanceof Error ? error.message : String(error) });
  }
}
