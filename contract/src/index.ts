export * from './messages.ts';
export * from './routes.ts';
export * from './endpoints.ts';
export { homeFields, houseRules, roomFields, setting, surfaceFields } from './parts.ts';
export * from './words/index.ts';
export { openapi, recipeJsonSchema } from './openapi.ts';
