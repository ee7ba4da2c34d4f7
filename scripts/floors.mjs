/**
 * Checks that arrows point only downwards: between packages, and between the folders inside each
 * that `floors.json` lists, lowest first; and that nothing runs in a circle. Prints every arrow
 * that does not, and how many arrows there are.
 */
import { readFileSync } from 'node:fs';
import { cruise } from 'dependency-cruiser';

const floorsOf = JSON.parse(readFileSync('floors.json', 'utf8'));
const packages = floorsOf['.'];

/** What stands on a floor may not use what stands above it. */
const upward = ([house, floors]) => {
  const pathOf = (floor) => (house === '.' ? `^${floor}/` : `^${house}/${floor}/`);
  return floors.slice(0, -1).map((floor, at) => ({
    name: `${house}: ${floor} uses what is above it`,
    severity: 'error',
    from: { path: pathOf(floor) },
    to: { path: floors.slice(at + 1).map(pathOf) },
  }));
};

const unlisted = ([house, floors]) => ({
  name: `${house}: a folder that floors.json does not list`,
  severity: 'error',
  from: { path: `^${house}/(?!(${floors.join('|')})/)[^/]+/` },
  to: {},
});

const circle = { name: 'circle', severity: 'error', from: {}, to: { circular: true } };
const houses = Object.entries(floorsOf);
const rules = [
  circle,
  ...houses.filter(([house]) => house !== '.').map(unlisted),
  ...houses.flatMap(upward),
];

const sources = packages.filter((name) => name !== 'e2e').map((name) => `${name}/src`);
const { output } = await cruise(sources, {
  ruleSet: { forbidden: rules },
  validate: true,
  tsPreCompilationDeps: true,
  enhancedResolveOptions: { extensions: ['.ts', '.tsx', '.js'] },
  doNotFollow: { path: 'node_modules' },
});
const { violations, totalDependenciesCruised, totalCruised } = output.summary;
for (const { rule, from, to, cycle } of violations)
  console.log(
    `${rule.name}\n  ${from} → ${cycle ? cycle.map(({ name }) => name).join(' → ') : to}`,
  );
console.log(
  `${totalCruised} files, ${totalDependenciesCruised} arrows, ${violations.length} against the floors`,
);
process.exitCode = violations.length > 0 ? 1 : 0;
