import { type Bundle, writeBundle } from '..';
import type { Context } from '../context';
import { valueOf } from './a-context';

/** The bundle of a run as its file has it. */
export async function carriedText(context: Context, runId: string): Promise<string> {
  let text = '';
  for await (const part of valueOf(await writeBundle(context, runId))) text += part;
  return text;
}

export async function carried(context: Context, runId: string): Promise<Bundle> {
  return JSON.parse(await carriedText(context, runId)) as Bundle;
}

/** What a file with this in it holds. */
export function jsonBytes(value: unknown): Uint8Array {
  return new TextEncoder().encode(JSON.stringify(value));
}
