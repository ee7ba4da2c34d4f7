import type { OwnWeek } from '@zymostat/contract';
import { listIn, type Words } from '@zymostat/words';
import { ICalCalendar, ICalCalendarMethod } from 'ical-generator';

const DAY_MS = 86_400_000;

/**
 * Somebody's week as a calendar file, in the time of where the company is. Each visit keeps its UID,
 * and `SEQUENCE` counts the changes of the week, so that one that was changed takes its place.
 */
export const weekCalendar = (
  words: Words,
  own: OwnWeek,
  { monday, revision, at }: { monday: string; revision: number; at: number },
): string => {
  const calendar = new ICalCalendar({
    prodId: { company: 'Zymostat', product: 'Weeks', language: words.language.toUpperCase() },
    method: ICalCalendarMethod.PUBLISH,
  });
  const first = Date.parse(`${monday}T00:00:00Z`);
  for (const { visitId, day, homeName, place, start, end, with: others } of own) {
    const midnight = first + day * DAY_MS;
    calendar.createEvent({
      id: `week-visit-${visitId}@zymostat`,
      sequence: revision,
      stamp: new Date(at),
      floating: true,
      start: new Date(midnight + start * 1000),
      end: new Date(midnight + end * 1000),
      summary: words.say('visitPlan.calendarTitle', { home: homeName }),
      location: place,
      ...(others.length > 0
        ? { description: words.say('week.calendarWith', { people: listIn(words, others) }) }
        : {}),
    });
  }
  return calendar.toString();
};
