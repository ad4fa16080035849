import { z } from 'zod';
import { mappedTableSchema } from '@/services';

/** Characters of a pasted list: a hundred times what twenty thousand names take. */
const MOST_LIST = 16_000_000;

/** A list in a body: as text, or as a table with what its columns are taken for. */
export const listInputSchema = z.union([
  z.object({ table: mappedTableSchema }),
  z.object({
    list: z
      .string()
      .max(
        MOST_LIST,
        `A pasted list may have ${MOST_LIST / 1_000_000} million characters. Split it into several runs.`,
      ),
    reading: z.enum(['detect', 'lines']).default('detect'),
  }),
]);
