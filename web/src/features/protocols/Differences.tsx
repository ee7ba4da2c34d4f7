import type { HomeDetail, StockRow } from '@zymostat/contract';
import { buildProtocol, diffVersions, type Difference, type Judging } from '@zymostat/core';
import { useState } from 'react';
import { Choice } from '../../ui/form/Choice.tsx';
import { Waiting } from '../../ui/parts.tsx';
import { dateOf } from '../../ui/times.ts';
import { Window } from '../../ui/Window.tsx';
import { w } from '../../words/words.ts';
import { useVersionQuery } from './api.ts';
import { doneInWords } from './words.ts';

const DRAFT = 'draft';

interface Props {
  home: HomeDetail;
  stocks: StockRow[];
  judging: Judging;
}

/** Two versions, or a version and what is set now, and what differs between them. */
const useDifferences = ({ home, stocks, judging }: Props) => {
  const [newest, before] = home.versions;
  const draft = home.changedSinceApproval;
  const [fromId, setFrom] = useState<string>();
  const [toId, setTo] = useState(DRAFT);
  const from = fromId ?? (draft ? newest : before)?.id ?? '';
  const to = toId === DRAFT && !draft ? (newest?.id ?? DRAFT) : toId;
  const earlier = useVersionQuery(from, { skip: from === '' });
  const later = useVersionQuery(to, { skip: to === DRAFT });
  const next = to === DRAFT ? buildProtocol(home, stocks, judging) : later.data?.protocol.rooms;
  const differences =
    earlier.data && next ? diffVersions(earlier.data.protocol.rooms, next) : undefined;
  return { from, setFrom, to, setTo, differences };
};

const Row = ({ of: { surfaceName, roomName, before, after } }: { of: Difference }) => (
  <tr>
    <td>
      {surfaceName} <span className="soft">{roomName}</span>
    </td>
    <td>{before ? doneInWords(before, after) : w.name('protocol', 'notThere')}</td>
    <td>
      <b className="font-semibold">
        {after ? doneInWords(after, before) : w.name('protocol', 'notThere')}
      </b>
    </td>
  </tr>
);

const Table = ({ differences }: { differences: Difference[] }) => (
  <div
    className="max-h-[50vh] overflow-auto"
    tabIndex={0}
    role="region"
    aria-label={w.name('protocol', 'differences')}
  >
    <table className="ledger">
      <thead>
        <tr>
          <th>{w.name('protocol', 'surface')}</th>
          <th>{w.name('protocol', 'before')}</th>
          <th>{w.name('protocol', 'after')}</th>
        </tr>
      </thead>
      <tbody>
        {differences.map((one) => (
          <Row key={one.surfaceId} of={one} />
        ))}
      </tbody>
    </table>
  </div>
);

const Found = ({ differences }: { differences: Difference[] | undefined }) => {
  if (!differences) return <Waiting what={w.name('protocol', 'theVersions')} />;
  if (differences.length === 0) return <p>{w.name('protocol', 'nothingThatAnybodyWouldDo')}</p>;
  return <Table differences={differences} />;
};

const Compare = (props: Props) => {
  const { home } = props;
  const { from, setFrom, to, setTo, differences } = useDifferences(props);
  const versions = home.versions.map(({ id, number, approvedAt }) => ({
    value: id,
    name: w.say('protocol.version2', { number, approvedAt: dateOf(approvedAt) }),
  }));
  const draft = { value: DRAFT, name: w.name('protocol', 'whatIsSetNowNot') };
  return (
    <>
      <div className="mb-3 grid grid-cols-1 gap-3 sm:grid-cols-2">
        <Choice
          label={w.name('protocol', 'from')}
          value={from}
          onChange={setFrom}
          options={versions}
        />
        <Choice
          label={w.name('protocol', 'to')}
          value={to}
          onChange={setTo}
          options={home.changedSinceApproval ? [draft, ...versions] : versions}
        />
      </div>
      <Found differences={differences} />
    </>
  );
};

/**
 * How two versions of a protocol differ, or a version and what is set now: by what a person would
 * do differently.
 */
export const Differences = (props: Props) => {
  const { versions, changedSinceApproval } = props.home;
  const [open, setOpen] = useState(false);
  const close = () => setOpen(false);
  if (versions.length + Number(changedSinceApproval) < 2) return null;
  return (
    <>
      <button className="btn btn--quiet small" onClick={() => setOpen(true)}>
        {w.name('protocol', 'whatDiffers')}
      </button>
      <Window open={open} wide title={w.name('protocol', 'whatDiffers')} onClose={close}>
        <Compare {...props} />
        <p className="mt-4">
          <button className="btn" onClick={close}>
            {w.name('protocol', 'close')}
          </button>
        </p>
      </Window>
    </>
  );
};
