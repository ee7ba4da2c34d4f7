import type { WeekVisitRow } from '@zymostat/contract';
import { DAYS, MOST_CREW } from '@zymostat/core';
import { useState } from 'react';
import { Choice } from '../../ui/form/Choice.tsx';
import { TextField, Tick } from '../../ui/form/Field.tsx';
import { weekdayName } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { momentIn } from '../../ui/mondays.ts';
import { visitIn, visitTyped, type VisitTyped } from './typedVisit.ts';
import type { Shown } from './useWeek.ts';

interface Props {
  shown: Shown;
  visit: WeekVisitRow;
  onKeep: (visit: WeekVisitRow) => Promise<void>;
  onLeave: () => void;
}

const numbers = Array.from({ length: MOST_CREW }, (_, k) => ({ value: k + 1, name: `${k + 1}` }));

type Set = (part: Partial<VisitTyped>) => void;

const When = ({ shown: { week }, typed, set }: { shown: Shown; typed: VisitTyped; set: Set }) => (
  <div className="grid grid-cols-2 gap-3 md:grid-cols-5">
    <Choice
      label={w.name('week', 'home')}
      value={typed.homeId}
      onChange={(homeId) => set({ homeId })}
      options={week.homes.map(({ id, name }) => ({ value: id, name }))}
    />
    <Choice
      label={w.name('week', 'day')}
      value={typed.day}
      onChange={(day) => set({ day })}
      options={Array.from({ length: DAYS }, (_, day) => ({
        value: day,
        name: weekdayName(momentIn(week.monday, day)),
      }))}
    />
    <TextField
      label={w.name('week', 'from')}
      figure
      value={typed.from}
      onChange={(from) => set({ from })}
    />
    <TextField
      label={w.name('week', 'by')}
      figure
      value={typed.by}
      wrong={visitIn(typed) ? undefined : w.name('week', 'hoursWrong')}
      onChange={(by) => set({ by })}
    />
    <Choice
      label={w.name('week', 'people')}
      value={typed.people}
      onChange={(people) => set({ people })}
      options={numbers}
    />
  </div>
);

const Who = ({ shown: { week }, typed, set }: { shown: Shown; typed: VisitTyped; set: Set }) => {
  const go = (id: string, goes: boolean) =>
    set({
      crew: goes ? [...typed.crew, id] : typed.crew.filter((one) => one !== id),
      held: true,
    });
  return (
    <fieldset className="mt-3 flex flex-wrap gap-x-5">
      <legend className="field__label">{w.name('week', 'who')}</legend>
      {week.people.map(({ id, name }) => (
        <Tick
          key={id}
          label={name}
          checked={typed.crew.includes(id)}
          onChange={(goes) => go(id, goes)}
        />
      ))}
      <Tick
        label={w.name('week', 'held')}
        checked={typed.held}
        onChange={(held) => set({ held })}
      />
    </fieldset>
  );
};

/** Which home, when, by how many, and who goes. */
export const VisitForm = ({ shown, visit, onKeep, onLeave }: Props) => {
  const [typed, setTyped] = useState(() => visitTyped(visit));
  const set: Set = (part) => setTyped((all) => ({ ...all, ...part }));
  const read = visitIn(typed);
  return (
    <div className="my-3">
      <When shown={shown} typed={typed} set={set} />
      <TextField
        className="mt-3"
        label={w.name('week', 'needs')}
        hint={w.name('week', 'needsHint')}
        value={typed.needs}
        onChange={(needs) => set({ needs })}
      />
      <Who shown={shown} typed={typed} set={set} />
      <p className="mt-3 flex gap-3">
        <button
          className="btn btn--main"
          disabled={!read || shown.keeping}
          onClick={() => read && void onKeep(read)}
        >
          {w.name('week', 'done')}
        </button>
        <button className="btn btn--quiet" onClick={onLeave}>
          {w.name('week', 'leave')}
        </button>
      </p>
    </div>
  );
};
