import highs, { type Highs } from 'highs';
import { isHold, type VisitProblem, type VisitStep, type VisitTreatment } from '../../src/index.ts';

/*
 * An independent model of the visit problem as a mixed-integer program, written from its definition
 * and solved by HiGHS, a general-purpose solver: the oracle of the planner's proofs. It knows nothing
 * of how the planner sees a problem.
 */

interface Task {
  id: string;
  room: string;
  work: number;
}

let solver: Promise<Highs> | undefined;

/** Every number of re-wets that could matter for these small visits, by treatment. */
const rewetCounts = ({ steps }: VisitTreatment): number[] => {
  const hold = steps.find(isHold);
  if (hold?.rewetEvery === undefined || hold.rewetEvery >= hold.wet) return [0];
  const least = Math.ceil((hold.wet - hold.rewetEvery) / (hold.rewetEvery + hold.rewetWork!));
  return [least, least + 1, least + 2].filter((count) => count * hold.rewetWork! <= hold.wet);
};

const product = (lists: number[][]): number[][] =>
  lists.reduce<number[][]>((all, list) => all.flatMap((one) => list.map((k) => [...one, k])), [[]]);

/** One program for one number of re-wets a treatment. */
const program = (problem: VisitProblem, counts: number[]) => {
  const big = Math.max(...problem.cleaners.map(({ to }) => to)) + 1;
  const rows: string[] = [];
  const binaries: string[] = [];
  const tasks: Task[] = [];
  const s = (id: string) => `s_${id}`;
  /** start[b] - start[a] ≥ lag, unless `unless` is 1 (or, if negated, 0). */
  const after = (a: string, b: string, lag: number) => rows.push(`${s(b)} - ${s(a)} >= ${lag}`);
  const applyOf = new Map<number, { id: string; work: number; wet: number; last?: Task }>();
  const firstOf = new Map<number, Task>();
  const lastOf = new Map<number, Task>();

  problem.treatments.forEach(({ steps, room }, t) => {
    let before: Task | undefined;
    const add = (name: string, work: number): Task => {
      const task = { id: `${t}_${name}`, room, work };
      tasks.push(task);
      return task;
    };
    steps.forEach((step: VisitStep, k) => {
      if (isHold(step)) {
        const apply = applyOf.get(t)!;
        const met = apply.work + step.wet;
        apply.wet = step.wet;
        let coat = { id: apply.id, work: apply.work };
        for (let r = 0; r < counts[t]!; r += 1) {
          const task = add(`w${r}`, step.rewetWork!);
          after(coat.id, task.id, coat.work);
          rows.push(`${s(task.id)} - ${s(coat.id)} <= ${coat.work + step.rewetEvery!}`);
          rows.push(`${s(task.id)} - ${s(apply.id)} <= ${met - task.work}`);
          coat = task;
        }
        if (counts[t]! > 0) after(apply.id, coat.id, met - step.rewetEvery! - coat.work);
        return;
      }
      const task = add(`${k}`, step.work);
      if (!firstOf.has(t)) firstOf.set(t, task);
      const apply = applyOf.get(t);
      if (before) after(before.id, task.id, before.work);
      if (apply && !apply.last) {
        after(apply.id, task.id, apply.work + apply.wet);
        if (step.within !== undefined)
          rows.push(`${s(task.id)} - ${s(apply.id)} <= ${apply.work + apply.wet + step.within}`);
      }
      if (step.kind === 'apply') applyOf.set(t, { id: task.id, work: step.work, wet: 0 });
      else if (apply) apply.last = task;
      before = task;
      lastOf.set(t, task);
    });
  });

  const index = new Map(problem.treatments.map(({ id }, t) => [id, t]));
  const either = (name: string, a: string, b: string, [ab, ba]: [number, number]) => {
    binaries.push(name);
    rows.push(`${s(b)} - ${s(a)} - ${big} ${name} >= ${ab - big}`);
    rows.push(`${s(a)} - ${s(b)} + ${big} ${name} >= ${ba}`);
  };
  for (const [a, b] of problem.before) {
    const [ta, tb] = [index.get(a)!, index.get(b)!];
    const from = applyOf.get(ta) ?? lastOf.get(ta)!;
    after(from.id, firstOf.get(tb)!.id, from.work);
  }
  problem.apart.forEach(({ a, b, gap }, i) => {
    const [one, other] = [applyOf.get(index.get(a)!), applyOf.get(index.get(b)!)];
    if (!one || !other) return;
    const name = `a_${i}`;
    binaries.push(name);
    const through = (x: typeof one): [string, number] =>
      x.last ? [x.last.id, x.last.work] : [x.id, x.work + x.wet];
    const [[la, wa], [lb, wb]] = [through(one), through(other)];
    rows.push(`${s(other.id)} - ${s(la)} - ${big} ${name} >= ${wa + gap - big}`);
    rows.push(`${s(one.id)} - ${s(lb)} + ${big} ${name} >= ${wb + gap}`);
  });
  for (const id of problem.closes) {
    const own = index.get(id)!;
    const { room } = problem.treatments[own]!;
    problem.treatments.forEach((other, t) => {
      if (t === own || other.room !== room) return;
      const last = lastOf.get(t)!;
      const apply = applyOf.get(t);
      after(last.id, firstOf.get(own)!.id, last.work);
      if (apply) after(apply.id, firstOf.get(own)!.id, apply.work + apply.wet);
    });
  }

  const does = (c: number, task: Task) => `x_${c}_${task.id}`;
  for (const task of tasks) {
    rows.push(`${problem.cleaners.map((_, c) => does(c, task)).join(' + ')} = 1`);
    problem.cleaners.forEach(({ from, to }, c) => {
      binaries.push(does(c, task));
      rows.push(`${s(task.id)} - ${from} ${does(c, task)} >= 0`);
      rows.push(`${s(task.id)} + ${big} ${does(c, task)} <= ${to - task.work + big}`);
    });
    const { open } = problem.rooms.find(({ id }) => id === task.room)!;
    const spans = open.map((_, o) => `o_${o}_${task.id}`);
    binaries.push(...spans);
    rows.push(`${spans.join(' + ')} = 1`);
    open.forEach(([from, to], o) => {
      rows.push(`${s(task.id)} - ${from} ${spans[o]} >= 0`);
      rows.push(`${s(task.id)} + ${big} ${spans[o]} <= ${to - task.work + big}`);
    });
    rows.push(`done - ${s(task.id)} >= ${task.work}`);
  }
  for (const { id, work, wet } of applyOf.values()) rows.push(`done - ${s(id)} >= ${work + wet}`);

  for (let i = 0; i < tasks.length; i += 1)
    for (let k = i + 1; k < tasks.length; k += 1) {
      const [a, b] = [tasks[i]!, tasks[k]!];
      const room = problem.rooms.find(({ id }) => id === a.room)!;
      const walk = a.room === b.room ? 0 : room.walk[b.room]!;
      const full = a.room === b.room && room.atOnce === 1;
      if (full || problem.cleaners.length === 1) {
        either(`y_${i}_${k}`, a.id, b.id, [a.work + walk, b.work + walk]);
        continue;
      }
      const name = `y_${i}_${k}`;
      binaries.push(name);
      problem.cleaners.forEach((_, c) => {
        // Binding only where the same cleaner does both.
        const loose = `${2 * big}`;
        const both = `- ${big} ${does(c, a)} - ${big} ${does(c, b)}`;
        rows.push(
          `${s(b.id)} - ${s(a.id)} - ${big} ${name} ${both} >= ${a.work + walk - big - Number(loose)}`,
        );
        rows.push(
          `${s(a.id)} - ${s(b.id)} + ${big} ${name} ${both} >= ${b.work + walk - Number(loose)}`,
        );
      });
    }
  return `Minimize\n obj: done\nSubject To\n${rows.map((row, r) => ` c${r}: ${row}`).join('\n')}\nBinary\n ${binaries.join('\n ')}\nEnd\n`;
};

/** When the home can be handed over at the soonest, s; nothing where no plan exists. */
export const bestByMip = async (problem: VisitProblem): Promise<number | undefined> => {
  const { solve } = await (solver ??= highs());
  let best: number | undefined;
  for (const counts of product(problem.treatments.map(rewetCounts))) {
    const found = solve(program(problem, counts), {
      mip_rel_gap: 0,
      mip_abs_gap: 0.5,
      ...(best === undefined ? {} : { objective_bound: best }),
    });
    if (found.Status !== 'Optimal') continue;
    const done = Math.round(found.ObjectiveValue);
    best = best === undefined ? done : Math.min(best, done);
  }
  return best;
};
