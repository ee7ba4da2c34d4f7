import type { Revised } from '@zymostat/contract';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import type { Person } from '../people/service.ts';
import {
  changesAfter,
  holdRevision,
  noteChange,
  setRevision,
  type Changed,
} from './changesStore.ts';

/**
 * What of a home is changed: its own fields, a room's, a surface's, what is set for one; or
 * something came or went.
 */
export type What = 'home' | 'room' | 'surface' | 'setting' | 'added' | 'removed';

/** One change that is about to be made, and what it touches. */
export interface Change {
  homeId: string;
  /** Ids of what is changed, with what each is called. */
  subjects: readonly { id: string; name: string }[];
  what: What;
}

/** No revision was looked at: for what is made by the server itself. */
export const UNSEEN = Infinity;

/** Who makes a change, and which revision of the home they had seen. */
export interface Doer {
  person: Person;
  seen: number;
}

/** Holds a home for the rest of the transaction and gives its revision. */
export const holdHome = async (inside: Context, homeId: string): Promise<number> => {
  const revision = await holdRevision(inside, homeId);
  if (revision === undefined) throw problems.notFound('home');
  return revision;
};

const changesSince = async (inside: Context, homeId: string, seen: number) =>
  seen === UNSEEN ? [] : changesAfter(inside, homeId, Math.trunc(seen));

/** Refuses where anything at all of a home was changed since somebody saw it: for approvals. */
export const refuseUnseen = async (
  inside: Context,
  homeId: string,
  seen: number,
): Promise<void> => {
  const revision = await holdHome(inside, homeId);
  const changes = await changesSince(inside, homeId, seen);
  if (changes.length > 0) throw problems.changedMeanwhile(changes.map(asChange), revision);
};

const asChange = ({ by, at, subject, what, fields }: Changed): Changed => ({
  by,
  at,
  subject,
  what,
  fields,
});

/**
 * Makes one change of a home, unless somebody else has changed the same since it was `seen`: who,
 * when and what is then said, and nothing is lost or overwritten. `work` gives the names of the
 * fields that it changed.
 */
export const changing = (
  context: Context,
  change: Change,
  { person, seen }: Doer,
  work: (inside: Context) => Promise<string[]>,
): Promise<Revised> =>
  within(context, async (inside) => {
    const { homeId, subjects, what } = change;
    const revision = await holdHome(inside, homeId);
    const own = new Set(subjects.map(({ id }) => id));
    const meanwhile = (await changesSince(inside, homeId, seen)).filter(
      ({ subjectId, what: other }) => own.has(subjectId) && (other === what || what === 'removed'),
    );
    if (meanwhile.length > 0) throw problems.changedMeanwhile(meanwhile.map(asChange), revision);
    const fields = await work(inside);
    let next = revision;
    const at = new Date(inside.now());
    for (const subject of fields.length > 0 ? subjects : []) {
      next += 1;
      const change = { homeId, revision: next, at, personId: person.id, subject, what, fields };
      await noteChange(inside, change);
    }
    if (next > revision) await setRevision(inside, homeId, next);
    return { revision: next };
  });

/** Which fields differ. */
export const differing = (before: object, after: object): string[] =>
  Object.entries(after)
    .filter(
      ([key, value]) =>
        JSON.stringify((before as Record<string, unknown>)[key] ?? null) !==
        JSON.stringify(value ?? null),
    )
    .map(([key]) => key);
