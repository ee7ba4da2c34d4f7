import type { KeyObject } from 'node:crypto';
import type { Body, SignedReport } from '@zymostat/contract';
import { visitReport, type ReportRoom } from '@zymostat/core';
import type { Context } from '../../platform/context.ts';
import { within } from '../../platform/context.ts';
import { publicAddress } from '../../platform/config.ts';
import { publicTextOf } from '../../platform/keys.ts';
import { layOut } from '../../platform/pdfPool.ts';
import { sha256 } from '../../platform/sha256.ts';
import { batchById } from '../batches/service.ts';
import { theCompany, type Person } from '../people/service.ts';
import { append, factsOfRounds, headOfChain, turnToAppend } from '../records/service.ts';
import { roundById } from '../rounds/service.ts';
import type { ReportBatch, ReportSays } from './reportSays.ts';
import { codeOf, signReport } from './sign.ts';
import { addReport, reportByCode } from './store.ts';

const batchesOf = async (context: Context, ids: readonly string[]): Promise<ReportBatch[]> => {
  const batches = await Promise.all([...new Set(ids)].map((id) => batchById(context, id)));
  return batches.map(({ code, active, strength, measured, status, madeAt, madeBy }) => ({
    code,
    active,
    strength,
    measured,
    verified: status === 'verified',
    madeAt,
    madeBy,
  }));
};

const linesSigned = (rooms: readonly ReportRoom[]): SignedReport['lines'] =>
  rooms.flatMap(({ lines }) =>
    lines.map(({ surface, use, required, held, came }) => ({
      surface,
      strength: use?.strength ?? null,
      required,
      held,
      came,
    })),
  );

/** What a visit came to, by what stands on record now. */
const gather = async (context: Context, roundId: string, person: Person) => {
  const round = await roundById(context, roundId, person);
  const rooms = visitReport(round.version.protocol.rooms, round.events, round.holds);
  const facts = await factsOfRounds(context, [roundId]);
  const used = round.events.flatMap(({ batchId }) => batchId ?? []);
  return {
    round,
    rooms,
    rows: facts.map(({ seq, hash }) => ({ seq: Number(seq), hash })),
    corrections: facts.filter(({ kind }) => kind === 'correction').length,
    batches: await batchesOf(context, used),
  };
};

/**
 * Two at a time: there are two threads, and whoever makes many reports makes them of a whole week.
 */
const laneOf = ({ id }: Person, code: string): string => `${id} ${code.charCodeAt(0) % 2}`;

/**
 * Makes the report of a visit, signs over the rows that it rests on and the head of the record, and
 * keeps the file as the client gets it. That it was made is on record.
 */
export const makeReport = async (
  context: Context,
  { roundId, id, language, paper, zone }: { roundId: string } & Body<'makeReport'>,
  { person, key }: { person: Person; key: KeyObject },
): Promise<{ code: string }> => {
  const code = codeOf(id, key);
  // Sent twice, it is the same report.
  if (await reportByCode(context, code)) return { code };
  const { round, rooms, rows, corrections, batches } = await gather(context, roundId, person);
  const company = await theCompany(context);
  const at = context.now();
  const head = await headOfChain(context);
  const report: SignedReport = {
    format: 'zymostat.report/1',
    code,
    company: company.name,
    roundId,
    at,
    rows,
    head: { seq: head.seq, hash: head.hash },
    lines: linesSigned(rooms),
    key: publicTextOf(key),
  };
  const { text, signature } = signReport(report, key);
  const says: ReportSays = {
    company,
    homeName: round.homeName,
    place: round.place,
    by: round.by,
    startedAt: round.startedAt,
    finishedAt: round.finishedAt,
    zone,
    rooms,
    batches,
    corrections,
    proof: {
      code,
      at,
      rows: { count: rows.length, from: rows[0]?.seq ?? 0, to: rows.at(-1)?.seq ?? 0 },
      head: head.hash,
      signature,
      address: `${publicAddress()}/check`,
    },
    attached: { report: text, signature, key: report.key },
  };
  const pdf = await layOut(laneOf(person, code), 'report', { language, asked: [says, paper] });
  await within(context, async (inside) => {
    await turnToAppend(inside);
    await addReport(inside, { code, roundId, madeAt: new Date(at), signed: text, signature, pdf });
    await append(inside, {
      kind: 'report-made',
      factId: inside.newId(),
      at,
      home: { id: round.homeId, name: round.homeName },
      person,
      body: { roundId, code, rows: rows.length, file: sha256(pdf) },
    });
  });
  return { code };
};
