import type { Week } from '@zymostat/contract';
import { useState } from 'react';
import { TextField } from '../../ui/form/Field.tsx';
import { WentWrong } from '../../ui/parts.tsx';
import { weekdayName } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { useSetHoursMutation } from './api.ts';
import { HoursOfDay } from './HoursOfDay.tsx';
import { momentIn } from '../../ui/mondays.ts';
import { hoursIn, hoursTyped, mostIn, type HoursTyped } from './typedHours.ts';

/** When one person works, how much at most, and what they can do besides. */
export const Hours = ({ person, monday }: { person: Week['people'][number]; monday: string }) => {
  const [keep, { error, isLoading }] = useSetHoursMutation();
  const [typed, setTyped] = useState(() => hoursTyped(person));
  const setDay = (k: number, part: Partial<HoursTyped['days'][number]>) =>
    setTyped((all) => ({
      ...all,
      days: all.days.map((one, d) => (d === k ? { ...one, ...part } : one)),
    }));
  const read = hoursIn(typed);
  return (
    <fieldset className="my-4">
      <legend className="font-semibold">{w.say('week.hoursOf', { who: person.name })}</legend>
      <div className="grid grid-cols-2 gap-2 md:grid-cols-7">
        {typed.days.map((day, d) => (
          <HoursOfDay
            key={d}
            name={weekdayName(momentIn(monday, d))}
            day={day}
            onChange={(part) => setDay(d, part)}
          />
        ))}
      </div>
      <div className="mt-2 grid grid-cols-[140px_1fr] gap-3">
        <TextField
          label={w.name('week', 'most')}
          figure
          value={typed.most}
          wrong={mostIn(typed.most) === undefined ? w.name('week', 'mostWrong') : undefined}
          onChange={(most) => setTyped((all) => ({ ...all, most }))}
        />
        <TextField
          label={w.name('week', 'skills')}
          hint={w.name('week', 'needsHint')}
          value={typed.skills}
          onChange={(skills) => setTyped((all) => ({ ...all, skills }))}
        />
      </div>
      <WentWrong error={error} />
      <button
        className="btn mt-2"
        disabled={!read || isLoading}
        onClick={() => read && void keep({ id: person.id, seen: person.revision, body: read })}
      >
        {w.name('week', 'keepHours')}
      </button>
    </fieldset>
  );
};
