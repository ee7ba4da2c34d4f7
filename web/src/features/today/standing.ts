import type { BoardRound, BoardStop } from '@zymostat/contract';
import { paceOf } from '@zymostat/core';

/** After so long without a word from a phone somebody asks, s. Source: common practice, no source. */
export const SILENT_AFTER = 20 * 60;
/** So far behind its usual length a round is said to be, s. */
const BEHIND = 5 * 60;

const isOver = (stop: BoardStop): boolean => !['todo', 'begun', 'wet'].includes(stop);
export const stopsOf = ({ rooms }: BoardRound): BoardStop[] => rooms.flatMap(({ stops }) => stops);
export const doneOf = (round: BoardRound): number => stopsOf(round).filter(isOver).length;

/** Whose phones have not been heard of for long, in a round that is still in hand; s. */
export const silentIn = (round: BoardRound, now: number): { name: string; seconds: number }[] =>
  round.finishedAt
    ? []
    : round.heard
        .map(({ name, at }) => ({ name, seconds: Math.floor((now - at) / 1000) }))
        .filter(({ seconds }) => seconds >= SILENT_AFTER);

/** How far it is from its usual length where that is worth saying, s: under 0 behind. */
export const paceIn = (round: BoardRound, now: number): number | null => {
  if (round.finishedAt) return null;
  const pace = paceOf({
    elapsed: (now - round.startedAt) / 1000,
    done: doneOf(round),
    total: stopsOf(round).length,
    usual: round.usualSeconds,
  });
  return pace !== null && Math.abs(pace) >= BEHIND ? pace : null;
};
