import { circleIn } from '@zymostat/core';
import { Choice } from '../../ui/form/Choice.tsx';
import { FieldNote, TextField } from '../../ui/form/Field.tsx';
import { w } from '../../words/words.ts';
import { spansOf, walkOf, type TypedRooms, type TypedWay } from './visitSettings.ts';

interface Room {
  id: string;
  name: string;
}

interface HoursProps {
  room: string;
  typed: string;
  onType: (typed: string) => void;
}

const Hours = ({ room, typed, onType }: HoursProps) => (
  <TextField
    className="w-56"
    figure
    label={w.say('visitPlan.freeAt', { room })}
    value={typed}
    wrong={spansOf(typed) === undefined ? w.name('visitPlan', 'hoursWrong') : undefined}
    onChange={onType}
  />
);

interface WayProps {
  room: string;
  others: readonly Room[];
  typed: TypedWay;
  onType: (typed: TypedWay) => void;
}

const Way = ({ room, others, typed, onType }: WayProps) => {
  const wrong = walkOf(typed.seconds) === undefined ? w.name('visitPlan', 'walkWrong') : undefined;
  return (
    <>
      <Choice
        className="w-48"
        label={w.say('visitPlan.wayBy', { room })}
        value={typed.by}
        onChange={(by) => onType({ ...typed, by })}
        options={[
          { value: null, name: w.name('visitPlan', 'wayBeside') },
          ...others.map(({ id, name }) => ({ value: id, name })),
        ]}
      />
      {typed.by !== null && (
        <TextField
          className="w-32"
          figure
          label={w.say('visitPlan.wayFar', { room })}
          value={typed.seconds}
          wrong={wrong}
          onChange={(seconds) => onType({ ...typed, seconds })}
        />
      )}
    </>
  );
};

interface Props {
  rooms: readonly Room[];
  typed: TypedRooms;
  setTyped: (typed: TypedRooms) => void;
}

/** Whether what was typed of the ways leads in a circle, whatever the seconds. */
const turnsBack = (ways: TypedRooms['ways']): boolean =>
  circleIn(
    Object.fromEntries(
      Object.entries(ways).flatMap(([id, { by }]) =>
        by === null ? [] : [[id, { by, seconds: 0 }]],
      ),
    ),
  ) !== undefined;

/**
 * When each room may be worked in, in minutes from the start, all the time where nothing stands; and
 * by way of which other it is come into.
 */
export const RoomSettings = ({ rooms, typed, setTyped }: Props) => (
  <details className="mt-2">
    <summary className="cursor-pointer font-semibold">{w.name('visitPlan', 'roomHours')}</summary>
    <p className="small soft">{w.name('visitPlan', 'roomHoursWhy')}</p>
    {turnsBack(typed.ways) && <FieldNote wrong={w.name('visitPlan', 'wayCircle')} />}
    {rooms.map(({ id, name }) => (
      <div key={id} className="mt-3 flex flex-wrap items-end gap-x-4">
        <b className="w-32 pb-2">{name}</b>
        <Hours
          room={name}
          typed={typed.hours[id] ?? ''}
          onType={(own) => setTyped({ ...typed, hours: { ...typed.hours, [id]: own } })}
        />
        <Way
          room={name}
          others={rooms.filter((one) => one.id !== id)}
          typed={typed.ways[id] ?? { by: null, seconds: typed.walk }}
          onType={(own) => setTyped({ ...typed, ways: { ...typed.ways, [id]: own } })}
        />
      </div>
    ))}
  </details>
);
