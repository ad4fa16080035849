import { proveWritable } from '@/store';
import type { Context } from './context';

export interface Health {
  readonly status: 'ok';
  readonly version: string;
  readonly schema: string;
  readonly writeTest: 'ok';
  /** The folder served, so that a starter can tell its own server from another. */
  readonly dataDir: string;
}

/** Throws when the write test fails: a server that cannot keep a mark is not healthy. */
export async function health({ store, version, nowIso }: Context): Promise<Health> {
  await proveWritable(store.db, nowIso());
  return { status: 'ok', version, schema: store.schema, writeTest: 'ok', dataDir: store.dataDir };
}
