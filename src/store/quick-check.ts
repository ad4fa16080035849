import SqliteDatabase from 'better-sqlite3';

/** At most this many faults are told. */
const MOST_FAULTS = 5;

/** What is wrong with a database that is open; empty when its pages hold together. */
export function faultsIn(sqlite: SqliteDatabase.Database): readonly string[] {
  try {
    const rows = sqlite.pragma(`quick_check(${MOST_FAULTS})`) as { quick_check: string }[];
    const said = rows.flatMap(({ quick_check }) => quick_check.split('\n'));
    return said.length === 1 && said[0] === 'ok' ? [] : said.slice(0, MOST_FAULTS);
  } catch (error) {
    return [error instanceof Error ? error.message : String(error)];
  }
}

/** The same for a file, which is only read. */
export function faultsOfFile(file: string): readonly string[] {
  let sqlite: SqliteDatabase.Database | null = null;
  try {
    sqlite = new SqliteDatabase(file, { readonly: true, fileMustExist: true });
    return faultsIn(sqlite);
  } catch (error) {
    return [error instanceof Error ? error.message : String(error)];
  } finally {
    sqlite?.close();
  }
}
