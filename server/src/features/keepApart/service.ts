import type { NewMishap, RecordRow } from '@zymostat/contract';
import type { Context } from '../../context.ts';
import { problems } from '../../http/problems.ts';
import { homeById } from '../homes/service.ts';
import type { Person } from '../people/service.ts';
import { appendAlone, asRecord, findRecords } from '../records/service.ts';

/** Phones and desks disagree by a little; more than this ahead is a slip of the pen. */
const AHEAD_MS = 120_000;

export const logMishap = async (context: Context, { kind, homeId, at, ...body }: NewMishap, person: Person): Promise<RecordRow> => {
  if (at > context.now() + AHEAD_MS) throw problems.badRequest([{ path: 'at', message: 'A time in the future was given; only what has happened can be logged.' }]);
  const home = homeId === null ? null : await homeById(context, homeId);
  if (homeId !== null && !home) throw problems.notFound('that home');
  return asRecord(await appendAlone(context, { kind, factId: context.newId(), at, home, person, body }));
};

const SHOWN = 50;

export const mishaps = async (context: Context): Promise<RecordRow[]> => {
  const [nearMisses, incidents] = await Promise.all(
    (['near-miss', 'incident'] as const).map((kind) => findRecords(context, { kind, limit: SHOWN })),
  );
  return [...nearMisses!.rows, ...incidents!.rows].sort((a, b) => b.at - a.at).slice(0, SHOWN);
};
