import { readFileSync } from 'node:fs';

/* Compares two lists of timed lines, each by its best: scripts/ratios.mjs BEFORE NOW MOST. */
const [before, now, most] = process.argv.slice(2);

const bestOf = (file) => {
  const best = new Map();
  for (const [, name, ms] of readFileSync(file, 'utf8').matchAll(
    /^(.+?)\s+([\d.]+) ms {3}at most/gm,
  )) {
    best.set(name, Math.min(best.get(name) ?? Infinity, Number(ms)));
  }
  return best;
};

const [old, own] = [bestOf(before), bestOf(now)];
const shared = [...own].filter(([name]) => old.has(name));
if (shared.length === 0) throw new Error('the two have no timed line in common');
/** Below this, ms, nothing can be told apart on a machine that does other things too. */
const TELLING = 0.05;
let slower = 0;
for (const [name, ms] of shared) {
  const ratio = Math.max(ms, TELLING) / Math.max(old.get(name), TELLING);
  if (ratio > Number(most)) slower += 1;
  console.log(
    `${name.padEnd(60)} ${old.get(name).toFixed(3).padStart(9)} ms, now ${ms.toFixed(3).padStart(9)} ms: ${ratio.toFixed(2)}`,
  );
}
for (const [name, ms] of own)
  if (!old.has(name))
    console.log(`${name.padEnd(60)}       new, now ${ms.toFixed(3).padStart(9)} ms`);
if (slower > 0) {
  console.error(`${slower} of ${shared.length} took over ${most} times as long.`);
  process.exit(1);
}
