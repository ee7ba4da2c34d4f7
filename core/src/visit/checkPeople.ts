import type { Breaks } from './breach.ts';
import type { PlanStep, VisitCleaner, VisitProblem, VisitRoom } from './problem.ts';

const byStart = (a: PlanStep, b: PlanStep) => a.start - b.start || a.end - b.end;

/** One at a time, inside the paid window, with time to walk. */
const ofCleaner = (
  { id, from, to }: VisitCleaner,
  steps: readonly PlanStep[],
  walk: (a: PlanStep, b: PlanStep) => number,
  breaks: Breaks,
) => {
  const own = steps.filter(({ cleaner }) => cleaner === id).sort(byStart);
  own.forEach((step, k) => {
    const say = (code: 'outside-hours' | 'two-at-once', by: number) =>
      breaks({ rule: 1, code, treatments: [step.treatment], cleaner: id, by });
    if (step.start < from) say('outside-hours', from - step.start);
    if (step.end > to) say('outside-hours', step.end - to);
    const before = own[k - 1];
    if (!before) return;
    const gap = step.start - before.end;
    const needed = walk(before, step);
    const treatments = [step.treatment, before.treatment];
    if (gap < 0) breaks({ rule: 1, code: 'two-at-once', treatments, cleaner: id, by: -gap });
    else if (gap < needed)
      breaks({ rule: 2, code: 'walk', treatments, cleaner: id, by: needed - gap });
  });
};

/** The open hours as few spans: what touches is one. */
const union = (open: VisitRoom['open']): [number, number][] => {
  const spans: [number, number][] = [];
  for (const [from, to] of [...open].sort((a, b) => a[0] - b[0])) {
    const last = spans.at(-1);
    if (last && from <= last[1]) last[1] = Math.max(last[1], to);
    else spans.push([from, to]);
  }
  return spans;
};

/** Open throughout, and never fuller than it may be. */
const ofRoom = (room: VisitRoom, steps: readonly PlanStep[], breaks: Breaks) => {
  const spans = union(room.open);
  for (const { start, end, treatment } of steps) {
    if (spans.some(([from, to]) => from <= start && end <= to)) continue;
    const by = Math.min(
      end - start,
      ...spans.map(([from, to]) => Math.max(from - start, 0) + Math.max(end - to, 0)),
    );
    breaks({ rule: 1, code: 'room-closed', treatments: [treatment], by });
  }
  const { atOnce } = room;
  if (atOnce === undefined) return;
  for (const step of steps) {
    const there = steps.filter((one) => one.start <= step.start && step.start < one.end);
    if (new Set(there.map(({ cleaner }) => cleaner)).size <= atOnce) continue;
    const treatments = [step, ...there.filter((one) => one !== step)].map((one) => one.treatment);
    const by = Math.min(...there.map(({ end }) => end)) - step.start;
    breaks({ rule: 1, code: 'room-full', treatments: [...new Set(treatments)], by });
  }
};

/** Rules 1 and 2 where they bind people and rooms. */
export const checkPeople = (
  problem: VisitProblem,
  steps: readonly PlanStep[],
  breaks: Breaks,
): void => {
  const roomOf = new Map(problem.treatments.map(({ id, room }) => [id, room]));
  const rooms = new Map(problem.rooms.map((room) => [room.id, room]));
  const walk = (a: PlanStep, b: PlanStep) => {
    const [from, to] = [roomOf.get(a.treatment)!, roomOf.get(b.treatment)!];
    return from === to ? 0 : rooms.get(from)!.walk[to]!;
  };
  for (const cleaner of problem.cleaners) ofCleaner(cleaner, steps, walk, breaks);
  for (const room of problem.rooms)
    ofRoom(
      room,
      steps.filter(({ treatment }) => roomOf.get(treatment) === room.id),
      breaks,
    );
};
