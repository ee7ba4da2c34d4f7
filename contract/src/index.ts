export * from './messages.ts';
export * from './endpoints.ts';
export { homeFields, roomFields, setting, surfaceFields } from './parts.ts';
export * from './words/index.ts';
export { openapi } from './openapi.ts';
