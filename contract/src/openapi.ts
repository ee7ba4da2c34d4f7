import { toJsonSchema } from '@valibot/to-json-schema';
import { isKeyed, type Endpoint, type Stream } from './endpoints/endpoint.ts';
import { endpoints, streams } from './endpoints/index.ts';
import { homeFile } from './messages/homes.ts';
import { problem } from './messages/problem.ts';
import { recipeFile } from './messages/recipes.ts';
import { visitProblem } from './messages/visits.ts';
import type { Schema } from './parts/schema.ts';

/**
 * JSON Schema of what goes over the wire; checks that JSON Schema cannot say are left to the
 * server.
 */
const jsonSchema = (schema: Schema): object => {
  const { $schema: _, ...rest } = toJsonSchema(schema, {
    errorMode: 'ignore',
    typeMode: 'input',
  });
  return rest;
};

const parameters = (schema: Schema, where: 'path' | 'query') => {
  const { properties = {}, required = [] } = jsonSchema(schema) as {
    properties?: Record<string, object>;
    required?: string[];
  };
  return Object.entries(properties).map(([name, shape]) => ({
    name,
    in: where,
    required: required.includes(name),
    schema: shape,
  }));
};

const seenHeader = {
  name: 'If-Match',
  in: 'header',
  required: true,
  description: 'The revision that the caller saw of what they change, in quotation marks.',
  schema: { type: 'string' },
};

const keyHeader = {
  name: 'Idempotency-Key',
  in: 'header',
  required: true,
  description: 'A new UUID for each thing that is to be done: sent again, it is done once.',
  schema: { type: 'string', format: 'uuid' },
};

/** What every route has: who may call, what is asked in its address, how it says no. */
const described = (operationId: string, one: Endpoint | Stream, type: string, answer: object) => ({
  operationId,
  summary: one.does,
  description: `For: ${one.who}.`,
  parameters: [
    ...parameters(one.params, 'path'),
    ...parameters(one.query, 'query'),
    ...('seen' in one && one.seen ? [seenHeader] : []),
    ...('ownId' in one && isKeyed(one) ? [keyHeader] : []),
  ],
  responses: {
    200: { description: 'Done', content: { [type]: { schema: answer } } },
    default: {
      description: 'A problem (RFC 9457)',
      content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
    },
  },
});

const operation = (operationId: string, one: Endpoint) => ({
  ...described(operationId, one, 'application/json', jsonSchema(one.answer)),
  ...(one.method === 'post' || one.method === 'put'
    ? {
        requestBody: {
          required: true,
          content: { 'application/json': { schema: jsonSchema(one.body) } },
        },
      }
    : {}),
});

const inBraces = (path: string): string => `/api${path.replace(/:(\w+)/g, '{$1}')}`;

/** The OpenAPI 3.1 description of every route, files and streams too. */
export const openapi = () => {
  const paths: Record<string, Record<string, object>> = {};
  for (const [name, one] of Object.entries(endpoints) as [string, Endpoint][]) {
    const path = inBraces(one.path);
    paths[path] = { ...paths[path], [one.method]: operation(name, one) };
  }
  for (const [name, one] of Object.entries(streams) as [string, Stream][])
    paths[inBraces(one.path)] = { get: described(name, one, one.type, { type: 'string' }) };
  return {
    openapi: '3.1.0',
    info: {
      title: 'Zymostat',
      version: '1',
      description:
        'Strengths are fractions in the active’s own basis, lengths m, volumes m³, times ms since 1970.',
    },
    paths,
    components: { schemas: { Problem: jsonSchema(problem) } },
  };
};

const published = (title: string, schema: Schema): object => ({
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  title,
  ...jsonSchema(schema),
});

/** JSON Schemas of the files that people take along, as docs/formats holds them. */
export const fileSchemas = (): Record<'recipe' | 'home' | 'visit-problem', object> => ({
  'visit-problem': published('zymostat.visit-problem/1', visitProblem),
  recipe: published('zymostat.recipe/1', recipeFile),
  home: published('zymostat.home/1', homeFile),
});
