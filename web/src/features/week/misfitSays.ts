import type { Week } from '@zymostat/contract';
import { DEPOT, type Misfit } from '@zymostat/core';
import { duration } from '@zymostat/words';
import { weekdayName } from '../../ui/times.ts';
import { listOf } from '../../words/list.ts';
import { w } from '../../words/words.ts';
import { timeIn } from '../../ui/dayTimes.ts';
import { momentIn } from '../../ui/mondays.ts';
import { namesIn } from './useWeek.ts';

const figuresOf = (week: Week, misfit: Misfit): Record<string, string | number> => {
  const { person, home } = namesIn(week);
  const visit = week.visits.find(({ id }) => 'visit' in misfit && id === misfit.visit);
  const placeOf = (id: string) => (id === DEPOT ? w.name('week', 'depot') : home(id));
  const crew = listOf(visit?.crew.map(person) ?? []);
  return {
    who: 'person' in misfit ? person(misfit.person) : crew,
    by: 'by' in misfit ? duration(w, misfit.by) : '',
    until: visit ? timeIn(visit.by) : '',
    missing: 'missing' in misfit ? misfit.missing : 0,
    skill: 'skill' in misfit ? misfit.skill : '',
    a: 'a' in misfit ? placeOf(misfit.a) : '',
    b: 'b' in misfit ? placeOf(misfit.b) : '',
  };
};

/** What does not fit, in a sentence. */
export const misfitSays = (week: Week, misfit: Misfit): string =>
  w.tell('weekMisfit', misfit.code, figuresOf(week, misfit));

/** What it is about: "Thursday, Sunniva", or a day alone; nothing where it is the whole week. */
export const misfitAbout = (week: Week, misfit: Misfit): string => {
  if ('visit' in misfit) {
    const visit = week.visits.find(({ id }) => id === misfit.visit)!;
    const day = weekdayName(momentIn(week.monday, visit.day));
    return `${day}, ${namesIn(week).home(visit.homeId)}.`;
  }
  return 'day' in misfit ? `${weekdayName(momentIn(week.monday, misfit.day))}.` : '';
};
