import { isObject, wholeAt, type Json, type Report } from './faults.ts';

interface Pairs {
  treatments: Json[];
  before: unknown[];
  apart: unknown[];
  closes: unknown[];
}

/** Whether it is the id of a treatment; if not, a fault. */
const idAt = (value: unknown, at: string, ids: Map<unknown, Json>, report: Report): boolean => {
  if (typeof value === 'string' && ids.has(value)) return true;
  report('unknown-id', at, value);
  return false;
};

const apartFaults = (pairs: unknown[], ids: Map<unknown, Json>, report: Report) =>
  pairs.forEach((pair, i) => {
    const at = `/apart/${i}`;
    if (!isObject(pair)) return report('not-an-object', at, pair);
    const known = [idAt(pair.a, `${at}/a`, ids, report), idAt(pair.b, `${at}/b`, ids, report)];
    wholeAt(pair.gap, `${at}/gap`, report);
    if (!known.every(Boolean)) return;
    if (pair.a === pair.b) report('with-itself', `${at}/b`, pair.b);
    else if (ids.get(pair.a)?.room !== ids.get(pair.b)?.room) report('two-rooms', at, pair);
  });

/** The first pair that closes a circle, if any. */
const circleAt = (pairs: [string, string, number][]): number | undefined => {
  const after = new Map<string, Set<string>>();
  const reaches = (from: string, to: string, seen = new Set<string>()): boolean => {
    if (from === to) return true;
    if (seen.has(from)) return false;
    seen.add(from);
    return [...(after.get(from) ?? [])].some((next) => reaches(next, to, seen));
  };
  for (const [a, b, i] of pairs) {
    if (reaches(b, a)) return i;
    after.set(a, (after.get(a) ?? new Set()).add(b));
  }
  return undefined;
};

const beforeFaults = (pairs: unknown[], ids: Map<unknown, Json>, report: Report) => {
  const known: [string, string, number][] = [];
  pairs.forEach((pair, i) => {
    const at = `/before/${i}`;
    if (!Array.isArray(pair) || pair.length !== 2) return report('pair', at, pair);
    const [a, b] = pair as [unknown, unknown];
    const found = [idAt(a, `${at}/0`, ids, report), idAt(b, `${at}/1`, ids, report)];
    if (found.every(Boolean)) known.push([a as string, b as string, i]);
  });
  const circle = circleAt(known);
  if (circle !== undefined) report('cycle', `/before/${circle}`, pairs[circle]);
};

/** Faults of what joins two treatments. */
export const pairFaults = ({ treatments, before, apart, closes }: Pairs, report: Report): void => {
  const ids = new Map<unknown, Json>(treatments.map((treatment) => [treatment.id, treatment]));
  beforeFaults(before, ids, report);
  apartFaults(apart, ids, report);
  closes.forEach((id, i) => idAt(id, `/closes/${i}`, ids, report));
};
