/**
 * Checks that arrows point only downwards: between packages, and between the folders inside each
 * that `floors.json` lists, lowest first; and that nothing runs in a circle. Prints every arrow
 * that does not, and how many arrows there are. CONTRIBUTING.md shows the same floors: `--write`
 * puts them there.
 */
import { readFileSync, writeFileSync } from 'node:fs';
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

const PAGE = 'CONTRIBUTING.md';
const block = /(<!-- floors -->\n)[\s\S]*?(<!-- \/floors -->)/;
const shown = houses.map(([house, floors]) => {
  const where = house === '.' ? 'the packages' : `\`${house}\``;
  return `- ${where}: ${floors.map((floor) => `\`${floor}\``).join(' · ')}`;
});
const page = readFileSync(PAGE, 'utf8');
const asItIs = page.replace(block, `$1\n${shown.join('\n')}\n\n$2`);
if (process.argv.includes('--write')) writeFileSync(PAGE, asItIs);
else if (asItIs !== page)
  console.log(`${PAGE} shows other floors: node scripts/floors.mjs --write`);
const differs = asItIs !== page && !process.argv.includes('--write');
process.exitCode = violations.length > 0 || differs ? 1 : 0;
