import { addDays, addWeeks, startOfISOWeek } from 'date-fns';
import { dateFieldOf } from './times.ts';

const startOf = (monday: string): Date => new Date(`${monday}T00:00`);

/** The Monday of the week of a moment, by which the week is called. */
export const mondayOf = (ms: number): string => dateFieldOf(startOfISOWeek(ms).getTime());

/** The Monday so many weeks later. */
export const weeksLater = (monday: string, weeks: number): string =>
  dateFieldOf(addWeeks(startOf(monday), weeks).getTime());

/** A moment of a day of a week, by s since midnight. */
export const momentIn = (monday: string, day: number, seconds = 0): number =>
  addDays(startOf(monday), day).setHours(0, 0, seconds);
