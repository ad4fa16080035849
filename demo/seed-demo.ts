import { randomBytes } from 'node:crypto';
import path from 'node:path';
import { contextOn } from '@/services';
import { outlineReader } from '@/store';
import { directCompute } from '@/services/compute/direct';
import { seedGarmentBags } from './garment-bags';
import { seedMutePouches } from './mute-pouches';
import { seedTourPresents } from './tour-presents';
import { faceReader } from '@/services/face-file/face-reader';

/** Seeds the demo into `KNURL_DATA_DIR`, through the same services that a person's deeds go through. */
const dataDir = path.resolve(process.env.KNURL_DATA_DIR ?? 'data');
const context = await contextOn(dataDir, {
  compute: directCompute(faceReader(dataDir), outlineReader(dataDir)),
  nowIso: () => new Date().toISOString(),
  randomBytes: (count) => randomBytes(count),
});
if (!context.ok) throw new Error(`the data folder cannot be opened: ${context.problem.kind}`);
await seedGarmentBags(context.value);
await seedMutePouches(context.value);
await seedTourPresents(context.value);
await context.value.store.close();
