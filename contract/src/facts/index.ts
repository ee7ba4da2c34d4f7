import * as v from 'valibot';
import type { Thing } from '../things.ts';
import { airMeasured } from './airMeasured.ts';
import { approval } from './approval.ts';
import { bath } from './bath.ts';
import { batch } from './batch.ts';
import { bookRead } from './bookRead.ts';
import { bottle } from './bottle.ts';
import { check } from './check.ts';
import { cloths } from './cloths.ts';
import { visit } from './visit.ts';
import { hoursSaid, roadsSaid, weekPlanned } from './week.ts';
import { companyWays } from './companyWays.ts';
import { companyNumbers } from './companyNumbers.ts';
import { correction } from './correction.ts';
import { dryingTaken } from './dryingTaken.ts';
import { followUp } from './followUp.ts';
import { houseRules } from './houseRules.ts';
import { incident } from './incident.ts';
import { invitation } from './invitation.ts';
import { lateEvent } from './lateEvent.ts';
import { nearMiss } from './nearMiss.ts';
import {
  companySetUp,
  nameChanged,
  passwordChanged,
  personAdded,
  personLeft,
  roleChanged,
  sessionEnded,
  signedIn,
} from './people.ts';
import { refusal } from './refusal.ts';
import { reportMade } from './reportMade.ts';
import { roundFinished } from './roundFinished.ts';
import { roundJoined } from './roundJoined.ts';
import { roundStarted } from './roundStarted.ts';
import { ruleAdded } from './ruleAdded.ts';
import { ruleWithdrawn } from './ruleWithdrawn.ts';
import { sourceChecked } from './sourceChecked.ts';
import { stockRead, stockReceived, stockTold } from './stock.ts';
import { surfaceEvent } from './surfaceEvent.ts';
import { jar } from './jar.ts';
import { layTime } from './layTime.ts';
import { wetTime } from './wetTime.ts';

/** Every kind of fact that the ledger holds, in the order that people look for them. */
const facts = [
  approval,
  stockReceived,
  stockTold,
  stockRead,
  batch,
  check,
  bottle,
  jar,
  bath,
  cloths,
  visit,
  weekPlanned,
  hoursSaid,
  roadsSaid,
  roundStarted,
  roundJoined,
  airMeasured,
  surfaceEvent,
  wetTime,
  layTime,
  lateEvent,
  correction,
  refusal,
  roundFinished,
  reportMade,
  dryingTaken,
  houseRules,
  companyNumbers,
  companyWays,
  nearMiss,
  incident,
  followUp,
  ruleAdded,
  ruleWithdrawn,
  bookRead,
  sourceChecked,
  companySetUp,
  invitation,
  personAdded,
  nameChanged,
  roleChanged,
  personLeft,
  signedIn,
  sessionEnded,
  passwordChanged,
] as const;

type Facts = typeof facts;
type RowsOf<F extends readonly { row: unknown }[]> = { -readonly [I in keyof F]: F[I]['row'] };
type KindsOf<F extends readonly { kind: unknown }[]> = { -readonly [I in keyof F]: F[I]['kind'] };

/**
 * A row of the ledger. What happened is in `body`, by `kind`; `hash` covers the row and the hash
 * before it.
 */
export const record = v.variant('kind', facts.map(({ row }) => row) as unknown as RowsOf<Facts>);
export type RecordRow = v.InferOutput<typeof record>;
export type RecordKind = RecordRow['kind'];
/** The body of one kind of fact. */
export type FactBody<K extends RecordKind> = Extract<RecordRow, { kind: K }>['body'];

export const recordKinds = facts.map(({ kind }) => kind) as unknown as KindsOf<Facts>;

const touchedBy = new Map<string, readonly Thing[]>(
  facts.map(({ kind, touches }) => [kind, touches]),
);
/** What of the page is to be fetched anew after a fact: nothing for a kind that nobody knows. */
export const thingsTouchedBy = (kind: string): readonly Thing[] => touchedBy.get(kind) ?? [];
