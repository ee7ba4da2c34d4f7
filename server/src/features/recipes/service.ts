import type { Body, RecipeRow } from '@zymostat/contract';
import { In } from 'typeorm';
import { within, type Context } from '../../context.ts';
import { problems } from '../../http/problems.ts';
import { personNames, type Person } from '../people/service.ts';
import { RecipeEntity, RecipeVersionEntity, type RecipeRecord } from './entities.ts';

const withVersions = async (context: Context, recipes: RecipeRecord[]): Promise<RecipeRow[]> => {
  const [versions, names] = await Promise.all([
    context.db.find(RecipeVersionEntity, {
      where: { recipeId: In(recipes.map(({ id }) => id)) },
      order: { number: 'DESC' },
    }),
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
  withVersions(
    context,
    await context.db.getRepository(RecipeEntity).find({ order: { name: 'ASC' } }),
  );

const insertVersion = (
  { db, now }: Context,
  { recipeId, number }: { recipeId: string; number: number },
  { claim, text }: Body<'addRecipe'>,
  person: Person,
) =>
  db.insert(RecipeVersionEntity, {
    recipeId,
    number,
    claim,
    text,
    savedAt: new Date(now()),
    savedBy: person.id,
  });

const nameIsTaken = async ({ db }: Context, name: string, but?: string): Promise<boolean> =>
  (
    await db
      .getRepository(RecipeEntity)
      .createQueryBuilder('recipe')
      .where('lower(recipe.name) = lower(:name)', { name })
      .getMany()
  ).some(({ id }) => id !== but);

/** Saves a recipe, good or bad: what is written on bottles is worth keeping too. */
export const addRecipe = async (
  context: Context,
  fields: Body<'addRecipe'>,
  person: Person,
): Promise<RecipeRow> => {
  const id = context.newId();
  await within(context, async (inside) => {
    if (await nameIsTaken(inside, fields.name))
      throw problems.conflict('recipe-name', { name: fields.name });
    await inside.db.insert(RecipeEntity, { id, name: fields.name });
    await insertVersion(inside, { recipeId: id, number: 1 }, fields, person);
  });
  return (await withVersions(context, [{ id, name: fields.name }]))[0]!;
};

/** The next version; earlier ones stay as they were. */
export const saveRecipe = async (
  context: Context,
  id: string,
  fields: Body<'saveRecipe'>,
  person: Person,
): Promise<RecipeRow> => {
  await within(context, async (inside) => {
    const recipe = await inside.db.findOne(RecipeEntity, {
      where: { id },
      lock: { mode: 'pessimistic_write' },
    });
    if (!recipe) throw problems.notFound('recipe');
    if (await nameIsTaken(inside, fields.name, id))
      throw problems.conflict('recipe-name-taken', { name: fields.name });
    const newest = await inside.db.maximum(RecipeVersionEntity, 'number', { recipeId: id });
    if (recipe.name !== fields.name)
      await inside.db.update(RecipeEntity, { id }, { name: fields.name });
    await insertVersion(inside, { recipeId: id, number: (newest ?? 0) + 1 }, fields, person);
  });
  return (await withVersions(context, [{ id, name: fields.name }]))[0]!;
};
