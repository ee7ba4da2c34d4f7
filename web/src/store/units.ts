import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
/** US measures of the kitchen, or metric ones. */
export type UnitSystem = 'us' | 'metric';

const KEY = 'zymostat.units';

const isKept = (): boolean => localStorage.getItem(KEY) !== null;

/**
 * Which measures a person reads; kept on their device, else the company’s. Everything underneath
 * stays SI.
 */
export const units = createSlice({
  name: 'units',
  initialState: (): UnitSystem => (localStorage.getItem(KEY) === 'metric' ? 'metric' : 'us'),
  reducers: {
    chosen: (_, { payload }: PayloadAction<UnitSystem>) => {
      localStorage.setItem(KEY, payload);
      return payload;
    },
    /** The company’s, where nothing was chosen on this device. */
    ofCompany: (chosen, { payload }: PayloadAction<UnitSystem>) => (isKept() ? chosen : payload),
  },
});
