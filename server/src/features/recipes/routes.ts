import { endpoints } from '@zymostat/contract';
import { serve, type Serving } from '../../platform/http/serve.ts';
import * as recipes from './service.ts';

export const recipeRoutes = (on: Serving): void => {
  serve(on, endpoints.recipes, ({ context }) => recipes.allRecipes(context));
  serve(on, endpoints.addRecipe, ({ context, body, person }) =>
    recipes.addRecipe(context, body, person),
  );
  serve(on, endpoints.saveRecipe, ({ context, params, body, person, seen }) =>
    recipes.saveRecipe(context, params.id, body, { person, seen }),
  );
};
