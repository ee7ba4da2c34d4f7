import type { Claim } from '@zymostat/core';
import { EntitySchema } from 'typeorm';

export interface RecipeRecord {
  id: string;
  name: string;
}
export const RecipeEntity = new EntitySchema<RecipeRecord>({
  name: 'recipe',
  columns: { id: { type: 'uuid', primary: true }, name: { type: 'text' } },
});

export interface RecipeVersionRecord {
  recipeId: string;
  number: number;
  claim: Claim;
  text: string;
  savedAt: Date;
  savedBy: string;
}
export const RecipeVersionEntity = new EntitySchema<RecipeVersionRecord>({
  name: 'recipe_version',
  columns: {
    recipeId: { type: 'uuid', primary: true, name: 'recipe_id' },
    number: { type: 'integer', primary: true },
    claim: { type: 'text' },
    text: { type: 'text' },
    savedAt: { type: 'timestamptz', name: 'saved_at' },
    savedBy: { type: 'uuid', name: 'saved_by' },
  },
});
