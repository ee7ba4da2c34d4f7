import { planner, readVisitProblem } from '@zymostat/core';
import { tellFault, visitPlanFile, wordsOf } from '@zymostat/words';
import { en } from '@zymostat/words/en';
import { readFileSync, writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';

/* Plans one visit: npm run bench:planner -- --in problem.json --seconds S --seed N --out plan.json */

const { values } = parseArgs({
  options: {
    in: { type: 'string' },
    out: { type: 'string' },
    seconds: { type: 'string', default: '10' },
    seed: { type: 'string', default: '1' },
  },
});

const fail = (lines: string[]): never => {
  for (const line of lines) console.error(line);
  process.exit(2);
};

const seconds = Number(values.seconds);
const seed = Number(values.seed);
if (values.in === undefined || values.out === undefined)
  fail(['--in problem.json and --out plan.json are needed']);
if (!(seconds > 0)) fail([`--seconds: found ${values.seconds}, a number above 0 is allowed`]);
if (!Number.isSafeInteger(seed)) fail([`--seed: found ${values.seed}, a whole number is allowed`]);

const begun = performance.now();
const json = ((): unknown => {
  try {
    return JSON.parse(readFileSync(values.in!, 'utf8'));
  } catch (error) {
    return fail([`${values.in}: ${(error as Error).message}`]);
  }
})();
const english = wordsOf('en', en);
const { problem, faults } = readVisitProblem(json);
if (!problem) fail(faults.map((fault) => tellFault(english, fault)));

const planning = planner(problem!, { seed });
const goOn = () => performance.now() - begun < seconds * 1000;
planning.run({ iterations: Number.MAX_SAFE_INTEGER, goOn });
const plan = planning.plan();
writeFileSync(values.out!, `${JSON.stringify(visitPlanFile(english, plan), null, 1)}\n`);
const took = `${((performance.now() - begun) / 1000).toFixed(2)} s`;
if (plan.outcome === 'plan')
  console.log(`done ${plan.done}, no plan before ${plan.lowerBound}, ${plan.proof}, ${took}`);
else console.log(`${plan.outcome}, ${took}`);
