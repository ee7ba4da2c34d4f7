import type { RecordRow } from '@zymostat/contract';
import { recordInWords } from '@zymostat/words';
import { dateOf, timeOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import type { RecordsShown } from './useRecords.ts';
import { ListRow } from '../../ui/ListRow.tsx';

interface LineProps {
  row: RecordRow;
  chosen: boolean;
  onChoose: () => void;
}

const Line = ({ row, chosen, onChoose }: LineProps) => {
  const { what, note } = recordInWords(w, row);
  return (
    <ListRow chosen={chosen} onChoose={onChoose}>
      <span className="grid grid-cols-[44px_1fr] items-baseline gap-x-3">
        <span className="fig small soft">{timeOf(row.at)}</span>
        <span>
          <b className="font-semibold">{w.name('record', row.kind)}</b> · {what}
        </span>
        <span className="small soft col-start-2">
          {[row.homeName, row.person, note].filter(Boolean).join(' · ')}
        </span>
      </span>
    </ListRow>
  );
};

/** Rows by day, the newest first. */
export const RecordList = ({ rows, chosen, choose }: RecordsShown) => {
  const days = [...new Set(rows.map((row) => dateOf(row.at)))];
  return days.map((date) => (
    <section key={date} aria-label={date}>
      <h3 className="mt-3 mb-1">{date}</h3>
      <ol className="list">
        {rows
          .filter((row) => dateOf(row.at) === date)
          .map((row) => (
            <Line
              key={row.seq}
              row={row}
              chosen={row === chosen}
              onChoose={() => choose(String(row.seq))}
            />
          ))}
      </ol>
    </section>
  ));
};
