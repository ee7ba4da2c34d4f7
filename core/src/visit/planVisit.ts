import { seeded } from '../units/random.ts';
import { lowestNotRefuted, refuter } from './bound.ts';
import { checkPlan } from './checkPlan.ts';
import { explain } from './explain.ts';
import type { Found } from './found.ts';
import { lookThrough } from './lookThrough.ts';
import { FOREVER } from './ops.ts';
import { opsFor } from './opsFor.ts';
import { asSteps, startsOf } from './planSteps.ts';
import type { NoFit, PlanStep, VisitPlan, VisitProblem } from './problem.ts';
import { anyOf } from './rewets.ts';
import { search } from './search.ts';

/** Operations up to which all sequences are looked through. */
const MOST_PROVED = 64;
/** Operations up to which proving is of more use than searching on. */
const FEW = 26;
/** Iterations of the search for each node of the proof where there are more: about as long. */
const PER_NODE = 20;
/** Nodes of the first look through all sequences; each further one has four or eight times as many. */
const FIRST_NODES = 2000;
const MOST_NODES = 4_000_000;
const SLICE = 200;
/** Iterations without anything better after which a plan that is proven is not searched further. */
const ENOUGH = 40_000;

/** When to stop: after so many iterations, or once the caller says so. */
export interface Budget {
  iterations: number;
  goOn: () => boolean;
}

/** What is known when a search begins: the seed, and what is already done or wet. */
export interface Start {
  seed: number;
  begun?: { steps: PlanStep[]; now: number };
  /** Only a plan is asked for: no bound, no proof, and not why nothing fits. */
  unproven?: true;
}

/** What a planner knows so far. */
interface Known {
  steps: PlanStep[] | undefined;
  done: number;
  lowerBound: number;
  noPlan: boolean;
  because: NoFit[] | undefined;
  /** Nodes of the next look through all sequences. */
  nodes: number;
  sinceBetter: number;
}

/**
 * Bound and search of a problem, with what is already begun held fixed. Nothing is proven of a visit
 * that is under way: what people did need not keep to the rules.
 */
const tools = (problem: VisitProblem, { seed, begun, unproven }: Start) => {
  const ops = opsFor(problem);
  const known = begun && startsOf(ops, begun.steps);
  const fixed = known && { start: known.start, now: begun.now };
  const refuted = begun || unproven ? () => false : refuter(opsFor(problem, anyOf(problem)));
  const impossible = refuted(FOREVER);
  const begin = { next: seeded(seed), fixed, fixedWho: known?.who };
  return { ops, refuted, impossible, searching: impossible ? undefined : search(ops, begin) };
};

const toPlan = ({ steps, done, lowerBound, noPlan, because }: Known): VisitPlan => {
  if (noPlan && because) return { outcome: 'infeasible', because };
  if (!steps) return { outcome: 'undecided', lowerBound };
  const proof = lowerBound === done ? 'optimal' : 'gap';
  return { outcome: 'plan', steps, done, lowerBound, proof };
};

/**
 * A planner that can be asked at any time for the best plan so far. The same seed and the same
 * number of iterations give the same plan; `goOn` lets a caller stop by the clock or on request.
 * `begun` holds what is fixed: it is kept as it is, and nothing else begins before `now`. Throws an
 * Error if a plan of its own breaks a rule.
 */
export const planner = (problem: VisitProblem, start: Start) => {
  const { ops, refuted, impossible, searching } = tools(problem, start);
  const proves = !start.begun && !start.unproven;
  const provable = proves && ops.n <= MOST_PROVED;
  const known: Known = {
    steps: undefined,
    done: FOREVER,
    lowerBound: 0,
    noPlan: impossible,
    because: undefined,
    nodes: FIRST_NODES,
    sinceBetter: 0,
  };
  let best: Found | undefined;
  let untilProof = ops.n <= FEW ? FIRST_NODES : FIRST_NODES * PER_NODE;

  const keep = (steps: PlanStep[], done: number) => {
    // Once is enough: what is not refuted for the first plan is not refuted for a better one.
    if (known.steps === undefined && ops.n > 0 && proves)
      known.lowerBound = lowestNotRefuted(refuted, [-1, done]);
    Object.assign(known, { steps, done, sinceBetter: 0 });
  };

  const take = (found: Found) => {
    if (found === best) return;
    best = found;
    known.sinceBetter = 0;
    if (found.broken === 0 && found.done <= known.done)
      keep(asSteps(ops, found.start, found.orders.who), found.done);
  };

  const next = lookThrough(problem);
  /** Returns the nodes that it took. */
  const proveIt = (goOn: () => boolean): number => {
    const effort = { nodes: known.nodes, goOn };
    let plan = next(known.done - 1, effort);
    for (; typeof plan === 'object'; plan = next(known.done - 1, effort))
      keep(plan.steps, plan.done);
    if (plan === 'none' && known.steps) known.lowerBound = known.done;
    if (plan === 'none' && !known.steps) known.noPlan = true;
    const spent = known.nodes - effort.nodes;
    known.nodes = Math.min(MOST_NODES, known.nodes * (ops.n <= FEW ? 8 : 4));
    return spent;
  };

  const isProven = () => known.lowerBound >= known.done;
  const isOver = () => known.noPlan || (isProven() && known.sinceBetter >= ENOUGH);

  const searchOn = ({ iterations, goOn }: Budget) => {
    let left = iterations;
    // However short the time, something was tried.
    while (left > 0 && !isOver() && (best === undefined || goOn())) {
      const slice = Math.min(SLICE, left);
      left -= slice;
      untilProof -= slice;
      known.sinceBetter += slice;
      take(searching!.run(slice));
      if (untilProof > 0 || !provable || isProven() || known.nodes >= MOST_NODES) continue;
      const spent = proveIt(goOn);
      left -= spent;
      untilProof = ops.n <= FEW ? Math.min(spent, FIRST_NODES) : spent * PER_NODE;
    }
  };

  return {
    /**
     * Searches on; true once nothing better is to be expected. What does not fit is explained
     * within one run, or anew in the next.
     */
    run: (budget: Budget): boolean => {
      searchOn(budget);
      if (known.noPlan && proves)
        known.because ??= explain(problem, { nodes: MOST_NODES, goOn: budget.goOn });
      return isOver() && (!known.noPlan || known.because !== undefined || !proves);
    },
    /** The best plan so far, the proof that there is none, or that neither is known yet. */
    plan: (): VisitPlan => {
      const breach = start.begun ? undefined : checkPlan(problem, known.steps ?? [])[0];
      if (known.steps && breach)
        throw new Error(`a plan breaks rule ${breach.rule}: ${breach.code}`);
      return toPlan(known);
    },
  };
};

export type Planner = ReturnType<typeof planner>;
