import type { RecordRow } from '@zymostat/contract';
import { dateFieldOf, dayOf, dayOfField } from '../../ui/times.ts';
import { useNow } from '../../ui/useNow.ts';
import { w } from '../../words/words.ts';
import {
  followUpsOf,
  isClosed,
  isOverdue,
  pairOf,
  type FollowUpRow,
  type Mishap,
} from './counts.ts';
import { ListRow } from '../../ui/ListRow.tsx';

const HOUR_MS = 3_600_000;

/** Whose it is now, or that it is done or nobody has looked at it. */
const standingOf = (followUps: FollowUpRow[]): string => {
  const newest = followUps[0]?.body;
  if (isClosed(followUps)) return w.name('apart', 'closedNow');
  if (!newest) return w.name('apart', 'notReviewed');
  return w.say('apart.ownerAndDue', {
    owner: newest.owner,
    due: newest.due ? dayOfField(newest.due) : 'none',
  });
};

interface RowProps {
  row: Mishap;
  followUps: FollowUpRow[];
  chosen: boolean;
  onChoose: () => void;
}

const Row = ({ row, followUps, chosen, onChoose }: RowProps) => {
  const today = dateFieldOf(useNow(HOUR_MS));
  const home = row.homeName ?? w.name('apart', 'depot');
  return (
    <ListRow chosen={chosen} onChoose={onChoose}>
      <span className="grid grid-cols-[56px_1fr] gap-x-3">
        <span className="fig small soft">{dayOf(row.at)}</span>
        <span>
          {row.kind === 'incident' && <b>{w.name('apart', 'incident')}</b>} {row.body.what}
        </span>
        <span className="small soft col-start-2">
          {[pairOf(row), home, standingOf(followUps)].join(' · ')}
          {isOverdue(followUps, today) && <b className="ml-2">{w.name('apart', 'overdue')}</b>}
        </span>
      </span>
    </ListRow>
  );
};

interface Props {
  data: readonly RecordRow[];
  rows: readonly Mishap[];
  chosen: Mishap | undefined;
  onChoose: (factId: string) => void;
}

export const MishapList = ({ data, rows, chosen, onChoose }: Props) =>
  rows.length === 0 ? (
    <p className="soft">{w.name('apart', 'nothingYetANearMiss')}</p>
  ) : (
    <ol className="list">
      {rows.map((row) => (
        <Row
          key={row.seq}
          row={row}
          followUps={followUpsOf(data, row.factId)}
          chosen={row === chosen}
          onChoose={() => onChoose(row.factId)}
        />
      ))}
    </ol>
  );
