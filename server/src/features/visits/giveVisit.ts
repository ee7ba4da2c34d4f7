import type { Body, VisitPlanRow } from '@zymostat/contract';
import {
  boundOf,
  checkPlan,
  doneAt,
  visitProblem,
  type Breach,
  type VisitProblem,
} from '@zymostat/core';
import { duration, tellBreach, type Words } from '@zymostat/words';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { homeById } from '../homes/service.ts';
import { theTeam, type Person } from '../people/service.ts';
import { newestVersion, versionById } from '../protocols/service.ts';
import { holdsOf } from '../rounds/startRound.ts';
import { tookOf } from '../rounds/tookOf.ts';
import { keepVisit } from './keepVisit.ts';
import { asRow } from './service.ts';
import { whereIn } from './whereIn.ts';
import * as store from './store.ts';

type Asked = Body<'giveVisit'>;

type Version = Awaited<ReturnType<typeof versionById>>;

/** The problem as the server sees it: by the version as approved, not by what a page has sent. */
const problemOf = async (
  context: Context,
  version: Version,
  { team, rooms }: Asked,
): Promise<VisitProblem> =>
  visitProblem({
    ...rooms,
    rooms: version.protocol.rooms,
    holds: await holdsOf(context, version),
    took: await tookOf(context, version.homeId),
    team,
  });

const refusal = (breach: Breach, version: Version, team: ReadonlyMap<string, string>) => {
  const where = whereIn(version);
  const breaks = (words: Words) =>
    tellBreach(words, breach, {
      treatment: (id) => where(id).surface,
      cleaner: (id) => team.get(id) ?? id,
      span: (seconds) => duration(words, seconds),
    });
  return problems.conflict('visit-breaks', (words) => ({ breaks: breaks(words) }));
};

const versionFor = async (inside: Context, homeId: string, versionId: string): Promise<Version> => {
  const home = await homeById(inside, homeId);
  if (!home) throw problems.notFound('home');
  if (home.archivedAt) throw problems.conflict('home-archived', { home: home.name });
  const newest = await newestVersion(inside, homeId);
  if (!newest) throw problems.conflict('no-protocol', { home: home.name });
  if (newest.id !== versionId)
    throw problems.conflict('visit-old-version', { number: newest.number });
  return versionById(inside, versionId);
};

const give = async (
  inside: Context,
  homeId: string,
  asked: Asked,
  person: Person,
): Promise<store.VisitRecord> => {
  const version = await versionFor(inside, homeId, asked.versionId);
  const team = new Map((await theTeam(inside)).map(({ id, name }) => [id, name]));
  if (asked.team.some(({ id }) => !team.has(id))) throw problems.conflict('visit-nobody');
  const problem = await problemOf(inside, version, asked);
  const [breach] = checkPlan(problem, asked.steps);
  if (breach) throw refusal(breach, version, team);
  const before = await store.newestVisit(inside, homeId);
  const done = doneAt(problem, asked.steps);
  const planned = {
    id: asked.id,
    startsAt: new Date(asked.startsAt),
    problem,
    setting: asked.rooms,
    steps: asked.steps,
    done,
    lowerBound: boundOf(problem, done),
    sequence: before ? before.sequence + 1 : 0,
    roundId: null,
  };
  return keepVisit(inside, planned, version, person);
};

/**
 * Gives a visit's plan to those who work it, or refuses it with the rule that it breaks. One that is
 * there already stays; a later one of the same home counts instead of it.
 */
export const giveVisit = (
  context: Context,
  homeId: string,
  asked: Asked,
  person: Person,
): Promise<VisitPlanRow> =>
  within(context, async (inside) => {
    const known = await store.visitById(inside, asked.id);
    if (known && known.homeId !== homeId) throw problems.conflict('id-taken');
    return asRow(inside, known ?? (await give(inside, homeId, asked, person)));
  });
