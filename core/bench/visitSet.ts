import { readdirSync, readFileSync } from 'node:fs';
import { baselines, planner, readVisitProblem } from '../src/index.ts';

/* The visits of core/bench/visits, for a person to read: npm run bench:visits -- [seconds …] */

const folder = new URL('visits/', import.meta.url);
const marks = process.argv.slice(2).map(Number);
const seconds = marks.length > 0 ? marks : [0.1, 1, 10];

const row = (cells: (string | number | undefined)[]) =>
  console.log(`| ${cells.map((cell) => String(cell ?? '–')).join(' | ')} |`);

row([
  'visit',
  'surfaces',
  'people',
  'in place',
  'simple rule',
  ...seconds.map((s) => `${s} s`),
  'bound',
  'gap',
]);
row(Array.from({ length: 7 + seconds.length }, () => '---'));
const gaps: number[] = [];
for (const name of readdirSync(folder).sort()) {
  const { problem } = readVisitProblem(JSON.parse(readFileSync(new URL(name, folder), 'utf8')));
  const { inPlace, simple } = baselines(problem!);
  const planning = planner(problem!, { seed: 1 });
  const from = performance.now();
  const dones = seconds.map((mark) => {
    const goOn = () => performance.now() - from < mark * 1000;
    planning.run({ iterations: Number.MAX_SAFE_INTEGER, goOn });
    const plan = planning.plan();
    return plan.outcome === 'plan' ? plan.done : undefined;
  });
  const plan = planning.plan();
  const bound = plan.outcome === 'infeasible' ? undefined : plan.lowerBound;
  const gap = (dones.at(-1) ?? 0) / (bound ?? 1) - 1;
  gaps.push(gap);
  const { treatments, cleaners } = problem!;
  row([
    name.replace('.json', ''),
    treatments.length,
    cleaners.length,
    inPlace,
    simple,
    ...dones,
    bound,
    `${(gap * 100).toFixed(1)} %`,
  ]);
}
const middle = gaps.sort((a, b) => a - b)[Math.floor(gaps.length / 2)]!;
console.log(`\nmedian gap ${(middle * 100).toFixed(1)} %`);
