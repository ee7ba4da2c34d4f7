import { claims } from '@zymostat/core';
import * as v from 'valibot';
import { name, id, instant } from '../parts/text.ts';

const recipeText = v.pipe(
  v.string(),
  v.maxLength(20_000, 'too-long'),
  v.check((text) => text.trim() !== '', 'write-line'),
  v.check((text) => !text.includes('\u0000'), 'control-characters'),
);

export const recipeFields = v.strictObject({ name, claim: v.picklist(claims), text: recipeText });

export const recipeVersion = v.strictObject({
  number: v.number(),
  claim: v.picklist(claims),
  text: v.string(),
  savedAt: instant,
  savedBy: name,
});

export const recipe = v.strictObject({ id, name, versions: v.array(recipeVersion) });

/** A recipe as it travels in a file: docs/formats/recipe.md. */
export const recipeFile = v.strictObject({
  format: v.literal('zymostat.recipe/1'),
  ...recipeFields.entries,
});

export type RecipeRow = v.InferOutput<typeof recipe>;

export type RecipeFile = v.InferOutput<typeof recipeFile>;
