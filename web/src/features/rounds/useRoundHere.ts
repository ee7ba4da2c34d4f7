import type { Me, Round } from '@zymostat/contract';
import { isByItself, type Begin, type Waiting } from '../../store/outbox.ts';
import { useAppSelector } from '../../store/store.ts';
import { useRoundQuery } from './api.ts';

export const begunOf = ({ roundId, event }: Waiting): { roundId: string; begin: Begin }[] =>
  isByItself(event) && event.does === 'begin' ? [{ roundId, begin: event }] : [];

/** A round as it was begun on this phone, before the server knows of it. */
const asBegun = (id: string, { ahead, at }: Begin, me: Me): Round => {
  const { homeId, homeName, place, version, clientKeeps, holds } = ahead;
  const head = { id, homeId, homeName, place, by: me.person.name, joined: true };
  const since = { startedAt: at, finishedAt: null };
  return { ...head, ...since, version, clientKeeps, holds, airs: [], wayIn: null, events: [] };
};

/** A round as far as this phone knows it: as the server says it, or as it was begun here. */
export const useRoundHere = (id: string, me: Me | undefined) => {
  const { waiting, taken, joined } = useAppSelector((state) => state.outbox);
  const own = waiting.flatMap(begunOf).find(({ roundId }) => roundId === id);
  // Of this round only: a phone goes from one to another without leaving the page.
  const { currentData: data, error } = useRoundQuery(id, {
    refetchOnMountOrArgChange: true,
    skip: own !== undefined,
  });
  const sent = own ?? taken.flatMap(begunOf).find(({ roundId }) => roundId === id);
  const begun = sent && me && asBegun(id, sent.begin, me);
  return { round: data ?? begun, error, theirs: joined[id] };
};
