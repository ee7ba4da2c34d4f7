import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
/** US measures of the kitchen, or metric ones. */
export type UnitSystem = 'us' | 'metric';

const KEY = 'zymostat.units';

/** Which measures a person reads; kept on their device. Everything underneath stays SI. */
export const units = createSlice({
  name: 'units',
  initialState: (): UnitSystem => (localStorage.getItem(KEY) === 'metric' ? 'metric' : 'us'),
  reducers: {
    chosen: (_, { payload }: PayloadAction<UnitSystem>) => {
      localStorage.setItem(KEY, payload);
      return payload;
    },
  },
});
