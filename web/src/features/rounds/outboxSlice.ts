import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { NewRoundEvent, Problem } from '@zymostat/contract';

/** An event that waits on the phone until the server has taken it. */
export interface Waiting {
  roundId: string;
  event: NewRoundEvent;
}

interface Outbox {
  waiting: Waiting[];
  /** Taken by the server, but perhaps not yet in the round as fetched. */
  taken: Waiting[];
  online: boolean;
  /** What the server refused although the phone had not. */
  refused: { waiting: Waiting; problem: Problem } | null;
}

export const outbox = createSlice({
  name: 'outbox',
  initialState: { waiting: [], taken: [], online: true, refused: null } as Outbox,
  reducers: {
    loaded: (state, { payload }: PayloadAction<Waiting[]>) => void (state.waiting = payload),
    added: (state, { payload }: PayloadAction<Waiting>) => void state.waiting.push(payload),
    sent: (state, { payload }: PayloadAction<Waiting>) => {
      state.waiting = state.waiting.filter(({ event }) => event.id !== payload.event.id);
      if (!payload.event.turnedBack) state.taken.push(payload);
      state.online = true;
    },
    unsent: (state) => void (state.online = false),
    refused: (state, { payload }: PayloadAction<{ waiting: Waiting; problem: Problem }>) => {
      state.waiting = state.waiting.filter(({ event }) => event.id !== payload.waiting.event.id);
      state.online = true;
      if (!payload.waiting.event.turnedBack) state.refused = payload;
    },
    acknowledged: (state) => void (state.refused = null),
  },
});
