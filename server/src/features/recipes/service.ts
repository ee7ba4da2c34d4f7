import type { Body, RecipeRow } from '@zymostat/contract';
import { within, type Context } from '../../platform/context.ts';
import { isDouble } from '../../platform/database/failures.ts';
import { problems } from '../../platform/http/problems.ts';
import { personNames, type Person } from '../people/service.ts';
import * as store from './store.ts';

const withVersions = async (
  context: Context,
  recipes: store.RecipeRecord[],
): Promise<RecipeRow[]> => {
  const [versions, names] = await Promise.all([
    store.versionsOf(
      context,
      recipes.map(({ id }) => id),
    ),
    personNames(context),
  ]);
  return recipes.map(({ id, name }) => ({
    id,
    name,
    versions: versions
      .filter(({ recipeId }) => recipeId === id)
      .map(({ number, claim, text, savedAt, savedBy }) => ({
        number,
        claim,
        text,
        savedAt: savedAt.getTime(),
        savedBy: names.get(savedBy) ?? '',
      })),
  }));
};

export const allRecipes = async (context: Context): Promise<RecipeRow[]> =>
  withVersions(context, await store.allRecipes(context));

const insertVersion = (
  context: Context,
  { recipeId, number }: { recipeId: string; number: number },
  { claim, text }: Body<'addRecipe'>,
  person: Person,
): Promise<void> => {
  const savedAt = new Date(context.now());
  return store.addVersion(context, { recipeId, number, claim, text, savedAt, savedBy: person.id });
};

const nameIsTaken = async (context: Context, name: string, but?: string): Promise<boolean> =>
  (await store.recipesCalled(context, name)).some(({ id }) => id !== but);

/** Saves a recipe, good or bad: what is written on bottles is worth keeping too. */
export const addRecipe = async (
  context: Context,
  fields: Body<'addRecipe'>,
  person: Person,
): Promise<RecipeRow> => {
  const { name } = fields;
  const id = context.newId();
  await within(context, async (inside) => {
    if (await nameIsTaken(inside, name)) throw problems.conflict('recipe-name', { name });
    await store.addRecipe(inside, { id, name }).catch((error: unknown) => {
      throw isDouble(error) ? problems.conflict('recipe-name', { name }) : error;
    });
    await insertVersion(inside, { recipeId: id, number: 1 }, fields, person);
  });
  return (await withVersions(context, [{ id, name }]))[0]!;
};

/** The next version; earlier ones stay as they were. */
export const saveRecipe = async (
  context: Context,
  id: string,
  fields: Body<'saveRecipe'>,
  { person, seen }: { person: Person; seen: number },
): Promise<RecipeRow> => {
  const { name } = fields;
  await within(context, async (inside) => {
    const recipe = await store.holdRecipe(inside, id);
    if (!recipe) throw problems.notFound('recipe');
    if (await nameIsTaken(inside, name, id)) throw problems.conflict('recipe-name-taken', { name });
    const newest = await store.newestNumber(inside, id);
    if (seen < newest) throw problems.conflict('changed-since');
    const number = newest + 1;
    if (recipe.name !== name) await store.rename(inside, { id, name });
    await insertVersion(inside, { recipeId: id, number }, fields, person);
  });
  return (await withVersions(context, [{ id, name }]))[0]!;
};
