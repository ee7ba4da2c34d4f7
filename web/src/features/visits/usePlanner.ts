import type { PlanStep, Staffed, StepPlace, VisitProblem } from '@zymostat/core';
import { proxy, wrap } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { Planned, PlannerWorker } from '../../workers/planner.worker.ts';

/** A worker that plans. */
export const startPlanner = (): Worker =>
  new Worker(new URL('../../workers/planner.worker.ts', import.meta.url), { type: 'module' });

/**
 * Searches for the plan of a problem in a worker, which goes on while the page shows what is there;
 * another problem ends it. `key` says whether a problem is another one.
 */
export const usePlanner = (problem: VisitProblem | undefined, key: string) => {
  const [planned, setPlanned] = useState<Planned & { key: string }>();
  const [people, setPeople] = useState<{ key: string; rows: Staffed[] }>();
  const aside = useRef<Worker>(null);
  useEffect(() => {
    if (!problem) return undefined;
    const own = startPlanner();
    const tell = (one: Planned) => {
      setPlanned({ ...one, key });
      if (!one.searching) own.terminate();
    };
    void wrap<PlannerWorker>(own).plan(problem, proxy(tell));
    return () => own.terminate();
  }, [problem, key]);
  useEffect(() => () => aside.current?.terminate(), []);

  const withPeople = () => {
    aside.current?.terminate();
    aside.current = startPlanner();
    const tell = (rows: Staffed[]) => setPeople({ key, rows });
    if (problem) void wrap<PlannerWorker>(aside.current).withPeople(problem, proxy(tell));
  };
  const nearest = async (
    steps: PlanStep[],
    at: number,
    wanted: StepPlace,
  ): Promise<StepPlace | undefined> => {
    const own = startPlanner();
    const found = await wrap<PlannerWorker>(own).nearest(problem!, steps, at, wanted);
    own.terminate();
    return found;
  };
  return {
    planned: planned?.key === key ? planned : undefined,
    people: people?.key === key ? people.rows : undefined,
    withPeople,
    nearest,
  };
};

export type Planner = ReturnType<typeof usePlanner>;
