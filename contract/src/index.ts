export * from './languages.ts';
export * from './messages.ts';
export * from './routes.ts';
export * from './limits.ts';
export * from './endpoints.ts';
export { homeFields, houseRules, id, roomFields, setting, surfaceFields } from './parts.ts';
export { fileSchemas, openapi } from './openapi.ts';
export * from './pictograms.ts';
