import type { WetNow } from '@zymostat/contract';
import {
  isLeftAlone,
  layDue,
  wetDue,
  type SurfaceClock,
  type TreatedSurface,
} from '@zymostat/core';
import type { Context } from '../../platform/context.ts';
import { personNames } from '../people/service.ts';
import { versionById } from '../protocols/service.ts';
import { placeIn } from './events.ts';
import { wetStates } from './stateStore.ts';
import { roundsAtHome } from './store.ts';

/** Which rounds leave which surface alone. */
const leftAlone = async (context: Context) =>
  (await wetStates(context)).flatMap(({ surfaceId, state }) =>
    Object.entries(state.rounds).flatMap(([roundId, { clock }]) =>
      isLeftAlone(clock) ? [{ roundId, surfaceId, clock }] : [],
    ),
  );

const wetOn = (
  { treatment }: TreatedSurface,
  { wetSince, coats, seen, slack }: SurfaceClock,
  coatHolds: number,
): WetNow[number]['wet'] => {
  if (wetSince === null || !treatment) return null;
  const { active, seconds } = treatment;
  return { active, seconds, wetSince, coats, seen, slack, coatHolds };
};

const lyingOn = (
  { loosening }: TreatedSurface,
  { lying }: SurfaceClock,
): WetNow[number]['lying'] => {
  const last = loosening?.cleaners.at(-1);
  if (!lying || !loosening?.lies || !last) return null;
  return { cleaner: last.cleaner, since: lying.since, ...loosening.lies };
};

/** When something is due there, ms since 1970. */
const dueAt = ({ wet, lying }: WetNow[number], now: number): number => {
  if (wet) return wetDue(wet, wet, now)!.at;
  const by = { opening: '', uncertain: 0 };
  return lying ? layDue({ lying: { since: lying.since, by } }, lying, now)!.at : Infinity;
};

/** What is left alone right now across all rounds in hand, what is due soonest first. */
export const wetNow = async (context: Context): Promise<WetNow> => {
  const alone = await leftAlone(context);
  const ids = [...new Set(alone.map(({ roundId }) => roundId))];
  const rounds = new Map((await roundsAtHome(context, ids)).map((round) => [round.id, round]));
  const names = await personNames(context);
  const found: WetNow = [];
  for (const { roundId, surfaceId, clock } of alone) {
    const { homeName, people, versionId, holds } = rounds.get(roundId)!;
    const { protocol } = await versionById(context, versionId);
    const surface = placeIn(protocol, surfaceId)?.surface;
    if (!surface) continue;
    const wet = wetOn(surface, clock, holds?.[surfaceId] ?? 0);
    const lying = lyingOn(surface, clock);
    if (!wet && !lying) continue;
    const by = people.map((one) => names.get(one) ?? '').join(', ');
    found.push({ roundId, surfaceId, homeName, surfaceName: surface.name, by, wet, lying });
  }
  const now = context.now();
  return found.sort((a, b) => dueAt(a, now) - dueAt(b, now));
};
