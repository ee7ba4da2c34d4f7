import type { Answer, Body, VisitPlanRow } from '@zymostat/contract';
import { planAhead, type Replanned } from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { onThread } from '../../platform/threads.ts';
import type { PlanAnew } from '../../plannerWorker.ts';
import { personNames, type Person } from '../people/service.ts';
import { versionById } from '../protocols/service.ts';
import { turnToAppend } from '../records/service.ts';
import { clocksIn } from '../rounds/clocks.ts';
import { seenRound, workedRound } from '../rounds/service.ts';
import { keepVisit } from './keepVisit.ts';
import { asRow } from './service.ts';
import * as store from './store.ts';

type RoundAtHome = Awaited<ReturnType<typeof seenRound>>;

/** What a round goes by: as it was planned anew in it, or as it was given, by the same version. */
const planFor = async (context: Context, round: RoundAtHome): Promise<store.VisitRecord | null> => {
  const anew = await store.newestInRound(context, round.id);
  const plan = anew ?? (await store.newestVisit(context, round.homeId));
  return plan?.versionId === round.versionId ? plan : null;
};

export const planOfRound = async (
  context: Context,
  id: string,
  person: Person,
): Promise<Answer<'roundPlan'>> => {
  const round = await seenRound(context, id, person);
  const [plan, names] = [await planFor(context, round), await personNames(context)];
  return {
    plan: plan && (await asRow(context, plan)),
    people: round.people.map((one) => ({ id: one, name: names.get(one) ?? '' })),
  };
};

/** How the round stands, for the planner. */
const underWay = async (
  context: Context,
  round: RoundAtHome,
  here: string[],
): Promise<{ plan: store.VisitRecord; job: PlanAnew }> => {
  const plan = await planFor(context, round);
  if (!plan) throw problems.notFound('visit');
  const clocks = await clocksIn(context, round);
  const startedAt = round.startedAt.getTime();
  const job = {
    problem: plan.problem,
    steps: plan.steps,
    here,
    startedAt,
    now: Math.ceil((context.now() - startedAt) / 1000),
    told: Object.fromEntries(clocks.map(({ surface, clock }) => [surface.id, clock])),
  };
  return { plan, job };
};

/** The plan that an id stands for already: of this round, or of nothing that it may see. */
const knownIn = async (
  context: Context,
  id: string,
  roundId: string,
): Promise<store.VisitRecord | null> => {
  const known = await store.visitById(context, id);
  if (known && known.roundId !== roundId) throw problems.conflict('id-taken');
  return known;
};

/**
 * Plans the rest of a round anew from what was told until now, for those who go on. Everybody on the
 * round then goes by it; what stood before stays on record. Refused where no plan was found.
 */
export const planAnew = async (
  context: Context,
  roundId: string,
  { id, here }: Body<'planAnew'>,
  person: Person,
): Promise<VisitPlanRow> => {
  const round = await workedRound(context, roundId, person);
  const known = await knownIn(context, id, roundId);
  if (known) return asRow(context, known);
  if (here.some((one) => !round.people.includes(one))) throw problems.conflict('visit-nobody');
  const { plan: before, job } = await underWay(context, round, here);
  const still = planAhead(before.steps, (surface) => job.told[surface]);
  if (still.length === 0) throw problems.conflict('nothing-to-plan');
  const found = await onThread<Replanned | null>('plannerWorker', 'planAnew', job);
  if (!found) throw problems.conflict('no-plan-anew');
  // Nothing is proven of a visit that is under way.
  const { setting } = before;
  const planned = { id, startsAt: round.startedAt, ...found, setting, lowerBound: 0, roundId };
  return within(context, async (inside) => {
    await turnToAppend(inside);
    await workedRound(inside, roundId, person);
    const again = await knownIn(inside, id, roundId);
    if (again) return asRow(inside, again);
    const version = await versionById(inside, round.versionId);
    const sequence = before.sequence + 1;
    return asRow(inside, await keepVisit(inside, { ...planned, sequence }, version, person));
  });
};
