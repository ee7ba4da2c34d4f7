import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { Endpoint, Schema, Stream } from '@zymostat/contract';
import type { Words } from '@zymostat/words';
import type { Request, Response, Router } from 'express';
import type * as v from 'valibot';
import { mayCall, type Caller } from './caller.ts';
import { wordsFor } from './language.ts';
import { problems } from './problems.ts';
import { read } from './read.ts';

interface Call<P extends Schema, Q extends Schema, B extends Schema> {
  params: v.InferOutput<P>;
  query: v.InferOutput<Q>;
  body: v.InferOutput<B>;
  /** The revision of the home that the caller saw, where the endpoint asks for it. */
  seen: number;
  /** Who calls; only an endpoint for `anyone` may be called without. */
  person: Caller;
  request: Request;
  response: Response;
}

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
  endpoint: Endpoint<P, Q, B, A>,
  work: (call: Call<P, Q, B>) => Promise<v.InferOutput<A>>,
): void => {
  router[endpoint.method](endpoint.path, async (request: Request, response: Response) => {
    const person = mayCall(request, endpoint.who);
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

interface Asked<P extends Schema, Q extends Schema> {
  params: v.InferOutput<P>;
  query: v.InferOutput<Q>;
  words: Words;
}

const askedIn = <P extends Schema, Q extends Schema>(
  request: Request,
  { params, query }: Stream<P, Q>,
): Asked<P, Q> => ({
  params: read(params, request.params, 'path'),
  query: read(query, request.query, 'query'),
  words: wordsFor(request),
});

export interface ServedFile {
  name: string;
  bytes: Buffer;
}

/** Serves a file that is shown or printed. */
export const serveFile = <P extends Schema, Q extends Schema>(
  router: Router,
  stream: Stream<P, Q>,
  make: (asked: Asked<P, Q>) => Promise<ServedFile>,
): void => {
  router.get(stream.path, async (request: Request, response: Response) => {
    mayCall(request, stream.who);
    const { name, bytes } = await make(askedIn(request, stream));
    response.type(stream.type).set('Content-Disposition', `inline; filename="${name}"`).send(bytes);
  });
};

/** Serves a file that is made while it is sent, so that its length does not matter. */
export const serveLines = <P extends Schema, Q extends Schema>(
  router: Router,
  stream: Stream<P, Q>,
  fileName: string,
  lines: (asked: Asked<P, Q>) => AsyncGenerator<string>,
): void => {
  router.get(stream.path, async (request: Request, response: Response) => {
    mayCall(request, stream.who);
    const asked = askedIn(request, stream);
    response.type(`${stream.type}; charset=utf-8`).attachment(fileName);
    await pipeline(Readable.from(lines(asked)), response);
  });
};

const KEEP_ALIVE_MS = 25_000;

/** Serves what happens as it happens, until whoever listens goes away. */
export const serveEvents = (
  router: Router,
  { path, who, type }: Stream,
  begin: (tell: (data: string) => void) => () => void,
): void => {
  router.get(path, (request: Request, response: Response) => {
    mayCall(request, who);
    response.writeHead(200, {
      'Content-Type': type,
      'Cache-Control': 'no-store, no-transform',
      Connection: 'keep-alive',
    });
    response.write('retry: 2000\n\n');
    const stop = begin((data) => response.write(`data: ${data}\n\n`));
    const beat = setInterval(() => response.write(': still here\n\n'), KEEP_ALIVE_MS);
    request.on('close', () => {
      stop();
      clearInterval(beat);
    });
  });
};
