import { writeFileSync } from 'node:fs';
import { bundleJsonSchema } from '@/services';

/** Writes the published schema of a bundle anew; a test holds the file against the program. */
writeFileSync('docs/schema/knurl-bundle.schema.json', `${JSON.stringify(bundleJsonSchema(), null, 2)}\n`);
