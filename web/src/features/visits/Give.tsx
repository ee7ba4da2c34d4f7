import type { HomeDetail } from '@zymostat/contract';
import { sameSteps, type PlanStep } from '@zymostat/core';
import { v7 } from 'uuid';
import { WentWrong } from '../../ui/parts.tsx';
import { momentOf } from '../../ui/times.ts';
import { listOf } from '../../words/list.ts';
import { w } from '../../words/words.ts';
import { useGiveVisitMutation } from './api.ts';
import type { Visit } from './useVisit.ts';
import { sameSetting } from './visitSettings.ts';

/** Gives the plan to those who go; says what was given before, and whether this is another. */
export const Give = ({
  home,
  visit,
  steps,
}: {
  home: HomeDetail;
  visit: Visit;
  steps: PlanStep[];
}) => {
  const [give, { error, isLoading }] = useGiveVisitMutation();
  const { given, who, startsAt, setting, version } = visit;
  const people = listOf(who.map(visit.nameOf));
  const isGiven =
    given &&
    given.startsAt === startsAt &&
    sameSteps(given.steps, steps) &&
    sameSetting(given.setting, setting!.rooms);
  const send = () => {
    const body = { id: v7(), versionId: version!.id, startsAt, ...setting!, steps };
    void give({ id: home.id, body });
  };
  return (
    <div>
      {!isGiven && (
        <button className="btn btn--main" disabled={isLoading} onClick={send}>
          {w.say('visitPlan.give', { people })}
        </button>
      )}
      {given && (
        <p className="small soft mt-1">
          {w.say('visitPlan.given', {
            people: listOf(given.people.map(({ name }) => name)),
            at: momentOf(given.startsAt),
          })}{' '}
          {!isGiven && w.name('visitPlan', 'givenAgain')}
        </p>
      )}
      <WentWrong error={error} />
    </div>
  );
};
