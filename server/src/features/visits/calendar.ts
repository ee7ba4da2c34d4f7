import type { VisitPlanRow } from '@zymostat/contract';
import type { Words } from '@zymostat/words';
import { ICalCalendar, ICalCalendarMethod } from 'ical-generator';

/**
 * A visit as a calendar file. Its UID follows from home and day, and `SEQUENCE` grows, so that a plan
 * that is given anew takes the place of the one before in a calendar that has it.
 */
export const visitCalendar = (words: Words, visit: VisitPlanRow): string => {
  const day = new Date(visit.startsAt).toISOString().slice(0, 10);
  const calendar = new ICalCalendar({
    prodId: { company: 'Zymostat', product: 'Visits', language: words.language.toUpperCase() },
    method: ICalCalendarMethod.PUBLISH,
  });
  calendar.createEvent({
    id: `visit-${visit.homeId}-${day}@zymostat`,
    sequence: visit.sequence,
    stamp: new Date(visit.givenAt),
    start: new Date(visit.startsAt),
    end: new Date(visit.startsAt + visit.done * 1000),
    summary: words.say('visitPlan.calendarTitle', { home: visit.homeName }),
    location: visit.place,
    description: words.say('visitPlan.calendarSays', {
      people: visit.people.map(({ name }) => name).join(', '),
    }),
  });
  return calendar.toString();
};
