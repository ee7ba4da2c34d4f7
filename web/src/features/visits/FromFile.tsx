import { paidOf, type VisitPlan, type VisitProblem } from '@zymostat/core';
import { duration, tellNoFit, visitPlanFile } from '@zymostat/words';
import { useState } from 'react';
import { FileButton } from '../../ui/FileButton.tsx';
import { save } from '../../ui/saveFile.ts';
import { w } from '../../words/words.ts';
import { readProblemFile } from './readProblemFile.ts';
import { usePlanner } from './usePlanner.ts';

type Opened = { name: string } & ReturnType<typeof readProblemFile>;

const outcomeOf = (plan: VisitPlan): string => {
  if (plan.outcome === 'infeasible')
    return plan.because.map((one) => tellNoFit(w, one, { treatment: (id) => id })).join(' ');
  if (plan.outcome === 'undecided') return w.name('visitPlan', 'undecided');
  return w.say('visitPlan.problemDone', {
    time: duration(w, plan.done),
    paid: duration(w, paidOf(plan.steps)),
    proof: plan.proof,
    gap: duration(w, plan.done - plan.lowerBound),
  });
};

const Planned = ({ problem, name }: { problem: VisitProblem; name: string }) => {
  const { planned } = usePlanner(problem, name);
  const { treatments, cleaners } = problem;
  return (
    <>
      <p className="small soft">
        {w.say('visitPlan.problemSays', { treatments: treatments.length, people: cleaners.length })}
      </p>
      <p role="status" className="my-1">
        {planned ? outcomeOf(planned.plan) : w.name('visitPlan', 'planning')}
      </p>
      {planned && !planned.searching && (
        <button
          className="link"
          onClick={() => {
            const file = visitPlanFile(w, planned.plan);
            save('visit-plan.json', 'application/json', JSON.stringify(file, null, 1));
          }}
        >
          {w.name('visitPlan', 'saveFilePlan')}
        </button>
      )}
    </>
  );
};

/** Opens a visit as its file holds it, and plans it: of any home, given to nobody. */
export const FromFile = () => {
  const [opened, setOpened] = useState<Opened>();
  const [nth, setNth] = useState(0);
  const open = async (file: File) => {
    const read = readProblemFile(await file.text());
    setNth((n) => n + 1);
    setOpened({ name: file.name, ...read });
  };
  return (
    <div className="my-3">
      <FileButton
        name={w.name('visitPlan', 'openProblem')}
        label={w.name('visitPlan', 'openProblem')}
        accept="application/json,.json"
        onFile={(file) => void open(file)}
      />
      {opened && (
        <div className="mt-2">
          <h3 className="font-semibold">{w.say('visitPlan.problemOf', { name: opened.name })}</h3>
          {opened.problem && <Planned problem={opened.problem} name={`${opened.name} ${nth}`} />}
          {!opened.problem && (
            <div role="alert">
              <p>{w.name('visitPlan', 'problemWrong')}</p>
              <ul className="small">
                {opened.wrong.map((one) => (
                  <li key={one}>{one}</li>
                ))}
              </ul>
            </div>
          )}
          <button className="link ml-4" onClick={() => setOpened(undefined)}>
            {w.name('visitPlan', 'problemClose')}
          </button>
        </div>
      )}
    </div>
  );
};
