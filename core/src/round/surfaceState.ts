import { isLeftAlone, untouched } from './surfaceClock.ts';
import { wetClock } from './wetClock.ts';
import type { Asked, WetEvent } from './wetEvents.ts';
import type { SurfaceClock } from './surfaceClock.ts';

/** What was put on longer ago than this, ms, has dried and been washed over. Source: house rule. */
export const STILL_ON = 24 * 3_600_000;

/** As many events as may still arrive before one that is there already; older ones are settled. */
const UNSETTLED = 8;

/** An event by its id, so that it can be taken back. */
type Done = { id: string } & Omit<WetEvent, 'surfaceId'>;

/**
 * Events in the order in which they happened, in whichever they arrive: the last ones stay as they
 * were told, older ones are settled. `clock` is all of them folded.
 */
export interface Folding {
  settled: SurfaceClock;
  recent: readonly Done[];
  clock: SurfaceClock;
}

/**
 * How a surface stands, kept beside the record: what all rounds of the home together have left, and
 * for each round what was done there in it, by whichever of its people.
 */
export interface SurfaceState {
  together: Folding;
  rounds: Readonly<Record<string, Folding>>;
}

const nothingYet: Folding = { settled: untouched, recent: [], clock: untouched };
export const untouchedState: SurfaceState = { together: nothingYet, rounds: {} };

/** What bears on what comes next: of the stretches that are over, the last. */
const kept = (clock: SurfaceClock): SurfaceClock =>
  clock.stretches.length > 1 ? { ...clock, stretches: clock.stretches.slice(-1) } : clock;

const folded = (clock: SurfaceClock, events: readonly Done[], asked: Asked): SurfaceClock =>
  events.reduce((before, event) => wetClock(before, { ...event, surfaceId: '' }, asked), clock);

/** Those of one moment stay in the order in which they arrived. */
const inOrder = (recent: readonly Done[], event: Done): Done[] => {
  const after = recent.findLastIndex(({ at }) => at <= event.at) + 1;
  return [...recent.slice(0, after), event, ...recent.slice(after)];
};

const withEvent = (folding: Folding, event: Done, asked: Asked): Folding => {
  const all = inOrder(folding.recent, event);
  const settling = all.slice(0, Math.max(0, all.length - UNSETTLED));
  const settled = kept(folded(folding.settled, settling, asked));
  const recent = all.slice(settling.length);
  // As it mostly is, the last told is the last done: then nothing is folded anew.
  const isLast = all.at(-1) === event;
  const clock = isLast ? folded(folding.clock, [event], asked) : folded(settled, recent, asked);
  return { settled, recent, clock: kept(clock) };
};

/** The state after one more event of a round. */
export const afterEvent = (
  { together, rounds }: SurfaceState,
  { roundId, event }: { roundId: string; event: { id: string } & WetEvent },
  asked: Asked,
): SurfaceState => {
  const { id, kind, at, batchId, clock } = event;
  const done = { id, kind, at, batchId, clock };
  return {
    together: withEvent(together, done, asked),
    rounds: { ...rounds, [roundId]: withEvent(rounds[roundId] ?? nothingYet, done, asked) },
  };
};

const withoutLast = (folding: Folding, id: string, asked: Asked): Folding => {
  const recent = folding.recent.filter((event) => event.id !== id);
  if (recent.length === folding.recent.length) return folding;
  return { ...folding, recent, clock: kept(folded(folding.settled, recent, asked)) };
};

/** The last thing done at a surface in a round: only that can be taken back. */
export const lastDone = ({ rounds }: SurfaceState, roundId: string): Done | undefined =>
  rounds[roundId]?.recent.at(-1);

/** The state as if the last thing done in a round had not been; a finished round stays as it is. */
export const takenBack = (
  state: SurfaceState,
  { roundId, id }: { roundId: string; id: string },
  asked: Asked,
): SurfaceState => {
  const { together, rounds } = state;
  const own = rounds[roundId];
  if (!own) return state;
  return {
    together: withoutLast(together, id, asked),
    rounds: { ...rounds, [roundId]: withoutLast(own, id, asked) },
  };
};

/** What all rounds of the home together have left on the surface, as of `now` (ms since 1970). */
export const clockOfHome = ({ together: { clock } }: SurfaceState, now: number): SurfaceClock =>
  clock.lastAt === null || clock.lastAt < now - STILL_ON ? untouched : clock;

/** What was done on the surface in one round. */
export const clockOfRound = ({ rounds }: SurfaceState, roundId: string): SurfaceClock =>
  (rounds[roundId] ?? nothingYet).clock;

/** What was done on the surface in one round up to a moment, ms: what an event then met. */
export const clockOfRoundAt = (
  { rounds }: SurfaceState,
  { roundId, at }: { roundId: string; at: number },
  asked: Asked,
): SurfaceClock => {
  const { settled, recent, clock } = rounds[roundId] ?? nothingYet;
  if (at >= (clock.lastAt ?? 0)) return clock;
  return folded(
    settled,
    recent.filter((event) => event.at <= at),
    asked,
  );
};

/** What is settled lies before everything that may still arrive, ms. */
export const settledUntil = ({ rounds }: SurfaceState, roundId: string): number =>
  rounds[roundId]?.settled.lastAt ?? 0;

/** The state once a round is finished: what it left stays, its own clock is not asked any more. */
export const withoutRound = (state: SurfaceState, roundId: string): SurfaceState => {
  const { [roundId]: _, ...rounds } = state.rounds;
  return { ...state, rounds };
};

/** Whether something works on it by itself, by any round in hand. */
export const isLying = ({ rounds }: SurfaceState): boolean =>
  Object.values(rounds).some(({ clock }) => clock.lying !== undefined);

/** Whether it is wet, or something works on it, by any round in hand. */
export const isWetIn = ({ rounds }: SurfaceState): boolean =>
  Object.values(rounds).some(({ clock }) => isLeftAlone(clock));
