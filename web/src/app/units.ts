import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { UnitSystem } from '../ui/amounts.ts';

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
