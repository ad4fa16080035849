import { randomBytes } from 'node:crypto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { faceFilePath } from '@/core/shop';
import { contextOn } from '@/services';
import { outlineReader } from '@/store';
import { directCompute } from '@/services/compute/direct';
import { seedGarmentBags } from './garment-bags';
import { seedMutePouches } from './mute-pouches';
import { seedTourPresents } from './tour-presents';

/** Seeds the demo into `KNURL_DATA_DIR`, through the same services that a person's deeds go through. */
const dataDir = path.resolve(process.env.KNURL_DATA_DIR ?? 'data');
const context = await contextOn(dataDir, {
  compute: directCompute((sha) => readFileSync(path.join('public', faceFilePath(sha))), outlineReader(dataDir)),
  nowIso: () => new Date().toISOString(),
  randomBytes: (count) => randomBytes(count),
});
if (!context.ok) throw new Error(`the data folder cannot be opened: ${context.problem.kind}`);
await seedGarmentBags(context.value);
await seedMutePouches(context.value);
await seedTourPresents(context.value);
await context.value.store.close();
