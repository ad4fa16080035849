import path from 'node:path';
import { setAside } from '@/store';

/** Sets aside what the program keeps in `KNURL_DATA_DIR`, and says where; ends with 3 when a server works there. */
const dataDir = path.resolve(process.env.KNURL_DATA_DIR ?? 'data');
const done = setAside(dataDir, new Date().toISOString());
if (!done.ok) {
  process.exitCode = 3;
} else {
  const { folder, names } = done.value;
  process.stdout.write(
    folder === null
      ? `Nothing of Knurl’s was in ${dataDir}.\n`
      : `What was in ${dataDir} (${names.join(', ')}) is set aside in ${folder}. Delete it when you want it no more.\n`,
  );
}
