import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { isKeyed, type Endpoint, type Schema, type Stream } from '@zymostat/contract';
import type { Words } from '@zymostat/words';
import express, { type Request, type RequestHandler, type Response, type Router } from 'express';
import type * as v from 'valibot';
import type { Context } from '../context.ts';
import { callerIn, mayCall, type Caller } from './caller.ts';
import { wordsFor } from './language.ts';
import { onlyOnce } from './once.ts';
import type { OpenStreams } from './openStreams.ts';
import { problems } from './problems.ts';
import { read } from './read.ts';

/**
 * Where routes are put, and what they work with. Reading has connections of its own: ten who wait
 * for a lock hold up nobody who only looks. Reports and exports may come from a replica.
 */
export interface Serving {
  router: Router;
  streams: OpenStreams;
  write: Context;
  read: Context;
  report: Context;
}

interface Call<P extends Schema, Q extends Schema, B extends Schema> {
  context: Context;
  params: v.InferOutput<P>;
  query: v.InferOutput<Q>;
  body: v.InferOutput<B>;
  /** The revision that the caller saw of what they change, where the endpoint asks for it. */
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

/** Who may not call is turned away before what they sent is read. */
const admit =
  ({ who }: Endpoint): RequestHandler =>
  (request, _response, next) => {
    mayCall(request, who);
    next();
  };

/** Serves one endpoint of the contract: role, then request, then the work, then the answer. */
export const serve = <P extends Schema, Q extends Schema, B extends Schema, A extends Schema>(
  { router, ...contexts }: Serving,
  endpoint: Endpoint<P, Q, B, A>,
  work: (call: Call<P, Q, B>) => Promise<v.InferOutput<A>>,
): void => {
  const context = endpoint.method === 'get' ? contexts.read : contexts.write;
  const parse = express.json({ limit: `${endpoint.mostKb}kb` });
  const answer = async (request: Request, response: Response) => {
    const person = callerIn(request) as Caller;
    const call = {
      params: read(endpoint.params, request.params, 'path'),
      query: read(endpoint.query, request.query, 'query'),
      body: read(endpoint.body, (request.body as unknown) ?? {}, ''),
      seen: seenIn(request, endpoint),
      person,
      request,
      response,
    };
    if (!isKeyed(endpoint)) return response.json(await work({ ...call, context }));
    const { status, body } = await onlyOnce({ request, person, context }, (taking) =>
      work({ ...call, context: taking }),
    );
    const type = status < 400 ? 'application/json' : 'application/problem+json';
    return response.status(status).type(type).send(JSON.stringify(body));
  };
  router[endpoint.method](endpoint.path, admit(endpoint), parse, answer);
};

interface Asked<P extends Schema, Q extends Schema> {
  context: Context;
  params: v.InferOutput<P>;
  query: v.InferOutput<Q>;
  words: Words;
  person: Caller;
}

const askedIn = <P extends Schema, Q extends Schema>(
  request: Request,
  { params, query }: Stream<P, Q>,
  context: Context,
): Asked<P, Q> => ({
  context,
  person: callerIn(request)!,
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
  { router, read: context }: Serving,
  stream: Stream<P, Q>,
  make: (asked: Asked<P, Q>) => Promise<ServedFile>,
): void => {
  router.get(stream.path, async (request: Request, response: Response) => {
    mayCall(request, stream.who);
    const { name, bytes } = await make(askedIn(request, stream, context));
    response.type(stream.type).set('Content-Disposition', `inline; filename="${name}"`).send(bytes);
  });
};

/** Serves a file that is made while it is sent, so that its length does not matter. */
export const serveLines = <P extends Schema, Q extends Schema>(
  { router, report: context }: Serving,
  stream: Stream<P, Q>,
  fileName: string,
  lines: (asked: Asked<P, Q>) => AsyncGenerator<string>,
): void => {
  router.get(stream.path, async (request: Request, response: Response) => {
    mayCall(request, stream.who);
    const asked = askedIn(request, stream, context);
    response.type(`${stream.type}; charset=utf-8`).attachment(fileName);
    await pipeline(Readable.from(lines(asked)), response);
  });
};

/** What begins to tell: gives how to stop. `lastSeen`: up to where the listener had heard before. */
type Begin = (
  tell: (data: string, id?: number) => void,
  lastSeen: number | null,
) => Promise<() => void> | (() => void);

const lastSeenIn = (request: Request): number | null => {
  const given = /^\d{1,15}$/.exec(request.get('last-event-id') ?? '');
  return given ? Number(given[0]) : null;
};

/** Serves what happens as it happens, until whoever listens goes away or may not listen any more. */
export const serveEvents = (
  { router, streams }: Serving,
  { path, who, type }: Stream,
  begin: Begin,
): void => {
  router.get(path, async (request: Request, response: Response) => {
    const { id: personId } = mayCall(request, who);
    response.writeHead(200, {
      'Content-Type': type,
      'Cache-Control': 'no-store, no-transform',
      Connection: 'keep-alive',
    });
    response.write('retry: 2000\n\n');
    const tell = (data: string, id?: number) => {
      if (!response.writableEnded)
        response.write(`${id === undefined ? '' : `id: ${id}\n`}data: ${data}\n\n`);
    };
    let stop = (): void => undefined;
    streams.add(request, response, { personId, stop: () => stop() });
    stop = await begin(tell, lastSeenIn(request));
    if (response.writableEnded || request.destroyed) stop();
  });
};
