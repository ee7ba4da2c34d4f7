import type { Problem, Revised } from '@zymostat/contract';
import { within, type Context } from '../../context.ts';
import { prepared } from '../../database/prepared.ts';
import { problems } from '../../http/problems.ts';
import type { Person } from '../people/service.ts';

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

export type Changed = NonNullable<Problem['changes']>[number];

/** No revision was looked at: for what is made by the server itself. */
export const UNSEEN = Infinity;

const hold = prepared<{ revision: number }>(
  'hold home',
  'SELECT revision FROM home WHERE id = $1 FOR UPDATE',
);
const since = prepared<Changed & { subjectId: string }>(
  'changes since',
  `
  SELECT person.name AS by, (extract(epoch FROM at) * 1000)::float8 AS at, subject, what, fields, subject_id AS "subjectId"
  FROM home_change JOIN person ON person.id = person_id WHERE home_id = $1 AND revision > $2 ORDER BY revision DESC LIMIT 200`,
);
const note = prepared<never>(
  'note change',
  `
  INSERT INTO home_change (home_id, revision, at, person_id, subject_id, subject, what, fields) VALUES ($1, $2, $3, $4, $5, $6, $7, $8)`,
);
const count = prepared<never>('count change', 'UPDATE home SET revision = $2 WHERE id = $1');

/** Who makes a change, and which revision of the home they had seen. */
export interface Doer {
  person: Person;
  seen: number;
}

/** Holds a home for the rest of the transaction and gives its revision. */
export const holdHome = async ({ db }: Context, homeId: string): Promise<number> => {
  const [found] = await hold(db, [homeId]);
  if (!found) throw problems.notFound('home');
  return found.revision;
};

const changesSince = async ({ db }: Context, homeId: string, seen: number) =>
  seen === UNSEEN ? [] : since(db, [homeId, Math.trunc(seen)]);

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
    for (const { id, name } of fields.length > 0 ? subjects : []) {
      next += 1;
      await note(inside.db, [
        homeId,
        next,
        new Date(inside.now()),
        person.id,
        id,
        name,
        what,
        JSON.stringify(fields),
      ]);
    }
    if (next > revision) await count(inside.db, [homeId, next]);
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
