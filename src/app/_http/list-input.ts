import { z } from 'zod';
import { mappedTableSchema } from '@/services';

/** A list in a body: as text, or as a table with what its columns are taken for. */
export const listInputSchema = z.union([
  z.object({ table: mappedTableSchema }),
  z.object({ list: z.string(), reading: z.enum(['detect', 'lines']).default('detect') }),
]);
