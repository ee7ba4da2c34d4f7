import { endpoints } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../context.ts';
import { serve } from '../../http/serve.ts';
import * as recipes from './service.ts';

export const recipeRoutes = (router: Router, context: Context): void => {
  serve(router, context, endpoints.recipes, () => recipes.allRecipes(context));
  serve(router, context, endpoints.addRecipe, ({ body, person }) =>
    recipes.addRecipe(context, body, person),
  );
  serve(router, context, endpoints.saveRecipe, ({ params, body, person }) =>
    recipes.saveRecipe(context, params.id, body, person),
  );
};
