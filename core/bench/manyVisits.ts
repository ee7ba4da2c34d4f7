import { checkPlan, doneAt } from '../src/index.ts';
import { drawVisit, quickPlan } from '../test/visit/drawVisit.ts';

/* A thousand drawn visits that can be done: whether every plan keeps every rule. npm run bench:many */

const COUNT = 1000;
let wrong = 0;
let proven = 0;
const from = performance.now();
for (let k = 0; k < COUNT; k += 1) {
  const shape = { surfaces: 2 + (k % 13), cleaners: 1 + (k % 4), rooms: 1 + (k % 5) };
  const problem = drawVisit(k, shape);
  const plan = quickPlan(problem, 1000);
  const isRight =
    plan.outcome === 'plan' &&
    checkPlan(problem, plan.steps).length === 0 &&
    doneAt(problem, plan.steps) === plan.done;
  if (!isRight) wrong += 1;
  if (plan.outcome === 'plan' && plan.proof === 'optimal') proven += 1;
}
const seconds = ((performance.now() - from) / 1000).toFixed(0);
console.log(`${COUNT} visits, ${wrong} wrong, ${proven} proven best, ${seconds} s`);
