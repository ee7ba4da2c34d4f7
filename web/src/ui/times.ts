import { format, isThisYear, isToday, isTomorrow, isYesterday } from 'date-fns';

/** "07:25" */
export const timeOf = (ms: number): string => format(ms, 'HH:mm');
/** "24 Nov", with the year where it is another */
export const dayOf = (ms: number): string => format(ms, isThisYear(ms) ? 'd MMM' : 'd MMM yyyy');
/** "today 07:25", "tomorrow 07:25", "21 Oct 10:20" */
export const momentOf = (ms: number): string => `${isToday(ms) ? 'today' : isTomorrow(ms) ? 'tomorrow' : isYesterday(ms) ? 'yesterday' : dayOf(ms)} ${timeOf(ms)}`;
/** "24 Nov 2026" */
export const dateOf = (ms: number): string => format(ms, 'd MMM yyyy');
