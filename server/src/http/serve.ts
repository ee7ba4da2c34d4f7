import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { Endpoint, Schema } from '@zymostat/contract';
import type { Words } from '@zymostat/words';
import type { Request, Response, Router } from 'express';
import * as v from 'valibot';
import type { Context } from '../context.ts';
import { personOfToken, type Person } from '../features/people/service.ts';
import { MOST_NAMED, problems } from './problems.ts';
import { speaks, wordsFor } from './language.ts';
import { sessionToken } from './session.ts';

interface Call<P extends Schema, Q extends Schema, B extends Schema> {
  params: v.InferOutput<P>;
  query: v.InferOutput<Q>;
  body: v.InferOutput<B>;
  /** The revision of the home that the caller saw, where the endpoint asks for it. */
  seen: number;
  /** Who calls; only an endpoint for `anyone` may be called without. */
  person: Person;
  request: Request;
  response: Response;
}

/**
 * Parses one part of a request; what does not fit is named with what was found and what is allowed.
 */
export const read = <S extends Schema>(
  schema: S,
  given: unknown,
  where: string,
): v.InferOutput<S> => {
  const result = v.safeParse(schema, given);
  if (result.success) return result.output;
  const fields = result.issues.slice(0, MOST_NAMED).map((issue) => ({
    path: [where, v.getDotPath(issue)].filter(Boolean).join('.'),
    code: issue.message,
    figures: {
      expected: issue.expected ?? '',
      received: issue.received,
      requirement: typeof issue.requirement === 'number' ? issue.requirement : '',
    },
  }));
  throw problems.badRequest(fields);
};

export const mayCall = async (
  context: Context,
  who: Endpoint['who'],
  request: Request,
): Promise<Person> => {
  if (who === 'anyone') return undefined as never;
  const token = sessionToken(request);
  const person = token ? await personOfToken(context, token) : null;
  if (!person) throw problems.notSignedIn();
  speaks(request, person.language);
  if (who === 'supervisor' && person.role !== 'supervisor') throw problems.notAllowed(person.role);
  return person;
};

/**
 * `If-Match: "12"`: the revision that somebody saw. Without it nobody can say what would be
 * overwritten.
 */
const seenIn = (request: Request, { seen }: Endpoint): number => {
  if (!seen) return NaN;
  const match = /^\s*(?:W\/)?"?(\d{1,9})"?\s*$/.exec(request.get('if-match') ?? '');
  if (!match) throw problems.notSeen();
  return Number(match[1]);
};

/** Serves one endpoint of the contract: role, then request, then the work, then the answer. */
export const serve = <P extends Schema, Q extends Schema, B extends Schema, A extends Schema>(
  router: Router,
  context: Context,
  endpoint: Endpoint<P, Q, B, A>,
  work: (call: Call<P, Q, B>) => Promise<v.InferOutput<A>>,
): void => {
  router[endpoint.method](endpoint.path, async (request: Request, response: Response) => {
    const person = await mayCall(context, endpoint.who, request);
    const answer = await work({
      params: read(endpoint.params, request.params, 'path'),
      query: read(endpoint.query, request.query, 'query'),
      body: read(endpoint.body, request.body ?? {}, ''),
      seen: seenIn(request, endpoint),
      person,
      request,
      response,
    });
    response.json(answer);
  });
};

interface Stream<Q extends Schema> {
  path: string;
  who: Endpoint['who'];
  query: Q;
  type: string;
  fileName: string;
}

/** Serves a file that is made while it is sent, so that its length does not matter. */
export const serveStream = <Q extends Schema>(
  router: Router,
  context: Context,
  { path, who, query, type, fileName }: Stream<Q>,
  lines: (query: v.InferOutput<Q>, words: Words) => AsyncGenerator<string>,
): void => {
  router.get(path, async (request: Request, response: Response) => {
    await mayCall(context, who, request);
    const given = read(query, request.query, 'query');
    response.type(type).attachment(fileName);
    await pipeline(Readable.from(lines(given, wordsFor(request))), response);
  });
};
