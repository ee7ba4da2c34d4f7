import type { FollowUp, NewMishap, RecordRow } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { homeById } from '../homes/service.ts';
import type { Person } from '../people/service.ts';
import { appendAlone, asRecord, factById, findRecords } from '../records/service.ts';

/** Phones and desks disagree by a little; more than this ahead is a slip of the pen. */
const AHEAD_MS = 120_000;

export const logMishap = async (
  context: Context,
  { kind, homeId, at, ...body }: NewMishap,
  person: Person,
): Promise<RecordRow> => {
  if (at > context.now() + AHEAD_MS) throw problems.badRequest([{ path: 'at', code: 'in-future' }]);
  const home = homeId === null ? null : await homeById(context, homeId);
  if (homeId !== null && !home) throw problems.notFound('home');
  return asRecord(
    await appendAlone(context, { kind, factId: context.newId(), at, home, person, body }),
  );
};

const SHOWN = 500;
export const mishapKinds = ['near-miss', 'incident', 'follow-up'] as const;

/** Near misses and incidents with what followed from them, newest first. */
export const mishaps = async (context: Context): Promise<RecordRow[]> => {
  const found = await Promise.all(
    mishapKinds.map((kind) => findRecords(context, { kind, limit: SHOWN })),
  );
  return found.flatMap(({ rows }) => rows).sort((a, b) => b.at - a.at || b.seq - a.seq);
};

/**
 * What follows from a near miss or an incident: a fact of its own, since what is written is never
 * changed.
 */
export const followUp = async (
  context: Context,
  of: string,
  body: FollowUp,
  person: Person,
): Promise<RecordRow> => {
  const fact = await factById(context, of);
  if (fact?.kind !== 'near-miss' && fact?.kind !== 'incident') throw problems.notFound('mishap');
  const home = fact.homeId && fact.homeName ? { id: fact.homeId, name: fact.homeName } : null;
  return asRecord(
    await appendAlone(context, {
      kind: 'follow-up',
      factId: context.newId(),
      at: context.now(),
      home,
      person,
      body: { of, ...body },
    }),
  );
};
