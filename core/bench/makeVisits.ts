import { writeFileSync } from 'node:fs';
import { seeded } from '../src/units/random.ts';
import type { VisitProblem, VisitStep, VisitTreatment } from '../src/visit/problem.ts';

/* Writes the made-up visits of core/bench/visits anew, the same ones each time. */

interface Plan {
  name: string;
  seed: number;
  surfaces: number;
  cleaners: number;
  rooms: number;
  /** Shares of what has it: re-wets, pairs kept apart, floors that close, hours of a room. */
  rewets?: number;
  apart?: number;
  closes?: number;
  hours?: number;
  atOnce?: number;
  /** Most alike visits are alike: wet for ten minutes. */
  long?: boolean;
}

const plans: Plan[] = [
  { name: '01-one-bath', seed: 1, surfaces: 4, cleaners: 1, rooms: 1, rewets: 0.3 },
  { name: '02-bath-and-kitchen', seed: 2, surfaces: 7, cleaners: 1, rooms: 2, rewets: 0.3 },
  { name: '03-two-at-work', seed: 3, surfaces: 8, cleaners: 2, rooms: 3, apart: 0.2 },
  { name: '04-flat-alone', seed: 4, surfaces: 14, cleaners: 1, rooms: 4, closes: 0.8 },
  { name: '05-flat-hours', seed: 5, surfaces: 18, cleaners: 2, rooms: 5, hours: 0.4, closes: 0.6 },
  { name: '06-narrow-rooms', seed: 6, surfaces: 24, cleaners: 3, rooms: 6, atOnce: 0.7 },
  { name: '07-many-rewets', seed: 7, surfaces: 30, cleaners: 2, rooms: 6, rewets: 0.6 },
  {
    name: '08-typical-home',
    seed: 8,
    surfaces: 40,
    cleaners: 2,
    rooms: 8,
    closes: 0.7,
    long: true,
  },
  { name: '09-alone-all-day', seed: 9, surfaces: 40, cleaners: 1, rooms: 8, closes: 0.5 },
  { name: '10-kept-apart', seed: 10, surfaces: 40, cleaners: 3, rooms: 7, apart: 0.15 },
  { name: '11-large-home', seed: 11, surfaces: 60, cleaners: 3, rooms: 9, closes: 0.8, hours: 0.2 },
  { name: '12-two-in-a-large-one', seed: 12, surfaces: 60, cleaners: 2, rooms: 10, rewets: 0.3 },
  { name: '13-four-in-a-hurry', seed: 13, surfaces: 80, cleaners: 4, rooms: 12, closes: 0.7 },
  {
    name: '14-everything',
    seed: 14,
    surfaces: 80,
    cleaners: 3,
    rooms: 10,
    rewets: 0.3,
    apart: 0.04,
    closes: 0.8,
    atOnce: 0.3,
  },
];

const names = [
  'bath',
  'kitchen',
  'hall',
  'wc',
  'bedroom',
  'nursery',
  'living',
  'study',
  'utility',
  'landing',
  'guest',
  'porch',
];
const DAY = 14_400;

type Next = () => number;
const under = (next: Next, count: number): number => Math.floor(next() * count);

/** Along corridors, so that the triangle inequality holds by the way it is made. */
const walks = (own: string[], next: Next): number[][] => {
  const spots = own.map(() => [next() * 12, next() * 9] as const);
  const far = (i: number, k: number) =>
    Math.abs(spots[i]![0] - spots[k]![0]) + Math.abs(spots[i]![1] - spots[k]![1]);
  return own.map((_, i) => own.map((__, k) => (i === k ? 0 : 6 + Math.ceil(far(i, k)))));
};

const holdStep = (wet: number, rewets: number, next: Next): VisitStep => {
  const again = next() < rewets && wet > 60;
  const rewetEvery = Math.floor(wet * (0.3 + 0.5 * next()));
  return again
    ? { kind: 'hold', wet, rewetEvery, rewetWork: 8 + under(next, 20) }
    : { kind: 'hold', wet };
};

const stepsAfter = (next: Next): VisitStep[] => {
  const after = next();
  const within = next() < 0.12 ? { within: 300 + under(next, 900) } : {};
  const steps: VisitStep[] = [];
  if (after < 0.7) steps.push({ kind: 'wipe', work: 15 + under(next, 60), ...within });
  if (after < 0.15) steps.push({ kind: 'rinse', work: 20 + under(next, 30) });
  return steps;
};

const treated = (id: string, room: string, plan: Plan, next: Next): VisitTreatment => {
  if (next() < 0.2) return { id, room, steps: [{ kind: 'clean', work: 45 + under(next, 200) }] };
  const wet = plan.long ? 600 : [120, 300, 600, 600, 900, 1200][under(next, 6)]!;
  const steps: VisitStep[] = next() < 0.85 ? [{ kind: 'clean', work: 20 + under(next, 100) }] : [];
  steps.push({ kind: 'apply', work: 10 + under(next, 40) });
  steps.push(holdStep(wet, plan.rewets ?? 0.15, next), ...stepsAfter(next));
  return { id, room, steps };
};

const pairs = (treatments: VisitTreatment[], { surfaces, apart = 0.03 }: Plan, next: Next) => {
  const wet = treatments.filter(({ steps }) => steps.length > 1);
  return {
    before: Array.from({ length: Math.floor(surfaces / 10) }, () => {
      const a = under(next, surfaces - 1);
      const b = a + 1 + under(next, surfaces - 1 - a);
      return [treatments[a]!.id, treatments[b]!.id] as [string, string];
    }),
    apart: wet.flatMap((a, i) =>
      wet
        .slice(i + 1)
        .filter(({ room }) => room === a.room && next() < apart)
        .map((b) => ({ a: a.id, b: b.id, gap: [0, 60, 300][under(next, 3)]! })),
    ),
  };
};

const make = (plan: Plan): VisitProblem => {
  const { seed, surfaces, cleaners, rooms, closes = 0.5, hours = 0, atOnce = 0 } = plan;
  const next = seeded(seed);
  const own = names.slice(0, rooms);
  const walk = walks(own, next);
  const treatments = Array.from({ length: surfaces }, (_, i) => {
    const room = own[i < rooms ? i : under(next, rooms)]!;
    return treated(`${room}/s${i}`, room, plan, next);
  });
  const floors = own.filter(() => next() < closes);
  for (const room of floors) {
    const steps = [{ kind: 'clean' as const, work: 60 + under(next, 150) }];
    treatments.push({ id: `${room}/floor`, room, steps });
  }
  return {
    format: 'zymostat.visit-problem/1',
    cleaners: Array.from({ length: cleaners }, (_, c) => ({
      id: `c${c + 1}`,
      from: c * under(next, 200),
      to: DAY,
    })),
    rooms: own.map((id, i) => ({
      id,
      open:
        next() < hours
          ? [
              [0, 2400 + under(next, 1500)],
              [4200, DAY],
            ]
          : [[0, DAY]],
      ...(next() < atOnce ? { atOnce: 1 } : {}),
      walk: Object.fromEntries(own.flatMap((o, k) => (i === k ? [] : [[o, walk[i]![k]!]]))),
    })),
    treatments,
    ...pairs(treatments, plan, next),
    closes: floors.map((room) => `${room}/floor`),
  };
};

/** One cleaner, room, treatment or pair a line. */
const asText = (problem: VisitProblem): string => {
  const fields = Object.entries(problem).map(([name, value]) => {
    const text = Array.isArray(value)
      ? `[${value.map((one) => `\n  ${JSON.stringify(one)}`).join(',')}\n ]`
      : JSON.stringify(value);
    return ` ${JSON.stringify(name)}: ${text}`;
  });
  return `{\n${fields.join(',\n')}\n}\n`;
};

for (const plan of plans)
  writeFileSync(new URL(`visits/${plan.name}.json`, import.meta.url), asText(make(plan)));
