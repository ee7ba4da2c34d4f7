// Writes docs/formats/recipe.schema.json from the one schema there is.
import { writeFileSync } from 'node:fs';
import { recipeJsonSchema } from '../contract/src/index.ts';

writeFileSync(new URL('../docs/formats/recipe.schema.json', import.meta.url), `${JSON.stringify(recipeJsonSchema(), null, 2)}\n`);
