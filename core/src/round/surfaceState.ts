import { untouched, wetClock } from './wetClock.ts';
import type { Asked, SurfaceClock, WetEvent } from './wetClock.ts';

/** What was put on longer ago than this, ms, has dried and been washed over. Source: house rule. */
export const STILL_ON = 24 * 3_600_000;

/** As many events as may still arrive before one that is there already; older ones are settled. */
const UNSETTLED = 8;

type Done = Pick<WetEvent, 'kind' | 'at' | 'batchId'>;

/**
 * How a surface stands, kept beside the record: for each round what was done there in it, and for
 * the home what all rounds together have left. Rounds of one home may arrive in any order, so the
 * last events stay as they were told and are folded in the order in which they happened.
 */
export interface SurfaceState {
  /** What all rounds have left: `settled` and `recent` folded. */
  together: SurfaceClock;
  settled: SurfaceClock;
  /** In the order in which they happened. */
  recent: readonly Done[];
  rounds: Readonly<Record<string, SurfaceClock>>;
}

export const untouchedState: SurfaceState = {
  together: untouched,
  settled: untouched,
  recent: [],
  rounds: {},
};

/** What bears on what comes next: of the stretches that are over, the last. */
const kept = (clock: SurfaceClock): SurfaceClock =>
  clock.stretches.length > 1 ? { ...clock, stretches: clock.stretches.slice(-1) } : clock;

const inOrder = (recent: readonly Done[], event: Done): Done[] => {
  const after = recent.findLastIndex(({ at }) => at <= event.at) + 1;
  return [...recent.slice(0, after), event, ...recent.slice(after)];
};

const folded = (clock: SurfaceClock, events: readonly Done[], asked: Asked): SurfaceClock =>
  events.reduce((before, event) => wetClock(before, { ...event, surfaceId: '' }, asked), clock);

/** The state after one more event of a round. */
export const afterEvent = (
  state: SurfaceState,
  { roundId, event }: { roundId: string; event: WetEvent },
  asked: Asked,
): SurfaceState => {
  const { kind, at, batchId } = event;
  const all = inOrder(state.recent, { kind, at, batchId });
  const settling = all.slice(0, Math.max(0, all.length - UNSETTLED));
  const settled = folded(state.settled, settling, asked);
  const recent = all.slice(settling.length);
  // As it mostly is, the last told is the last done: then nothing is folded anew.
  const isLast = at >= (state.together.lastAt ?? 0);
  const together = isLast ? wetClock(state.together, event, asked) : folded(settled, recent, asked);
  const own = wetClock(state.rounds[roundId] ?? untouched, event, asked);
  return {
    together: kept(together),
    settled: kept(settled),
    recent,
    rounds: { ...state.rounds, [roundId]: kept(own) },
  };
};

/** What all rounds of the home together have left on the surface, as of `now` (ms since 1970). */
export const clockOfHome = ({ together }: SurfaceState, now: number): SurfaceClock =>
  together.lastAt === null || together.lastAt < now - STILL_ON ? untouched : together;

/** What was done on the surface in one round. */
export const clockOfRound = ({ rounds }: SurfaceState, roundId: string): SurfaceClock =>
  rounds[roundId] ?? untouched;

/** The state once a round is finished: what it left stays, its own clock is not asked any more. */
export const withoutRound = (state: SurfaceState, roundId: string): SurfaceState => {
  const { [roundId]: _, ...rounds } = state.rounds;
  return { ...state, rounds };
};

/** Since when it is wet by any round in hand, or nothing. */
export const isWetIn = ({ rounds }: SurfaceState): boolean =>
  Object.values(rounds).some(({ wetSince }) => wetSince !== null);
