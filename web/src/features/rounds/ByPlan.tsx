import type { Round } from '@zymostat/contract';
import { behindPlan, planAhead, surfaceIdOf, type PlanStep } from '@zymostat/core';
import { duration } from '@zymostat/words';
import { timeOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { useVisitOfQuery } from './api.ts';
import type { RoundWork } from './useRoundWork.ts';

/** Behind by less than this a plan is kept, s. */
const LATE = 60;

/** The next step of each who works by the plan, soonest first. */
const nextOfEach = (ahead: readonly PlanStep[]): PlanStep[] => {
  const seen = new Set<string>();
  return ahead.filter(({ cleaner }) => !seen.has(cleaner) && seen.add(cleaner));
};

/** What comes next by the plan that was given for this visit, and who does it when. */
export const ByPlan = ({
  round,
  stops,
  now,
}: Pick<RoundWork, 'stops' | 'now'> & { round: Round }) => {
  const { data: visit } = useVisitOfQuery(round.homeId);
  if (!visit || visit.versionId !== round.version.id) return null;
  const clockOf = (id: string) => stops.find(({ surface }) => surface.id === id)?.clock;
  const nameOf = (id: string) =>
    stops.find(({ surface }) => surface.id === surfaceIdOf(id))?.surface.name ?? '';
  const ahead = planAhead(visit.steps, clockOf);
  const late = behindPlan(ahead, (now - round.startedAt) / 1000);
  if (ahead.length === 0) return null;
  return (
    <>
      <h2>{w.name('round', 'byThePlan')}</h2>
      <ul className="mb-3">
        {nextOfEach(ahead).map((step) => (
          <li key={step.cleaner}>
            {w.say('round.planNext', {
              who: visit.people.find(({ id }) => id === step.cleaner)?.name ?? '',
              what: nameOf(step.treatment),
              kind: step.kind,
              at: timeOf(round.startedAt + step.start * 1000),
            })}
          </li>
        ))}
      </ul>
      {late > LATE && (
        <p className="soft mb-3">
          {w.say('round.behindPlan', { time: duration(w, Math.round(late)) })}
        </p>
      )}
    </>
  );
};
