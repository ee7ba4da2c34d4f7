import type { HomeDetail } from '@zymostat/contract';
import { checkPlan, doneAt, type FoundPlan, type NoFit, type PlanStep } from '@zymostat/core';
import { tellNoFit } from '@zymostat/words';
import { useState } from 'react';
import { Verdict, Waiting, WentWrong } from '../../ui/parts.tsx';
import { Segments } from '../../ui/form/Choice.tsx';
import { timeOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { HomeHead } from '../homes/HomeHead.tsx';
import { Chart } from './Chart.tsx';
import { FromFile } from './FromFile.tsx';
import { Give } from './Give.tsx';
import { Lasts } from './Lasts.tsx';
import { Legend } from './Legend.tsx';
import { Moved } from './Moved.tsx';
import { OtherNumbers } from './OtherNumbers.tsx';
import { OtherSolutions } from './OtherSolutions.tsx';
import { Papers } from './Papers.tsx';
import type { ChartRow } from './chartRows.ts';
import { StepList } from './StepList.tsx';
import { Settings } from './Settings.tsx';
import { useChart } from './useChart.ts';
import { useMoves, type Moves } from './useMoves.ts';
import { usePlanner, type Planner } from './usePlanner.ts';
import { headline, whyOf } from './visitSays.ts';
import { useVisit, type Visit } from './useVisit.ts';

interface Shown {
  visit: Visit;
  planner: Planner;
  moves: Moves;
}

const NoPlan = ({ visit, because }: { visit: Visit; because: NoFit[] }) => (
  <Verdict
    say={w.name('visitPlan', 'impossible')}
    why={because.map((one) => tellNoFit(w, one, { treatment: visit.surfaceName })).join(' ')}
  />
);

interface PlanProps {
  home: HomeDetail;
  shown: Shown;
  steps: PlanStep[];
}

/** What the plan comes to, and what was moved in it. */
const PlanSays = ({ home, shown, steps }: PlanProps) => {
  const { visit, planner, moves } = shown;
  const done = doneAt(visit.problem!, steps);
  return (
    <>
      {moves.breaches.length > 0 ? (
        <Verdict say={w.name('visitPlan', 'broken')} />
      ) : (
        <Verdict
          say={headline(visit.who.length, done, planner.planned!.inPlace)}
          why={whyOf(steps, done, planner)}
        >
          <Give home={home} visit={visit} steps={steps} />
        </Verdict>
      )}
      <Moved
        moves={moves}
        names={{ treatment: visit.surfaceName, cleaner: visit.nameOf }}
        startsAt={visit.startsAt}
        nearest={planner.nearest}
      />
    </>
  );
};

const PlanChart = ({ home, shown, steps }: PlanProps) => {
  const { visit, planner, moves } = shown;
  const { plan } = planner.planned!;
  const [byPerson, setByPerson] = useState<'rooms' | 'people'>('rooms');
  const done = doneAt(visit.problem!, steps);
  const bound = plan.outcome === 'plan' ? plan.lowerBound : 0;
  const chart = useChart(visit, steps, moves.breaches);
  const [chosen, choose] = useState<ChartRow>();
  return (
    <>
      <div className="visit__chart">
        <Chart
          {...chart}
          done={done}
          bound={bound}
          startsAt={visit.startsAt}
          byPerson={byPerson === 'people'}
          onMove={moves.move}
          onChoose={choose}
        />
        <Legend cleaners={chart.cleaners} />
      </div>
      <div className="visit__below">
        {chosen && <StepList {...chart} {...chosen} name={chosen.name!} onMove={moves.move} />}
        <p className="small soft mb-2">
          {w.say('visitPlan.outBy', { at: timeOf(visit.startsAt + done * 1000) })} ·{' '}
          {w.say('visitPlan.notBefore', { at: timeOf(visit.startsAt + bound * 1000) })}
        </p>
        <Segments
          label={w.name('visitPlan', 'rowsBy')}
          value={byPerson}
          onChange={setByPerson}
          options={[
            { value: 'rooms', name: w.name('visitPlan', 'byRooms') },
            { value: 'people', name: w.name('visitPlan', 'byPeople') },
          ]}
        />
        <OtherNumbers planner={planner} />
        <OtherSolutions home={home} visit={visit} />
        <Papers home={home} visit={visit} />
        <FromFile />
      </div>
    </>
  );
};

const Say = ({ visit, planner }: Pick<Shown, 'visit' | 'planner'>) => {
  const { planned } = planner;
  if (visit.team.length > 0 && visit.who.length === 0)
    return <Verdict say={w.name('visitPlan', 'chooseWho')} />;
  if (!visit.setting) return <Verdict say={w.name('visitPlan', 'settingUnread')} />;
  if (planned?.plan.outcome === 'infeasible')
    return <NoPlan visit={visit} because={planned.plan.because} />;
  if (planned && !planned.searching) return <Verdict say={w.name('visitPlan', 'undecided')} />;
  return <p role="status">{w.name('visitPlan', 'planning')}</p>;
};

/** What was given stays the plan while it fits and nothing better was found. */
const bestKnown = (
  { given, problem, version, who }: Visit,
  plan: FoundPlan | undefined,
): PlanStep[] | undefined => {
  if (!plan || !given || !problem || given.versionId !== version?.id) return plan?.steps;
  const sameTeam = given.people.map(({ id }) => id).join() === who.join();
  const stands =
    sameTeam && given.done <= plan.done && checkPlan(problem, given.steps).length === 0;
  return stands ? given.steps : plan.steps;
};

/** The plan of a home's visit: who does what, when, so that every wet time is met. */
const VisitPage = ({ home }: { home: HomeDetail }) => {
  const visit = useVisit(home);
  const planner = usePlanner(visit.problem, visit.key);
  const { planned } = planner;
  const plan = planned?.plan.outcome === 'plan' ? planned.plan : undefined;
  const moves = useMoves(visit.problem, bestKnown(visit, plan));
  const shown = { visit, planner, moves };
  return (
    <main className="visit">
      <div className="visit__head">
        <HomeHead home={home} tab="visit" />
        {plan && (
          <Lasts
            inPlace={planned!.inPlace}
            done={moves.steps ? doneAt(visit.problem!, moves.steps) : plan.done}
            bound={plan.lowerBound}
          />
        )}
        <WentWrong error={visit.error} />
      </div>
      <div className="visit__say">
        {home.versions.length === 0 && <Verdict say={w.name('visitPlan', 'noVersion')} />}
        {home.versions.length > 0 && !visit.version && (
          <Waiting what={w.name('visitPlan', 'tab')} />
        )}
        {moves.steps && <PlanSays home={home} shown={shown} steps={moves.steps} />}
        {visit.version && !moves.steps && <Say visit={visit} planner={planner} />}
        {visit.version && <Settings visit={visit} />}
      </div>
      {moves.steps && <PlanChart home={home} shown={shown} steps={moves.steps} />}
    </main>
  );
};
export default VisitPage;
