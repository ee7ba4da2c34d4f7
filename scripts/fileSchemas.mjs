// Writes the JSON Schemas in docs/formats from the one schema there is of each.
import { writeFileSync } from 'node:fs';
import { fileSchemas } from '../contract/src/index.ts';

for (const [name, schema] of Object.entries(fileSchemas()))
  writeFileSync(
    new URL(`../docs/formats/${name}.schema.json`, import.meta.url),
    `${JSON.stringify(schema, null, 2)}\n`,
  );
