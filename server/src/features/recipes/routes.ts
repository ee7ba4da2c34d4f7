import { endpoints } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../platform/context.ts';
import { serve } from '../../platform/http/serve.ts';
import * as recipes from './service.ts';

export const recipeRoutes = (router: Router, context: Context): void => {
  serve(router, endpoints.recipes, () => recipes.allRecipes(context));
  serve(router, endpoints.addRecipe, ({ body, person }) =>
    recipes.addRecipe(context, body, person),
  );
  serve(router, endpoints.saveRecipe, ({ params, body, person }) =>
    recipes.saveRecipe(context, params.id, body, person),
  );
};
