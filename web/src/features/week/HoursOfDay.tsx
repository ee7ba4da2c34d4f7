import { TextField } from '../../ui/form/Field.tsx';
import { w } from '../../words/words.ts';
import { dayIn, type HoursTyped } from './typedHours.ts';

type Day = HoursTyped['days'][number];

interface Props {
  name: string;
  day: Day;
  onChange: (part: Partial<Day>) => void;
}

/** When somebody begins and ends on one day of the week. */
export const HoursOfDay = ({ name, day, onChange }: Props) => (
  <div>
    <TextField
      label={`${name}, ${w.name('week', 'from')}`}
      figure
      value={day.from}
      onChange={(from) => onChange({ from })}
    />
    <TextField
      label={`${name}, ${w.name('week', 'until')}`}
      figure
      value={day.to}
      wrong={dayIn(day) === undefined ? w.name('week', 'hoursWrong') : undefined}
      onChange={(to) => onChange({ to })}
    />
  </div>
);
