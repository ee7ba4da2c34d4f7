import { recordKinds } from '@zymostat/contract';
import { Choice } from '../../ui/form/Choice.tsx';
import { TextField } from '../../ui/form/Field.tsx';
import { w } from '../../words/words.ts';
import { useHomesQuery } from '../homes/api.ts';
import type { RecordsShown } from './useRecords.ts';

/** Narrows the record to a home, a day, a kind. */
export const RecordFilter = ({ day, filter, narrow }: RecordsShown) => {
  const { data: homes = [] } = useHomesQuery();
  return (
    <div className="mb-4 grid grid-cols-1 gap-3 sm:grid-cols-3">
      <Choice
        label={w.name('records', 'home')}
        value={filter.homeId ?? null}
        onChange={narrow('home')}
        options={[
          { value: null, name: w.name('records', 'allHomes') },
          ...homes.map((home) => ({ value: home.id, name: `${home.name}, ${home.place}` })),
        ]}
      />
      <TextField
        label={w.name('records', 'day')}
        type="date"
        value={day}
        onChange={narrow('day')}
      />
      <Choice
        label={w.name('records', 'kind')}
        value={filter.kind ?? null}
        onChange={narrow('kind')}
        options={[
          { value: null, name: w.name('records', 'everything') },
          ...recordKinds.map((one) => ({ value: one, name: w.name('record', one) })),
        ]}
      />
    </div>
  );
};
