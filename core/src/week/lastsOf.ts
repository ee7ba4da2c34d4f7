import type { TreatedRoom } from '../protocol/buildProtocol.ts';
import type { CoatHolds } from '../round/coatHolds.ts';
import type { Took } from '../visit/took.ts';
import { staffed } from '../visit/whatIf.ts';
import { visitProblem } from '../visit/visitProblem.ts';
import { MOST_CREW } from './weekArrays.ts';

/** A day's work, s: as long as a visit lasts of which no plan is known. */
const DAY = 28_800;
/** From room to room, s, where nobody has said. Source: common practice, no source. */
const USUAL_WALK = 20;
/** A short search: a week wants to know how long, not who does what. */
const ITERATIONS = 120;

/**
 * How long a visit by a protocol lasts with one, two, ... people, s: planned quickly, so that the
 * visit's own plan is no longer. With more people it never counts as longer.
 */
export const lastsOf = (
  rooms: readonly TreatedRoom[],
  { holds, took }: { holds: CoatHolds; took: Took },
): number[] => {
  const team = [{ id: 'first', from: 0, to: DAY }];
  const problem = visitProblem({ rooms, holds, took, team, walk: USUAL_WALK, hours: {} });
  const lasts: number[] = [];
  for (let people = 1; people <= MOST_CREW; people += 1) {
    const { done = DAY } = staffed(problem, people, ITERATIONS);
    lasts.push(Math.min(done, lasts.at(-1) ?? DAY));
  }
  return lasts;
};
