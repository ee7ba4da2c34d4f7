import { seeded } from '../../src/units/random.ts';
import {
  doneAt,
  planner,
  type PlanStep,
  type VisitProblem,
  type VisitStep,
  type VisitTreatment,
} from '../../src/index.ts';

const DAY = 14_400;

/** What a drawn visit may have, as shares. */
export interface Shares {
  surfaces: number;
  cleaners: number;
  rooms: number;
  rewets?: number;
  apart?: number;
  closes?: number;
  atOnce?: number;
}

/** A made-up visit in which each can stand by each surface all day: there is always a plan. */
export const drawVisit = (seed: number, shares: Shares): VisitProblem => {
  const {
    surfaces,
    cleaners,
    rooms,
    rewets = 0.3,
    apart = 0.1,
    closes = 0.5,
    atOnce = 0.3,
  } = shares;
  const next = seeded(seed);
  const under = (count: number) => Math.floor(next() * count);
  const at = Array.from({ length: rooms }, () => 5 + under(40));
  const treatments = Array.from({ length: surfaces }, (_, i): VisitTreatment => {
    const room = `r${i < rooms ? i : under(rooms)}`;
    const id = `${room}/s${i}`;
    if (next() < 0.2) return { id, room, steps: [{ kind: 'clean', work: 30 + under(200) }] };
    const wet = [60, 120, 300, 600][under(4)]!;
    const steps: VisitStep[] = next() < 0.8 ? [{ kind: 'clean', work: 20 + under(90) }] : [];
    steps.push({ kind: 'apply', work: 10 + under(40) });
    steps.push(
      next() < rewets
        ? { kind: 'hold', wet, rewetEvery: 20 + Math.floor(wet * next()), rewetWork: 5 + under(15) }
        : { kind: 'hold', wet },
    );
    const within = next() < 0.3 ? { within: 120 + under(600) } : {};
    if (next() < 0.7) steps.push({ kind: 'wipe', work: 10 + under(60), ...within });
    if (steps.at(-1)!.kind === 'wipe' && next() < 0.2) steps.push({ kind: 'rinse', work: 20 });
    return { id, room, steps };
  });
  const floors = Array.from({ length: rooms }, (_, r) => `r${r}`).filter(() => next() < closes);
  for (const room of floors)
    treatments.push({
      id: `${room}/floor`,
      room,
      steps: [{ kind: 'clean', work: 40 + under(90) }],
    });
  const wet = treatments.filter(({ steps }) => steps.some(({ kind }) => kind === 'apply'));
  return {
    format: 'zymostat.visit-problem/1',
    cleaners: Array.from({ length: cleaners }, (_, c) => ({
      id: `c${c}`,
      from: under(60),
      to: DAY,
    })),
    rooms: at.map((out, i) => ({
      id: `r${i}`,
      open: [[0, DAY]],
      ...(next() < atOnce ? { atOnce: 1 } : {}),
      walk: Object.fromEntries(at.flatMap((o, k) => (i === k ? [] : [[`r${k}`, out + o]]))),
    })),
    treatments,
    before: Array.from({ length: Math.floor(surfaces / 5) }, () => {
      const a = under(surfaces - 1);
      return [treatments[a]!.id, treatments[a + 1 + under(surfaces - 1 - a)]!.id] as [
        string,
        string,
      ];
    }),
    apart: wet.flatMap((a, i) =>
      wet
        .slice(i + 1)
        .filter(({ room }) => room === a.room && next() < apart)
        .map((b) => ({ a: a.id, b: b.id, gap: [0, 30, 120][under(3)]! })),
    ),
    closes: floors.map((room) => `${room}/floor`),
  };
};

/** A plan within so many iterations, whatever its quality. */
export const quickPlan = (problem: VisitProblem, iterations = 400) => {
  const planning = planner(problem, { seed: 1 });
  planning.run({ iterations, goOn: () => true });
  return planning.plan();
};

/** The same visit with hours that leave just room for one plan that is known. */
export const tightHours = (
  problem: VisitProblem,
  steps: PlanStep[],
  seed: number,
): VisitProblem => {
  const next = seeded(seed);
  const roomOf = new Map(problem.treatments.map(({ id, room }) => [id, room]));
  const slack = () => Math.floor(next() * 90);
  return {
    ...problem,
    cleaners: problem.cleaners.map((one) => {
      const own = steps.filter(({ cleaner }) => cleaner === one.id);
      const last = Math.max(one.from, ...own.map(({ end }) => end));
      return { ...one, to: last + slack() };
    }),
    rooms: problem.rooms.map((room) => ({
      ...room,
      open: steps
        .filter(({ treatment }) => roomOf.get(treatment) === room.id)
        .map(({ start, end }) => [Math.max(0, start - slack()), end + slack()] as [number, number]),
    })),
  };
};

/** An end of the day before the last of a plan that is proven best: no plan is left. */
export const tooShort = (problem: VisitProblem, steps: PlanStep[], by: number): VisitProblem => {
  const done = doneAt(problem, steps);
  return { ...problem, cleaners: problem.cleaners.map((one) => ({ ...one, to: done - by })) };
};
