import { w } from '../words/words.ts';
import { isThisYear, isToday, isTomorrow, isYesterday, lightFormat } from 'date-fns';

// Month names come from the browser: a formatter that knows languages weighs more than all else on
// the first page that tells the time.
const monthOf = (ms: number | Date): string =>
  new Intl.DateTimeFormat(w.language, { month: 'short' }).format(ms);

/** "07:25" */
export const timeOf = (ms: number): string => lightFormat(ms, 'HH:mm');
/** "07:25:40" */
export const toTheSecond = (ms: number): string => lightFormat(ms, 'HH:mm:ss');
/** "2026-11-24" and "2026-11-24T07:25", as fields of dates and moments want them */
export const momentFieldOf = (ms: number): string => lightFormat(ms, "yyyy-MM-dd'T'HH:mm");
export const dateFieldOf = (ms: number): string => lightFormat(ms, 'yyyy-MM-dd');
const dayAndMonth = (ms: number): string => `${lightFormat(ms, 'd')} ${monthOf(ms)}`;
/** "24 Nov 2026" */
export const dateOf = (ms: number): string => `${dayAndMonth(ms)} ${lightFormat(ms, 'yyyy')}`;
/** "24 Nov", with the year where it is another */
export const dayOf = (ms: number): string => (isThisYear(ms) ? dayAndMonth(ms) : dateOf(ms));
/** "24 Nov" from a date field's "2026-11-24" */
export const dayOfField = (field: string): string => dayOf(new Date(`${field}T00:00`).getTime());
/** "Tuesday" */
export const weekdayName = (ms: number): string =>
  new Intl.DateTimeFormat(w.language, { weekday: 'long' }).format(ms);
/** "Tue" */
export const weekdayShort = (ms: number): string =>
  new Intl.DateTimeFormat(w.language, { weekday: 'short' }).format(ms);
/** "2026-11", and the same as a heading: "Nov" */
export const monthFieldOf = (ms: number): string => lightFormat(ms, 'yyyy-MM');
export const monthOfField = (field: string): string => monthOf(new Date(`${field}-01T00:00`));
/** "today 07:25", "tomorrow 07:25", "21 Oct 10:20" */
export const momentOf = (ms: number): string => {
  const time = timeOf(ms);
  if (isToday(ms)) return w.say('common.today', { time });
  if (isTomorrow(ms)) return w.say('common.tomorrow', { time });
  return isYesterday(ms) ? w.say('common.yesterday', { time }) : `${dayOf(ms)} ${time}`;
};
