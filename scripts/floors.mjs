/**
 * Checks that arrows point only downwards: between packages, and between the folders inside each
 * that `floors.json` lists, lowest first; and that nothing runs in a circle. Prints every arrow
 * that does not, and how many arrows there are.
 */
import { readFileSync } from 'node:fs';
import { cruise } from 'dependency-cruiser';

const { packages, ...inside } = JSON.parse(readFileSync('floors.json', 'utf8'));

/** What stands on a floor may not use what stands above it. */
const upward = (floors, pathOf, name) =>
  floors.flatMap((floor, at) => {
    const above = floors.slice(at + 1).map((one) => pathOf(one));
    return above.length === 0
      ? []
      : [
          {
            name: `${name}: ${floor} uses what is above it`,
            severity: 'error',
            from: { path: `^${pathOf(floor)}` },
            to: { path: above.map((path) => `^${path}`) },
          },
        ];
  });

const circle = { name: 'circle', severity: 'error', from: {}, to: { circular: true } };
const unlisted = Object.entries(inside).map(([name, floors]) => ({
  name: `${name}: a folder that floors.json does not list`,
  severity: 'error',
  from: { path: `^${name}/src/(?!(${floors.join('|')})/)[^/]+/` },
  to: {},
}));

const rules = [
  circle,
  ...unlisted,
  ...upward(packages, (one) => `${one}/`, 'packages'),
  ...Object.entries(inside).flatMap(([name, floors]) =>
    upward(floors, (one) => `${name}/src/${one}/`, name),
  ),
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
