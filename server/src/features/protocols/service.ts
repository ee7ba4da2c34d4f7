import { setImmediate } from 'node:timers/promises';
import { isDeepStrictEqual } from 'node:util';
import type {
  Answer,
  Body,
  HomeDetail,
  Protocol,
  Revised,
  RuleEffects,
  Version,
} from '@zymostat/contract';
import {
  buildProtocol,
  enforce,
  houseQuestions,
  judgeSurfaces,
  reviewOf,
  type HouseRules,
  type Objection,
  type Reason,
} from '@zymostat/core';
import { LRUCache } from 'lru-cache';
import { within, type Context } from '../../context.ts';
import { prepared } from '../../database/prepared.ts';
import { problems } from '../../http/problems.ts';
import { stocksAtHand } from '../bench/service.ts';
import { refuseUnseen, type Doer } from '../homes/changes.ts';
import { allHomes, allSurveys, editHome, type Survey } from '../homes/service.ts';
import { theBook } from '../keepApart/book.ts';
import { changeHouseRules, type Person } from '../people/service.ts';
import { append, appendAlone } from '../records/service.ts';
import { VersionEntity, type VersionRow } from './entities.ts';
import { homeAsItStands, type Head } from './homeAsItStands.ts';

const protocolOf = (survey: Survey, rooms: Protocol['rooms']): Protocol => ({
  homeName: survey.name,
  place: survey.place,
  situations: survey.situations,
  rooms,
});

/**
 * Reasons are told anew with every estimate: what a person does is what counts for whether a
 * protocol has changed.
 */
const withoutEstimates = ({ rooms, ...rest }: Protocol) => ({
  ...rest,
  rooms: rooms.map((room) => ({
    ...room,
    surfaces: room.surfaces.map(({ reasons: _, ...surface }) => surface),
  })),
});

const headOf = ({ id, number, approvedAt }: VersionRow, approvedBy: string): Head => ({
  id,
  number,
  approvedAt: approvedAt.getTime(),
  approvedBy,
});

type Found = VersionRow & { person: string };
const FOUND =
  'SELECT v.id, home_id AS "homeId", number, approved_at AS "approvedAt", approved_by AS "approvedBy", person.name AS person';

const findVersion = prepared<Found>(
  'version',
  `${FOUND}, protocol FROM protocol_version v JOIN person ON person.id = approved_by WHERE v.id = $1`,
);

export const newestVersion = async (
  { db }: Context,
  homeId: string,
): Promise<VersionRow | undefined> =>
  (
    await db
      .getRepository(VersionEntity)
      .find({ where: { homeId }, order: { number: 'DESC' }, take: 1 })
  )[0];

const surfacesOf = ({ protocol }: Version): number =>
  protocol.rooms.reduce((sum, room) => sum + room.surfaces.length, 1);

/**
 * Versions that were asked for: they never change, and every event of a round asks for one. At most
 * some 60 MB.
 */
const known = new LRUCache<string, Version>({ maxSize: 60_000, sizeCalculation: surfacesOf });

export const versionById = async ({ db }: Context, id: string): Promise<Version> => {
  const before = known.get(id);
  if (before) return before;
  const [row] = await findVersion(db, [id]);
  if (!row) throw problems.notFound('version');
  const version = { ...headOf(row, row.person), homeId: row.homeId, protocol: row.protocol };
  known.set(id, version);
  return version;
};

/** Homes that can be worked in: those with an approved protocol. */
export const approvedHomes = async (context: Context): Promise<Answer<'roundHomes'>> => {
  const rows: { home_id: string }[] = await context.db.query(
    'SELECT DISTINCT home_id FROM protocol_version',
  );
  const approved = new Set(rows.map((row) => row.home_id));
  return (await allHomes(context))
    .filter((home) => approved.has(home.id))
    .map(({ id, name, place }) => ({ id, name, place }));
};

/** A home as it stands, with its versions and whether it has changed since the last of them. */
export const homeDetail = async (context: Context, homeId: string): Promise<HomeDetail> => {
  const { survey, versions, newest, stocks, houseRules, book } = await homeAsItStands(
    context,
    homeId,
  );
  const asItStands = protocolOf(
    survey,
    buildProtocol(survey, stocks, { rules: houseRules, now: context.now(), book }),
  );
  return {
    ...survey,
    versions,
    changedSinceApproval:
      newest === null || !isDeepStrictEqual(withoutEstimates(newest), withoutEstimates(asItStands)),
    flags: newest
      ? reviewOf(newest.rooms, survey, stocks, { rules: houseRules, now: context.now(), book })
      : [],
  };
};

/**
 * What a change of house rules would make untrue, home by home; homes where nothing changes are
 * left out.
 */
export const ruleEffects = async (
  context: Context,
  houseRules: HouseRules,
): Promise<RuleEffects> => {
  const [surveys, stocks, book] = await Promise.all([
    allSurveys(context),
    stocksAtHand(context),
    theBook(context),
  ]);
  const rows: { homeId: string; protocol: Protocol }[] = await context.db.query(
    'SELECT DISTINCT ON (home_id) home_id AS "homeId", protocol FROM protocol_version ORDER BY home_id, number DESC',
  );
  const approved = new Map(rows.map(({ homeId, protocol }) => [homeId, protocol]));
  const effects: RuleEffects = [];
  for (const survey of surveys) {
    const newest = approved.get(survey.id);
    if (!newest) continue;
    // Others are answered between two homes: judging all of them at once would hold everybody up.
    await setImmediate();
    const flags = reviewOf(newest.rooms, survey, stocks, {
      rules: houseRules,
      now: context.now(),
      book,
    });
    if (flags.length > 0) effects.push({ homeId: survey.id, homeName: survey.name, flags });
  }
  return effects;
};

/**
 * Changes the house rules, and says what they make untrue. No approved protocol changes by it; the
 * change is on the ledger.
 */
export const setHouseRules = async (
  context: Context,
  houseRules: HouseRules,
  person: Person,
): Promise<RuleEffects> => {
  const effects = await ruleEffects(context, houseRules);
  await within(context, async (inside) => {
    const before = await changeHouseRules(inside, houseRules);
    const changes = houseQuestions
      .filter((question) => before[question] !== houseRules[question])
      .map((question) => ({ question, from: before[question], to: houseRules[question] }));
    if (changes.length === 0) return;
    const flagged = effects.reduce((sum, { flags }) => sum + flags.length, 0);
    await append(inside, {
      kind: 'house-rules',
      factId: inside.newId(),
      at: inside.now(),
      home: null,
      person,
      body: { changes, flagged },
    });
  });
  return effects;
};

const objectionsInFull = (survey: Survey, objections: Objection[]) =>
  survey.rooms.flatMap((room) =>
    room.surfaces.flatMap((surface) => {
      const objection = objections.find((one) => one.surfaceId === surface.id);
      return objection ? [{ ...objection, surfaceName: surface.name, roomName: room.name }] : [];
    }),
  );

const addVersion = prepared(
  'add version',
  'INSERT INTO protocol_version (id, home_id, number, approved_at, approved_by, protocol) VALUES ($1, $2, $3, $4, $5, $6)',
);

/** Writes a version and the approval of it. */
const writeVersion = async (
  inside: Context,
  survey: Survey,
  row: VersionRow,
  person: Person,
): Promise<void> => {
  const { id, homeId, number, approvedAt, approvedBy, protocol } = row;
  const values = [id, homeId, number, approvedAt, approvedBy, JSON.stringify(protocol)];
  await addVersion(inside.db, values);
  const surfaces = protocol.rooms.flatMap((room) => room.surfaces);
  const accepted = surfaces.filter((surface) => surface.accepted).length;
  await append(inside, {
    kind: 'approval',
    factId: inside.newId(),
    at: inside.now(),
    home: survey,
    person,
    body: { versionId: id, number, surfaces: surfaces.length, accepted },
  });
};

/** Puts on record that something of a home was refused, at which surfaces and why. */
const recordRefusal = async (
  context: Context,
  what: 'protocol' | 'survey',
  { survey, objections }: { survey: Survey; objections: ReturnType<typeof objectionsInFull> },
  person: Person,
): Promise<Reason[]> => {
  const reasons = objections.flatMap((objection) => objection.reasons);
  const detail = objections
    .map(({ roomName, surfaceName }) => `${roomName}: ${surfaceName}`)
    .join('; ');
  await appendAlone(context, {
    kind: 'refusal',
    factId: context.newId(),
    at: context.now(),
    home: survey,
    person,
    body: { what, detail, reasons },
  });
  return reasons;
};

type Approved = { row: VersionRow } | { survey: Survey; objections: Objection[] };

/** Judges a home as it stands, and writes it as a version where nothing stands against it. */
const approveInside = async (
  inside: Context,
  homeId: string,
  seen: number,
  person: Person,
): Promise<Approved> => {
  await refuseUnseen(inside, homeId, seen);
  const { survey, stocks, houseRules, versions, book } = await homeAsItStands(inside, homeId);
  if (survey.rooms.every((room) => room.surfaces.length === 0))
    throw problems.conflict('nothing-surveyed');
  const by = { rules: houseRules, now: inside.now(), book };
  const judged = judgeSurfaces(survey, stocks, by);
  const objections = enforce(survey, stocks, by, judged);
  if (objections.length > 0) return { survey, objections };
  const row: VersionRow = {
    id: inside.newId(),
    homeId,
    number: (versions[0]?.number ?? 0) + 1,
    approvedAt: new Date(by.now),
    approvedBy: person.id,
    protocol: protocolOf(survey, buildProtocol(survey, stocks, by, judged)),
  };
  await writeVersion(inside, survey, row, person);
  return { row };
};

/**
 * Approves what is set as a new version, or refuses with every objection. The same `enforce` as in
 * the page decides, here for good. A refusal is written to the ledger too.
 */
export const approve = async (
  context: Context,
  homeId: string,
  seen: number,
  person: Person,
): Promise<Answer<'approve'>> => {
  const done = await within(context, (inside) => approveInside(inside, homeId, seen, person));
  if ('row' in done) return headOf(done.row, person.name);
  const { survey } = done;
  const objections = objectionsInFull(survey, done.objections);
  const reasons = await recordRefusal(context, 'protocol', { survey, objections }, person);
  throw problems.refused(reasons, { objections });
};

/** What the client keeps and what is set for the home do not go together in the toilet's water. */
const bowlObjections = (
  { survey, stocks, houseRules, book }: Awaited<ReturnType<typeof homeAsItStands>>,
  now: number,
): Objection[] =>
  enforce(survey, stocks, { rules: houseRules, now, book }).flatMap((objection) => {
    const reasons = objection.reasons.filter(({ code }) => code === 'meets-in-bowl');
    return reasons.length > 0 ? [{ ...objection, reasons }] : [];
  });

/**
 * Changes a home's survey. What is found there is never refused, being a fact; where it newly bars
 * what is set, that is written down as a combination prevented, and approval and rounds refuse it
 * from now on.
 */
export const surveyHome = async (
  context: Context,
  id: string,
  fields: Body<'editHome'>,
  as: Doer,
): Promise<Revised> => {
  const { now } = context;
  const before = bowlObjections(await homeAsItStands(context, id), now());
  const revised = await editHome(context, id, fields, as);
  const after = await homeAsItStands(context, id);
  const found = bowlObjections(after, now()).filter(({ surfaceId }) =>
    before.every((one) => one.surfaceId !== surfaceId),
  );
  if (found.length === 0) return revised;
  const objections = objectionsInFull(after.survey, found);
  await recordRefusal(context, 'survey', { survey: after.survey, objections }, as.person);
  return revised;
};
