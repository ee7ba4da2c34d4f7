import * as v from 'valibot';
import type { Schema } from '../parts/schema.ts';
import { id } from '../parts/text.ts';

/** Who may call: `anyone` without a session, a `person` of either role, or a `supervisor`. */
export type Who = 'anyone' | 'person' | 'supervisor';

export interface Endpoint<
  P extends Schema = Schema,
  Q extends Schema = Schema,
  B extends Schema = Schema,
  A extends Schema = Schema,
> {
  method: 'get' | 'post' | 'put' | 'delete';
  /** Under /api, in Express's way of writing parameters. */
  path: string;
  who: Who;
  does: string;
  params: P;
  query: Q;
  body: B;
  answer: A;
  /** Whether the caller says in `If-Match` which revision they saw of what they change. */
  seen: boolean;
  /** What is sent carries an id of its own by which it is taken once; else a POST takes a key. */
  ownId: boolean;
  /** The most that a body may be, in kB. */
  mostKb: number;
}

const nothing = v.strictObject({});

const empty = v.null();

/** What stands in a path: the id of one thing. */
export /** What stands in a path: the id of one thing. */
const byId = v.strictObject({ id });

interface Given<P, Q, B, A> {
  params?: P;
  query?: Q;
  body?: B;
  answer?: A;
  seen?: true;
  ownId?: true;
  mostKb?: number;
}

/** What most bodies fit in many times over. */
const MOST_KB = 32;

export const endpoint = <
  const P extends Schema = typeof nothing,
  const Q extends Schema = typeof nothing,
  const B extends Schema = typeof nothing,
  const A extends Schema = typeof empty,
>(
  line: `${'GET' | 'POST' | 'PUT' | 'DELETE'} ${string}`,
  who: Who,
  does: string,
  given: Given<P, Q, B, A> = {},
) => {
  const [method, path] = line.split(' ') as [string, string];
  return {
    method: method.toLowerCase() as Endpoint['method'],
    path,
    who,
    does,
    params: (given.params ?? nothing) as P,
    query: (given.query ?? nothing) as Q,
    body: (given.body ?? nothing) as B,
    answer: (given.answer ?? empty) as A,
    seen: given.seen ?? false,
    ownId: given.ownId ?? false,
    mostKb: given.mostKb ?? MOST_KB,
  };
};

/** Whether an endpoint takes a key: what is added or done, unless it carries an id of its own. */
export const isKeyed = ({ method, who, ownId }: Endpoint): boolean =>
  method === 'post' && who !== 'anyone' && !ownId;

/** A route that answers with a file or an endless stream of `type`. */
export interface Stream<P extends Schema = Schema, Q extends Schema = Schema> {
  path: string;
  who: Who;
  does: string;
  type: string;
  params: P;
  query: Q;
}

export const stream = <
  const P extends Schema = typeof nothing,
  const Q extends Schema = typeof nothing,
>(
  line: `GET ${string}`,
  who: Who,
  does: string,
  { type, params, query }: { type: string; params?: P; query?: Q },
) => ({
  path: line.slice('GET '.length),
  who,
  does,
  type,
  params: (params ?? nothing) as P,
  query: (query ?? nothing) as Q,
});
