import { readFileSync } from 'node:fs';
import { bundleJsonSchema } from '.';

test('the published schema is that of the program; `npm run schema` writes it anew', () => {
  const published = JSON.parse(readFileSync('docs/schema/knurl-bundle.schema.json', 'utf8'));
  expect(published).toEqual(JSON.parse(JSON.stringify(bundleJsonSchema())));
});

test('the schema names what a reader has to know', () => {
  expect(bundleJsonSchema()).toMatchObject({
    type: 'object',
    required: expect.arrayContaining(['format', 'formatVersion', 'spec', 'passes', 'outlines', 'acts']),
  });
});
