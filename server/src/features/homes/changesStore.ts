import type { Problem } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { prepared } from '../../platform/database/prepared.ts';

export type Changed = NonNullable<Problem['changes']>[number];

/** One change of a home as it is kept: the revision it made, and what it touched. */
export interface ChangeRow {
  homeId: string;
  revision: number;
  at: Date;
  personId: string;
  subject: { id: string; name: string };
  what: string;
  fields: readonly string[];
}

const hold = prepared<{ revision: number }>(
  'hold home',
  'SELECT revision FROM home WHERE id = $1 FOR UPDATE',
);
/** Holds a home for the rest of the transaction; its revision, where there is such a home. */
export const holdRevision = async ({ db }: Context, homeId: string): Promise<number | undefined> =>
  (await hold(db, [homeId]))[0]?.revision;

const since = prepared<Changed & { subjectId: string }>(
  'changes since',
  `
  SELECT person_name.name AS by, (extract(epoch FROM at) * 1000)::float8 AS at, subject, what, fields, subject_id AS "subjectId"
  FROM home_change JOIN person_name ON person_name.id = person_id WHERE home_id = $1 AND revision > $2 ORDER BY revision DESC LIMIT 200`,
);
export const changesAfter = (
  { db }: Context,
  homeId: string,
  revision: number,
): Promise<(Changed & { subjectId: string })[]> => since(db, [homeId, revision]);

const note = prepared<never>(
  'note change',
  `
  INSERT INTO home_change (home_id, revision, at, person_id, subject_id, subject, what, fields) VALUES ($1, $2, $3, $4, $5, $6, $7, $8)`,
);
export const noteChange = async (
  { db }: Context,
  { homeId, revision, at, personId, subject, what, fields }: ChangeRow,
): Promise<void> => {
  const { id, name } = subject;
  await note(db, [homeId, revision, at, personId, id, name, what, JSON.stringify(fields)]);
};

const count = prepared<never>('count change', 'UPDATE home SET revision = $2 WHERE id = $1');
export const setRevision = async (
  { db }: Context,
  homeId: string,
  revision: number,
): Promise<void> => void (await count(db, [homeId, revision]));
