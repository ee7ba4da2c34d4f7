import type { Body, Week } from '@zymostat/contract';
import { secondsOf, timeIn } from '../../ui/dayTimes.ts';

const HOUR = 3600;
const MOST_HOURS = 168;

/** What somebody sees of a person's hours, to type over. */
export const hoursTyped = ({ hours, most, skills }: Week['people'][number]) => ({
  days: hours.map((one) => ({ from: one ? timeIn(one[0]) : '', to: one ? timeIn(one[1]) : '' })),
  most: String(most / HOUR),
  skills: skills.join(', '),
});
export type HoursTyped = ReturnType<typeof hoursTyped>;

/** The hours of a day; null where they are off, nothing where they cannot be read. */
export const dayIn = ({
  from,
  to,
}: HoursTyped['days'][number]): [number, number] | null | undefined => {
  if (from === '' && to === '') return null;
  const [begins, ends] = [secondsOf(from), secondsOf(to)];
  if (begins === undefined || ends === undefined || ends <= begins) return undefined;
  return [begins, ends];
};

/** Most s a week of hours that were typed; nothing where they cannot be read. */
export const mostIn = (text: string): number | undefined => {
  const hours = Number(text.replace(',', '.'));
  const fits = text.trim() !== '' && hours >= 0 && hours <= MOST_HOURS;
  return fits ? Math.round(hours * HOUR) : undefined;
};

/** The hours that were typed; nothing while a part of them cannot be read. */
export const hoursIn = ({ days, most, skills }: HoursTyped): Body<'setHours'> | undefined => {
  const [hours, seconds] = [days.map(dayIn), mostIn(most)];
  if (seconds === undefined || hours.some((one) => one === undefined)) return undefined;
  const can = skills.split(',').map((one) => one.trim());
  return {
    hours: hours as ([number, number] | null)[],
    most: seconds,
    skills: can.filter((one) => one !== ''),
  };
};
