import { createSlice, type Draft, type PayloadAction } from '@reduxjs/toolkit';
import type { NewMishap, NewRoundEvent, Problem, RoundAhead } from '@zymostat/contract';
import type { EventClock } from '@zymostat/core';

/** Who does something besides what is done at surfaces, and when. */
interface Act {
  id: string;
  personId: string;
  at: number;
  clock: EventClock;
}
/** A round is begun, and by what; it is finished; a near miss is told. */
export type Begin = Act & { does: 'begin'; ahead: RoundAhead };
export type Finish = Act & { does: 'finish'; homeName: string };
export type TellMishap = Act & { does: 'tell'; mishap: Omit<NewMishap, 'at'> };
export type ByItself = Begin | Finish | TellMishap;

/** What is to be sent: something done at a surface, or what is sent by itself. */
export type ToSend = NewRoundEvent | ByItself;
export const isByItself = (what: ToSend): what is ByItself => 'does' in what;

/** What waits on the phone until the server has taken it. */
export interface Waiting<What extends ToSend = ToSend> {
  roundId: string;
  event: What;
}

/** What the server did not take although the phone had: it stays on the phone with why. */
export interface NotTaken extends Waiting {
  problem: Problem;
  /** Whether the person has read why. */
  read: boolean;
}

/** What somebody else has left on this phone: only they can send it. */
export interface OfOthers {
  by: string;
  count: number;
  since: number;
}

interface Outbox {
  /** Of the person who is signed in. */
  waiting: Waiting[];
  /** Taken by the server, but perhaps not yet in the round as fetched. */
  taken: Waiting[];
  online: boolean;
  notTaken: NotTaken[];
  ofOthers: OfOthers[];
  /** Rounds that were begun here while somebody else had begun one of the same home: theirs. */
  joined: Record<string, string>;
}

const without = (waiting: Draft<Waiting>[], { event }: Waiting) =>
  waiting.filter((one) => one.event.id !== event.id);

export const outbox = createSlice({
  name: 'outbox',
  initialState: {
    waiting: [],
    taken: [],
    online: true,
    notTaken: [],
    ofOthers: [],
    joined: {},
  } as Outbox,
  reducers: {
    loaded: (
      state,
      { payload }: PayloadAction<Pick<Outbox, 'waiting' | 'notTaken' | 'ofOthers'>>,
    ) => ({ ...state, ...payload }),
    added: (state, { payload }: PayloadAction<Waiting>) =>
      void state.waiting.push(payload as Draft<Waiting>),
    sent: (state, { payload }: PayloadAction<Waiting>) => {
      state.waiting = without(state.waiting, payload);
      const { event } = payload;
      if (isByItself(event) || !event.turnedBack) state.taken.push(payload as Draft<Waiting>);
      state.online = true;
    },
    unsent: (state) => void (state.online = false),
    notTaken: (state, { payload }: PayloadAction<NotTaken>) => {
      state.waiting = without(state.waiting, payload);
      state.online = true;
      state.notTaken.push(payload as Draft<NotTaken>);
    },
    read: (state) =>
      void state.notTaken.forEach((one) => {
        one.read = true;
      }),
    joined: (
      state,
      { payload: { own, theirs } }: PayloadAction<{ own: string; theirs: string }>,
    ) => {
      state.joined[own] = theirs;
      for (const one of [...state.waiting, ...state.taken])
        if (one.roundId === own) one.roundId = theirs;
    },
  },
});

/** What was done at surfaces, of whatever waits or was taken. */
export const doneIn = (waiting: readonly Waiting[]): Waiting<NewRoundEvent>[] =>
  waiting.flatMap(({ roundId, event }) => (isByItself(event) ? [] : [{ roundId, event }]));
