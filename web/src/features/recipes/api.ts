import type { Answer, Body } from '@zymostat/contract';
import { api, call, type WithBody } from '../../api/api.ts';

export const recipesApi = api.injectEndpoints({
  endpoints: (build) => ({
    recipes: build.query<Answer<'recipes'>, void>({
      query: () => call('recipes'),
      providesTags: ['Recipes'],
    }),
    addRecipe: build.mutation<Answer<'addRecipe'>, Body<'addRecipe'>>({
      query: (body) => call('addRecipe', { body }),
      invalidatesTags: ['Recipes'],
    }),
    saveRecipe: build.mutation<Answer<'saveRecipe'>, WithBody<'saveRecipe'> & { seen: number }>({
      query: ({ id, body, seen }) => call('saveRecipe', { id, body, seen }),
      invalidatesTags: ['Recipes'],
    }),
  }),
});
export const { useRecipesQuery, useAddRecipeMutation, useSaveRecipeMutation } = recipesApi;
