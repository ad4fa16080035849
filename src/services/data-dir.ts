import path from 'node:path';

/** The folder that holds everything a person entered: `KNURL_DATA_DIR`, or `data` beside the program. */
export function dataDirOfServer(): string {
  return path.resolve(/* turbopackIgnore: true */ process.env.KNURL_DATA_DIR ?? 'data');
}
