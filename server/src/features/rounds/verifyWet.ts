import {
  afterEvent,
  takenBack,
  untouchedState,
  withoutRound,
  type SurfaceState,
  type TreatedSurface,
  type Treatment,
} from '@zymostat/core';
import type { Context } from '../../platform/context.ts';
import { allVersions } from '../protocols/service.ts';
import { canonical } from '../records/chain.ts';
import { askedIn, clockOf, type ToldBody } from './events.ts';
import { allStates, forgetStates, keepStates, STATES_CHUNK, type KeptState } from './stateStore.ts';
import { allRounds, type RoundPlace } from './store.ts';

/** What is kept of a surface is not what its events come to. */
export interface WetBreak {
  code: 'wet-differs';
  homeId: string;
  surfaceId: string;
}

interface Seen {
  factId: string;
  kind: string;
  at: string | number;
  body: string;
}

/** Facts by which a surface stands as it does. */
const DONE = new Set(['surface-event', 'wet-time', 'lay-time', 'correction']);

type SurfacesOf = ReadonlyMap<string, TreatedSurface>;

/** Follows all events of the ledger, and works out anew how every surface stands. */
export class WetAnew {
  /** By home and surface. */
  private readonly homes = new Map<string, Map<string, SurfaceState>>();
  private readonly asked = new Map<string, Treatment>();
  private constructor(
    private readonly rounds: ReadonlyMap<string, RoundPlace>,
    private readonly versions: ReadonlyMap<string, SurfacesOf>,
  ) {}

  static async begin(context: Pick<Context, 'db'>): Promise<WetAnew> {
    const versions = new Map<string, SurfacesOf>();
    for await (const { id, surfaces } of allVersions(context))
      versions.set(id, new Map(surfaces.map((surface) => [surface.id, surface])));
    return new WetAnew(await allRounds(context), versions);
  }

  see({ factId, kind, at, body }: Seen): void {
    if (DONE.has(kind)) this.done({ factId, at, body });
    if (kind === 'round-finished') this.finished((JSON.parse(body) as { roundId: string }).roundId);
  }

  private done({ factId, at, body }: Omit<Seen, 'kind'>): void {
    const said = JSON.parse(body) as ToldBody;
    const { roundId, surfaceId, event: kind, batchId, of } = said;
    const event = { id: factId, surfaceId, kind, at: Number(at), batchId, clock: clockOf(said) };
    const round = this.rounds.get(roundId);
    const asked = round && this.askedAt(round, surfaceId);
    if (!round || !asked) return;
    const home = this.homes.get(round.homeId) ?? new Map<string, SurfaceState>();
    const before = home.get(event.surfaceId) ?? untouchedState;
    const after =
      of === undefined
        ? afterEvent(before, { roundId, event }, asked)
        : takenBack(before, { roundId, id: of }, asked);
    home.set(event.surfaceId, after);
    this.homes.set(round.homeId, home);
  }

  /** What is asked of a surface in a round, worked out once. */
  private askedAt({ id, versionId, holds }: RoundPlace, surfaceId: string): Treatment | undefined {
    const key = `${id} ${surfaceId}`;
    const before = this.asked.get(key);
    if (before) return before;
    const surface = this.versions.get(versionId)?.get(surfaceId);
    if (!surface) return undefined;
    const asked = askedIn({ holds }, surface);
    this.asked.set(key, asked);
    return asked;
  }

  private finished(roundId: string): void {
    const home = this.homes.get(this.rounds.get(roundId)?.homeId ?? '');
    for (const [surfaceId, state] of home ?? [])
      if (roundId in state.rounds) home!.set(surfaceId, withoutRound(state, roundId));
  }

  private all(): KeptState[] {
    return [...this.homes].flatMap(([homeId, home]) =>
      [...home].map(([surfaceId, state]) => ({ homeId, surfaceId, state })),
    );
  }

  /** Compares what is kept with what it should be. */
  async compare(context: Pick<Context, 'db'>, broken: (found: WetBreak) => void): Promise<void> {
    const left = new Map(this.all().map((kept) => [keyOf(kept), kept]));
    for await (const kept of allStates(context)) {
      const expected = left.get(keyOf(kept));
      left.delete(keyOf(kept));
      if (!expected || canonical(expected.state) !== canonical(kept.state)) broken(breakAt(kept));
    }
    for (const missing of left.values()) broken(breakAt(missing));
  }

  /** Keeps what was worked out, in place of what is kept. */
  async keep(context: Context): Promise<void> {
    const all = this.all();
    await forgetStates(context);
    for (let at = 0; at < all.length; at += STATES_CHUNK)
      await keepStates(context, all.slice(at, at + STATES_CHUNK));
  }
}

const keyOf = ({ homeId, surfaceId }: Omit<KeptState, 'state'>): string => `${homeId} ${surfaceId}`;
const breakAt = ({ homeId, surfaceId }: KeptState): WetBreak => ({
  code: 'wet-differs',
  homeId,
  surfaceId,
});
