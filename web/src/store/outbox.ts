import { createSlice, type Draft, type PayloadAction } from '@reduxjs/toolkit';
import type { NewRoundEvent, Problem } from '@zymostat/contract';

/** An event that waits on the phone until the server has taken it. */
export interface Waiting {
  roundId: string;
  event: NewRoundEvent;
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
}

export const outbox = createSlice({
  name: 'outbox',
  initialState: { waiting: [], taken: [], online: true, notTaken: [], ofOthers: [] } as Outbox,
  reducers: {
    loaded: (
      state,
      { payload }: PayloadAction<Pick<Outbox, 'waiting' | 'notTaken' | 'ofOthers'>>,
    ) => ({ ...state, ...payload }),
    added: (state, { payload }: PayloadAction<Waiting>) => void state.waiting.push(payload),
    sent: (state, { payload }: PayloadAction<Waiting>) => {
      state.waiting = state.waiting.filter(({ event }) => event.id !== payload.event.id);
      if (!payload.event.turnedBack) state.taken.push(payload);
      state.online = true;
    },
    unsent: (state) => void (state.online = false),
    notTaken: (state, { payload }: PayloadAction<NotTaken>) => {
      state.waiting = state.waiting.filter(({ event }) => event.id !== payload.event.id);
      state.online = true;
      state.notTaken.push(payload as Draft<NotTaken>);
    },
    read: (state) =>
      void state.notTaken.forEach((one) => {
        one.read = true;
      }),
  },
});
