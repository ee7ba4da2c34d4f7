import { recordKinds } from '@zymostat/contract';
import { stretchOutcomes } from '@zymostat/core';
import { Choice } from '../../ui/form/Choice.tsx';
import { TextField } from '../../ui/form/Field.tsx';
import { w } from '../../words/words.ts';
import { useBookQuery } from '../book/api.ts';
import { useHomesQuery } from '../homes/api.ts';
import type { RecordsShown } from './useRecords.ts';

/** Narrows the record to a home, a day, a kind, a person, a batch, an outcome. */
export const RecordFilter = ({ day, filter, narrow }: RecordsShown) => {
  const { data: homes = [] } = useHomesQuery();
  const { data: book } = useBookQuery();
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
      <Choice
        label={w.name('records', 'person')}
        value={filter.personId ?? null}
        onChange={narrow('person')}
        options={[
          { value: null, name: w.name('records', 'everybody') },
          ...(book?.readers ?? []).map(({ personId, name }) => ({ value: personId, name })),
        ]}
      />
      <TextField
        label={w.name('records', 'batchOrStock')}
        value={filter.batch ?? ''}
        onChange={narrow('batch')}
      />
      <Choice
        label={w.name('records', 'outcome')}
        value={filter.outcome ?? null}
        onChange={narrow('outcome')}
        options={[
          { value: null, name: w.name('records', 'anyOutcome') },
          ...stretchOutcomes.map((one) => ({ value: one, name: w.name('boardStop', one) })),
        ]}
      />
    </div>
  );
};
