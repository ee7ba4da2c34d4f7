import type { Round } from '@zymostat/contract';
import { behindPlan, planAhead, surfaceIdOf, type PlanStep } from '@zymostat/core';
import { duration } from '@zymostat/words';
import { timeOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { listOf } from '../../words/list.ts';
import { useRoundPlanQuery, useVisitOfQuery } from './api.ts';
import { PlanAnew } from './PlanAnew.tsx';
import type { RoundWork } from './useRoundWork.ts';

/** Behind by less than this a plan is kept, s. */
const LATE = 60;

/** The next step of each who works by the plan, soonest first. */
const nextOfEach = (ahead: readonly PlanStep[]): PlanStep[] => {
  const seen = new Set<string>();
  return ahead.filter(({ cleaner }) => !seen.has(cleaner) && seen.add(cleaner));
};

interface Props extends Pick<RoundWork, 'stops' | 'now'> {
  round: Round;
}

/**
 * The plan that the round goes by, what of it is still to be done, and how far behind it is. Of a
 * round that the server does not know yet, the plan that was given for the home.
 */
const usePlan = ({ round, stops, now }: Props) => {
  const { data: own } = useRoundPlanQuery(round.id);
  const { data: given } = useVisitOfQuery(round.homeId, { skip: own !== undefined });
  const plan = own ? own.plan : given;
  if (!plan || plan.versionId !== round.version.id) return null;
  const clockOf = (id: string) => stops.find(({ surface }) => surface.id === id)?.clock;
  const ahead = planAhead(plan.steps, clockOf);
  const late = behindPlan(ahead, (now - round.startedAt) / 1000);
  return { plan, people: own?.people, ahead, late };
};

const namesOf = (people: readonly { name: string }[]): string =>
  listOf(people.map(({ name }) => name));

const same = (a: readonly { id: string }[], b: readonly { id: string }[]): boolean =>
  a.length === b.length && a.every(({ id }) => b.some((one) => one.id === id));

/** What comes next by the plan that was given for this visit, and who does it when. */
export const ByPlan = (props: Props) => {
  const { round, stops } = props;
  const known = usePlan(props);
  if (!known || known.ahead.length === 0) return null;
  const { plan, people, ahead, late } = known;
  const nameOf = (id: string) =>
    stops.find(({ surface }) => surface.id === surfaceIdOf(id))?.surface.name ?? '';
  const others = people !== undefined && !same(plan.people, people);
  const { givenBy: by, givenAt } = plan;
  return (
    <>
      <h2>{w.name('round', 'byThePlan')}</h2>
      {plan.roundId !== null && (
        <p role="status" className="soft">
          {w.say('round.plannedAnew', { by, at: timeOf(givenAt), people: namesOf(plan.people) })}
        </p>
      )}
      <ul className="mb-3">
        {nextOfEach(ahead).map((step) => (
          <li key={step.cleaner}>
            {w.say('round.planNext', {
              who: plan.people.find(({ id }) => id === step.cleaner)?.name ?? '',
              what: nameOf(step.treatment),
              kind: step.kind,
              at: timeOf(round.startedAt + step.start * 1000),
            })}
          </li>
        ))}
      </ul>
      {late > LATE && (
        <p className="soft mb-2">
          {w.say('round.behindPlan', { time: duration(w, Math.round(late)) })}
        </p>
      )}
      {others && (
        <p className="soft mb-2">
          {w.say('round.otherPeople', { planned: namesOf(plan.people), here: namesOf(people) })}
        </p>
      )}
      {people && round.joined && (late > LATE || others) && (
        <PlanAnew roundId={round.id} people={people} />
      )}
    </>
  );
};
