import type { Answer } from '@zymostat/contract';
import { buildProtocol, enforce, type Objection } from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { refuseUnseen } from '../homes/changes.ts';
import type { Survey } from '../homes/service.ts';
import type { Person } from '../people/service.ts';
import { append } from '../records/service.ts';
import { judgedAsItStands } from './judged.ts';
import { objectionsInFull, recordRefusal } from './refusal.ts';
import { headOf, protocolOf } from './service.ts';
import { addVersion, homeAsItStands, type VersionRow } from './store.ts';

/** Writes a version and the approval of it. */
const writeVersion = async (
  inside: Context,
  survey: Survey,
  row: VersionRow,
  person: Person,
): Promise<void> => {
  const { id, number, protocol } = row;
  await addVersion(inside, row);
  const surfaces = protocol.rooms.flatMap((room) => room.surfaces);
  const accepted = surfaces.filter((surface) => surface.accepted).length;
  await append(inside, {
    kind: 'approval',
    factId: inside.newId(),
    at: inside.now(),
    home: survey,
    person,
    row: { table: 'protocol_version', id },
    body: { versionId: id, number, surfaces: surfaces.length, accepted },
  });
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
  const standing = await homeAsItStands(inside, homeId);
  const { survey, stocks, houseRules, versions, book } = standing;
  if (survey.rooms.every((room) => room.surfaces.length === 0))
    throw problems.conflict('nothing-surveyed');
  const by = { rules: houseRules, now: inside.now(), book };
  const judged = judgedAsItStands(standing, by.now);
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
