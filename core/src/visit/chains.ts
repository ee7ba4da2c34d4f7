import { clip, type Arc, type Op, type Ops } from './ops.ts';
import { holdOf, isHold, type VisitTreatment } from './problem.ts';
import { fewestRewets } from './rewets.ts';

/** Where the operations of one treatment stand, and when it is through. */
export interface Chain {
  first: number;
  last: number;
  /** The apply, or -1 where it is only cleaned. */
  apply: number;
  wet: number;
}

/** Of the steps of one treatment, one behind the other, and of its re-wets. */
export const chainArcs = (
  treatment: VisitTreatment,
  list: Op[],
  { first, last, apply, wet }: Chain,
  orMore: boolean,
) => {
  const least: Arc[] = [];
  const most: Arc[] = [];
  const hold = holdOf(treatment);
  const rewets: number[] = [];
  for (let j = first; j <= last; j += 1) {
    const { kind } = list[j]!;
    if (kind === 'rewet') rewets.push(j);
    else if (j > first) {
      const afterHold = kind === 'after' && list[j - 1]!.kind !== 'after';
      const from = afterHold ? apply : j - 1;
      const lag = list[from]!.work + (afterHold ? wet : 0);
      least.push({ from, to: j, lag });
      const step = treatment.steps[list[j]!.step]!;
      if (afterHold && !isHold(step) && step.within !== undefined)
        most.push({ from, to: j, lag: clip(lag + step.within) });
    }
  }
  const every = hold?.rewetEvery ?? 0;
  rewets.forEach((j, k) => {
    const from = k === 0 ? apply : rewets[k - 1]!;
    const { work } = list[j]!;
    const wetFrom = list[apply]!.work;
    const left = rewets.length - 1 - k;
    least.push({ from, to: j, lag: list[from]!.work });
    // What is left of the hold after it must be covered by it and those that follow.
    const soonest = wet - every - work - left * (every + work);
    if (soonest > 0 && !orMore) least.push({ from: apply, to: j, lag: wetFrom + soonest });
    most.push({ from, to: j, lag: clip(list[from]!.work + every) });
    most.push({ from: apply, to: j, lag: wetFrom + wet - work * (left + 1) });
    // A coat that the one before and the one after it could do without is left out.
    const beforeLast = k === 1 ? apply : rewets[k - 2];
    if (beforeLast !== undefined && rewets.length + Number(orMore) > fewestRewets(hold!))
      least.push({ from: beforeLast, to: j, lag: list[beforeLast]!.work + every + 1 });
  });
  return { least, most };
};

/** Arcs from the end of a treatment: its last step, and its hold where it air-dries. */
const throughArcs = (list: Op[], { last, apply, wet }: Chain, to: number): Arc[] => {
  const arcs = [{ from: last, to, lag: list[last]!.work }];
  if (apply >= 0) arcs.push({ from: apply, to, lag: list[apply]!.work + wet });
  return arcs;
};

/** Of what must be through before something else begins. */
export const pairArcs = (
  { problem, list }: Pick<Ops, 'problem' | 'list'>,
  chains: Chain[],
): Arc[] => {
  const index = new Map(problem.treatments.map(({ id }, t) => [id, t]));
  const chain = (id: string) => chains[index.get(id)!]!;
  const before = problem.before.map(([a, b]) => {
    const from = chain(a).apply < 0 ? chain(a).last : chain(a).apply;
    return { from, to: chain(b).first, lag: list[from]!.work };
  });
  const closes = problem.closes.flatMap((id) => {
    const own = index.get(id)!;
    const { room } = problem.treatments[own]!;
    return problem.treatments.flatMap((other, t) =>
      t === own || other.room !== room ? [] : throughArcs(list, chains[t]!, chains[own]!.first),
    );
  });
  return [...before, ...closes];
};

/** Both orders of every pair that is kept apart; which of them holds is searched. */
export const apartArcs = ({ problem, list }: Pick<Ops, 'problem' | 'list'>, chains: Chain[]) => {
  const index = new Map(problem.treatments.map(({ id }, t) => [id, t]));
  const arcs: (Arc & { last: number })[] = [];
  for (const { a, b, gap } of problem.apart) {
    const pair = [chains[index.get(a)!]!, chains[index.get(b)!]!] as const;
    if (pair.some(({ apply }) => apply < 0)) continue;
    for (const [one, other] of [pair, [pair[1], pair[0]] as const]) {
      const dries = list[other.last]!.kind !== 'after';
      const last = dries ? other.apply : other.last;
      const lag = clip(list[last]!.work + (dries ? other.wet : 0) + gap);
      arcs.push({ from: other.apply, to: one.apply, lag, last });
    }
  }
  return arcs;
};
