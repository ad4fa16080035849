import { type StoreFault, faultOf, proveWritable } from '@/store';
import type { Context } from './context';
import type { DataState } from './data-keeper';

export interface Health extends DataState {
  /** `damaged`: parts of the database are not as they were written. `cannotWrite`: no mark can be kept now. */
  readonly status: 'ok' | 'damaged' | 'cannotWrite';
  readonly version: string;
  readonly schema: string;
  readonly writeTest: 'ok' | StoreFault['kind'];
  /** The folder served, so that a starter can tell its own server from another. */
  readonly dataDir: string;
}

/** Whether a mark can be kept now, and how what is kept is. Throws where the program itself is wrong. */
export async function health({ store, version, nowIso, keeper }: Context): Promise<Health> {
  const writeTest = await tryWriting();
  const data = keeper.state();
  const isDamaged = data.condition.kind === 'damaged' || writeTest === 'damaged';
  const status = isDamaged ? 'damaged' : writeTest === 'ok' ? 'ok' : 'cannotWrite';
  return { status, version, schema: store.schema, writeTest, dataDir: store.dataDir, ...data };

  async function tryWriting(): Promise<Health['writeTest']> {
    try {
      await proveWritable(store.db, nowIso());
      return 'ok';
    } catch (error) {
      const fault = faultOf(error);
      if (fault === null) throw error;
      return fault.kind;
    }
  }
}
