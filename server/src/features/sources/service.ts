import type { Answer, Body } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import type { Person } from '../people/service.ts';
import { appendAlone, findRecords } from '../records/service.ts';

const MOST = 500;

/**
 * Which sources were compared with the figures entered from them, the newest first: facts of the
 * ledger.
 */
export const checkedSources = async (context: Context): Promise<Answer<'sources'>> => {
  const { rows } = await findRecords(context, { kind: 'source-checked', limit: MOST });
  return rows.flatMap((row) =>
    row.kind === 'source-checked'
      ? [{ source: row.body.source, by: row.person, at: row.at, note: row.body.note }]
      : [],
  );
};

/** Writes down that a supervisor has compared a source with its figures. It changes no figure. */
export const checkSource = async (
  context: Context,
  body: Body<'checkSource'>,
  person: Person,
): Promise<null> => {
  await appendAlone(context, {
    kind: 'source-checked',
    factId: context.newId(),
    at: context.now(),
    home: null,
    person,
    body,
  });
  return null;
};
