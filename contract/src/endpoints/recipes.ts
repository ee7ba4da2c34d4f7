import * as v from 'valibot';
import { recipe, recipeFields } from '../messages/recipes.ts';
import { routes } from '../routes.ts';
import { byId, endpoint } from './endpoint.ts';

export const recipesEndpoints = {
  recipes: endpoint(
    routes.recipes,
    'person',
    'The company’s recipes with their versions, newest first',
    { answer: v.array(recipe) },
  ),
  addRecipe: endpoint(routes.addRecipe, 'person', 'Save a recipe under a name of its own', {
    body: recipeFields,
    answer: recipe,
    mostKb: 128,
  }),
  saveRecipe: endpoint(routes.saveRecipe, 'person', 'Save a recipe as its next version', {
    params: byId,
    body: recipeFields,
    answer: recipe,
    seen: true,
    mostKb: 128,
  }),
} as const;
