import type { Ops } from './ops.ts';

/** An order of work: every operation once, and the cleaner of each. */
export interface Orders {
  order: Int32Array;
  who: Int8Array;
}

/** Treatments in the order of the list, none before what it waits for. */
const treatmentsInOrder = (ops: Ops): number[] => {
  const count = ops.problem.treatments.length;
  const waits = Array.from({ length: count }, () => new Set<number>());
  for (let j = 0; j < ops.n; j += 1)
    for (let a = ops.least.first[j]!; a < ops.least.first[j + 1]!; a += 1) {
      const before = ops.treatment[ops.least.op[a]!]!;
      if (before !== ops.treatment[j]!) waits[ops.treatment[j]!]!.add(before);
    }
  const roomAt = new Map(ops.problem.rooms.map(({ id }, r) => [id, r]));
  const left = ops.problem.treatments
    .map(({ room }, t) => ({ t, room: roomAt.get(room)! }))
    .sort((a, b) => a.room - b.room || a.t - b.t);
  const done = new Set<number>();
  const sorted: number[] = [];
  while (left.length > 0) {
    const k = left.findIndex(({ t }) => [...waits[t]!].every((one) => done.has(one)));
    const { t } = left.splice(Math.max(k, 0), 1)[0]!;
    done.add(t);
    sorted.push(t);
  }
  return sorted;
};

/** Room by room, each cleaner standing by until what was begun is through. */
export const waitInPlace = (ops: Ops): Orders => {
  const order = new Int32Array(ops.n);
  const who = new Int8Array(ops.n);
  const busy = new Float64Array(ops.cleaners);
  const own = new Map<number, number[]>();
  for (let j = 0; j < ops.n; j += 1)
    own.set(ops.treatment[j]!, [...(own.get(ops.treatment[j]!) ?? []), j]);
  let k = 0;
  for (const t of treatmentsInOrder(ops)) {
    const c = busy.indexOf(Math.min(...busy));
    for (const j of own.get(t) ?? []) {
      order[k++] = j;
      who[j] = c;
    }
    busy[c]! += ops.tails[own.get(t)![0]!]!;
  }
  return { order, who };
};
