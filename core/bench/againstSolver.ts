import { spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { readVisitProblem } from '../src/index.ts';
import type { Arcs, Ops } from '../src/visit/ops.ts';
import { opsFor } from '../src/visit/opsFor.ts';

/*
 * The visits of core/bench/visits by a general constraint solver, for a person to read:
 * npm run bench:solver -- SECONDS. Needs Debian's package minizinc, which brings Gecode.
 */

const seconds = Number(process.argv[2] ?? 60);
const folder = new URL('visits/', import.meta.url);
const model = fileURLToPath(new URL('visit.mzn', import.meta.url));

const list = (values: Iterable<number>) => `[${[...values].join(',')}]`;

/** Arcs as three lists, counted from 1. */
const arcLists = ({ first, op, lag }: Arcs, n: number) => {
  const from: number[] = [];
  const to: number[] = [];
  for (let j = 0; j < n; j += 1)
    for (let a = first[j]!; a < first[j + 1]!; a += 1) {
      from.push(op[a]! + 1);
      to.push(j + 1);
    }
  return { from, to, lag: [...lag] };
};

/** Every pair kept apart once, with both orders. */
const pairLists = ({ n, apart, apartLast }: Ops) => {
  const pairs: number[][] = [];
  for (let j = 0; j < n; j += 1)
    for (let a = apart.first[j]!; a < apart.first[j + 1]!; a += 1) {
      const other = apart.op[a]!;
      if (other > j) continue;
      for (let b = apart.first[other]!; b < apart.first[other + 1]!; b += 1)
        if (apart.op[b] === j)
          pairs.push([
            apartLast[a]! + 1,
            j + 1,
            apart.lag[a]!,
            apartLast[b]! + 1,
            other + 1,
            apart.lag[b]!,
          ]);
    }
  return (k: number) => list(pairs.map((pair) => pair[k]!));
};

const spanLists = ({ rooms, openFirst, openFrom, openTo }: Ops) => {
  const room = Array.from({ length: rooms }, (_, r) =>
    Array.from({ length: openFirst[r + 1]! - openFirst[r]! }, () => r + 1),
  ).flat();
  return `spans=${room.length};spanRoom=${list(room)};spanFrom=${list(openFrom)};spanTo=${list(openTo)};`;
};

const dataOf = (ops: Ops): string => {
  const arcs = arcLists(ops.least, ops.n);
  const gaps = arcLists(ops.most, ops.n);
  const pair = pairLists(ops);
  const count = ops.apart.op.length / 2;
  return `n=${ops.n};m=${ops.cleaners};rooms=${ops.rooms};horizon=${Math.max(...ops.to)};
work=${list(ops.work)};room=${list(ops.room.map((r) => r + 1))};over=${list(ops.over)};
walk=array2d(1..${ops.rooms},1..${ops.rooms},${list(ops.walk)});atOnce=${list(ops.atOnce)};
from=${list(ops.from)};to=${list(ops.to)};
arcs=${arcs.from.length};arcFrom=${list(arcs.from)};arcTo=${list(arcs.to)};arcLag=${list(arcs.lag)};
gaps=${gaps.from.length};gapFrom=${list(gaps.from)};gapTo=${list(gaps.to)};gapLag=${list(gaps.lag)};
pairs=${count};oneLast=${pair(0)};otherFirst=${pair(1)};oneLag=${pair(2)};
otherLast=${pair(3)};oneFirst=${pair(4)};otherLag=${pair(5)};
${spanLists(ops)}`;
};

const scratch = mkdtempSync(join(tmpdir(), 'zymostat-solver-'));
for (const name of readdirSync(folder).sort()) {
  const { problem } = readVisitProblem(JSON.parse(readFileSync(new URL(name, folder), 'utf8')));
  const data = join(scratch, name.replace('.json', '.dzn'));
  writeFileSync(data, dataOf(opsFor(problem!)));
  const asked = ['--solver', 'gecode', '-a', '--time-limit', String(seconds * 1000), model, data];
  const { stdout, stderr } = spawnSync('minizinc', asked, { encoding: 'utf8' });
  const found = [...stdout.matchAll(/done=(\d+)/g)].map(([, done]) => Number(done));
  const proven = stdout.includes('==========') ? ', proven' : '';
  console.log(
    `${name.replace('.json', '')}: ${found.at(-1) ?? 'none'}${proven} ${stderr.includes('rror') ? stderr : ''}`,
  );
}
