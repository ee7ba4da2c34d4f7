import { apartArcs, chainArcs, pairArcs, type Chain } from './chains.ts';
import { arcsBy, clip, type Arcs, type Op, type Ops } from './ops.ts';
import { holdOf, isHold, type VisitProblem, type VisitTreatment } from './problem.ts';
import { fewestOf, type Rewets } from './rewets.ts';
import { shortestWays } from './walks.ts';

const opsOf = (treatment: VisitTreatment, t: number, rewets: number): Op[] =>
  treatment.steps.flatMap((step, k): Op[] => {
    if (isHold(step))
      return Array.from({ length: rewets }, () => ({
        treatment: t,
        step: k,
        kind: 'rewet',
        work: clip(step.rewetWork ?? 0),
      }));
    const kind = step.kind === 'wipe' || step.kind === 'rinse' ? 'after' : step.kind;
    return [{ treatment: t, step: k, kind, work: clip(step.work) }];
  });

const openOf = (problem: VisitProblem) => {
  const first = new Int32Array(problem.rooms.length + 1);
  const spans: [number, number][] = [];
  problem.rooms.forEach(({ open }, r) => {
    const sorted = open.filter(([from, to]) => to > from).sort((a, b) => a[0] - b[0]);
    const own: [number, number][] = [];
    for (const [from, to] of sorted) {
      const before = own.at(-1);
      if (before && from <= before[1]) before[1] = Math.max(before[1], to);
      else own.push([from, to]);
    }
    spans.push(...own);
    first[r + 1] = spans.length;
  });
  return {
    openFirst: first,
    openFrom: Int32Array.from(spans, ([from]) => clip(from)),
    openTo: Int32Array.from(spans, ([, to]) => clip(to)),
  };
};

const sort = (n: number, next: Arcs): number[] => {
  const waits = new Int32Array(n);
  for (const j of next.op) waits[j]! += 1;
  const ready: number[] = [];
  for (let j = 0; j < n; j += 1) if (waits[j] === 0) ready.push(j);
  for (let k = 0; k < ready.length; k += 1) {
    const j = ready[k]!;
    for (let a = next.first[j]!; a < next.first[j + 1]!; a += 1)
      if (--waits[next.op[a]!]! === 0) ready.push(next.op[a]!);
  }
  return ready;
};

const tailsOf = (sorted: number[], next: Arcs, over: Int32Array): Int32Array => {
  const tails = over.slice();
  for (let k = sorted.length - 1; k >= 0; k -= 1) {
    const j = sorted[k]!;
    for (let a = next.first[j]!; a < next.first[j + 1]!; a += 1) {
      const through = next.lag[a]! + tails[next.op[a]!]!;
      if (through > tails[j]!) tails[j] = through;
    }
  }
  return tails;
};

const roomsOf = (problem: VisitProblem) => {
  const { rooms, cleaners } = problem;
  const walk = new Int32Array(rooms.length ** 2);
  rooms.forEach((a, i) =>
    rooms.forEach((b, k) => {
      walk[i * rooms.length + k] = i === k ? 0 : clip(a.walk[b.id]!);
    }),
  );
  const atOnce = Int32Array.from(rooms, (room) =>
    Math.min(room.atOnce ?? cleaners.length, cleaners.length),
  );
  const ways = shortestWays(rooms.length, walk);
  return { rooms: rooms.length, walk, ways, atOnce, ...openOf(problem) };
};

/** The problem as operations, each treatment with so many re-wets. */
export const opsFor = (
  problem: VisitProblem,
  rewets: readonly Rewets[] = fewestOf(problem),
): Ops => {
  const lists = problem.treatments.map((treatment, t) => opsOf(treatment, t, rewets[t]!.count));
  const list = lists.flat();
  const n = list.length;
  let at = 0;
  const chains = lists.map((own, t): Chain => {
    const first = at;
    at += own.length;
    const k = own.findIndex(({ kind }) => kind === 'apply');
    const wet = clip(holdOf(problem.treatments[t]!)?.wet ?? 0);
    return { first, last: at - 1, apply: k < 0 ? -1 : first + k, wet };
  });
  const arcs = chains.map((chain, t) =>
    chainArcs(problem.treatments[t]!, list, chain, rewets[t]!.orMore),
  );
  const least = [...arcs.flatMap((one) => one.least), ...pairArcs({ problem, list }, chains)];
  const apart = apartArcs({ problem, list }, chains);
  const sortedApart = [...apart].sort((a, b) => a.to - b.to);
  const roomIndex = new Map(problem.rooms.map(({ id }, r) => [id, r]));
  const next = arcsBy(n, least, 'from');
  const sorted = sort(n, next);
  const over = Int32Array.from(list, ({ work }) => work);
  for (const { apply, wet } of chains) if (apply >= 0) over[apply]! += wet;
  return {
    problem,
    list,
    n,
    cleaners: problem.cleaners.length,
    from: Int32Array.from(problem.cleaners, ({ from }) => clip(from)),
    to: Int32Array.from(problem.cleaners, ({ to }) => clip(to)),
    ...roomsOf(problem),
    work: Int32Array.from(list, ({ work }) => work),
    room: Int32Array.from(list, ({ treatment }) =>
      roomIndex.get(problem.treatments[treatment]!.room)!,
    ),
    treatment: Int32Array.from(list, ({ treatment }) => treatment),
    least: arcsBy(n, least, 'to'),
    most: arcsBy(
      n,
      arcs.flatMap((one) => one.most),
      'to',
    ),
    next,
    apart: arcsBy(n, sortedApart, 'to'),
    apartLast: Int32Array.from(sortedApart, ({ last }) => last),
    over,
    tails: tailsOf(sorted, next, over),
    sorted,
  };
};
