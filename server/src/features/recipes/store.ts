import { In } from 'typeorm';
import type { Context } from '../../platform/context.ts';
import {
  RecipeEntity,
  RecipeVersionEntity,
  type RecipeRecord,
  type RecipeVersionRecord,
} from './tables.ts';

export type { RecipeRecord };

export const allRecipes = ({ db }: Context): Promise<RecipeRecord[]> =>
  db.getRepository(RecipeEntity).find({ order: { name: 'ASC' } });

/** Versions of some recipes, newest first. */
export const versionsOf = ({ db }: Context, ids: string[]): Promise<RecipeVersionRecord[]> =>
  db.find(RecipeVersionEntity, { where: { recipeId: In(ids) }, order: { number: 'DESC' } });

export const newestNumber = async ({ db }: Context, recipeId: string): Promise<number> =>
  (await db.maximum(RecipeVersionEntity, 'number', { recipeId })) ?? 0;

/** The recipes of a name, however its letters are written. */
export const recipesCalled = ({ db }: Context, name: string): Promise<RecipeRecord[]> =>
  db
    .getRepository(RecipeEntity)
    .createQueryBuilder('recipe')
    .where('lower(recipe.name) = lower(:name)', { name })
    .getMany();

/** A recipe, held for the rest of the transaction. */
export const holdRecipe = ({ db }: Context, id: string): Promise<RecipeRecord | null> =>
  db.findOne(RecipeEntity, { where: { id }, lock: { mode: 'pessimistic_write' } });

export const addRecipe = async ({ db }: Context, recipe: RecipeRecord): Promise<void> =>
  void (await db.insert(RecipeEntity, recipe));

export const rename = async ({ db }: Context, { id, name }: RecipeRecord): Promise<void> =>
  void (await db.update(RecipeEntity, { id }, { name }));

export const addVersion = async ({ db }: Context, version: RecipeVersionRecord): Promise<void> =>
  void (await db.insert(RecipeVersionEntity, version));
