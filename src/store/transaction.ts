import { sql } from 'kysely';
import type { Connection } from './database';

/**
 * Runs `work` in a transaction that takes the write lock at its start, so that what is read in it still holds when it
 * writes. Commits when `work` answers, rolls back when it throws.
 */
export async function inTransaction<T>(db: Connection, work: (transaction: Connection) => Promise<T>): Promise<T> {
  return db.connection().execute(async (connection) => {
    await sql`BEGIN IMMEDIATE`.execute(connection);
    try {
      const result = await work(connection);
      await sql`COMMIT`.execute(connection);
      return result;
    } catch (error) {
      // A full or failing disk has rolled back already; that there is nothing more to roll back must not hide why.
      await sql`ROLLBACK`.execute(connection).catch(() => undefined);
      throw error;
    }
  });
}
