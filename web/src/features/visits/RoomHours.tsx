import { TextField } from '../../ui/form/Field.tsx';
import { w } from '../../words/words.ts';
import { spanOf, type Hours, type Typed } from './visitSettings.ts';

interface Props {
  rooms: readonly { id: string; name: string }[];
  hours: Hours;
  setHours: (hours: Hours) => void;
}

const untyped: Typed = { from: '', to: '' };

/** When each room may be worked in, in minutes from the start; all the time where nothing stands. */
export const RoomHours = ({ rooms, hours, setHours }: Props) => (
  <details className="mt-2">
    <summary className="cursor-pointer font-semibold">{w.name('visitPlan', 'roomHours')}</summary>
    <p className="small soft">{w.name('visitPlan', 'roomHoursWhy')}</p>
    {rooms.map(({ id, name }) => {
      const typed = hours[id] ?? untyped;
      const wrong = spanOf(typed) === null ? w.name('visitPlan', 'hoursWrong') : undefined;
      const type = (end: keyof Typed) => (text: string) =>
        setHours({ ...hours, [id]: { ...typed, [end]: text } });
      return (
        <div key={id} className="flex flex-wrap items-end gap-x-4">
          <b className="w-32 pb-2">{name}</b>
          <TextField
            className="w-32"
            figure
            label={w.say('visitPlan.freeFrom', { room: name })}
            value={typed.from}
            wrong={wrong}
            onChange={type('from')}
          />
          <TextField
            className="w-32"
            figure
            label={w.say('visitPlan.freeTo', { room: name })}
            value={typed.to}
            onChange={type('to')}
          />
        </div>
      );
    })}
  </details>
);
