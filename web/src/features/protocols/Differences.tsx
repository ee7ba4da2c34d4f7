import { w } from '../../words/words.ts';
import type { HomeDetail, StockRow } from '@zymostat/contract';
import { buildProtocol, diffVersions, type HouseRules } from '@zymostat/core';
import { useState } from 'react';
import { useVersionQuery } from './api.ts';
import { useBook } from '../../api/useBook.ts';
import { Choice } from '../../ui/Choice.tsx';
import { Waiting } from '../../ui/parts.tsx';
import { dateOf } from '../../ui/times.ts';
import { Window } from '../../ui/Window.tsx';
import { doneInWords } from './words.ts';

const DRAFT = 'draft';

/**
 * How two versions of a protocol differ, or a version and what is set now: by what a person would
 * do differently.
 */
export const Differences = ({
  home,
  stocks,
  rules,
  now,
}: {
  home: HomeDetail;
  stocks: StockRow[];
  rules: HouseRules;
  now: number;
}) => {
  const [open, setOpen] = useState(false);
  const book = useBook();
  const [newest, before] = home.versions;
  const [fromId, setFrom] = useState<string>();
  const [toId, setTo] = useState<string>(DRAFT);
  const from = fromId ?? (home.changedSinceApproval ? newest : before)?.id ?? '';
  const to = toId === DRAFT && !home.changedSinceApproval ? (newest?.id ?? DRAFT) : toId;
  const earlier = useVersionQuery(from, { skip: !open || from === '' });
  const later = useVersionQuery(to, { skip: !open || to === DRAFT });
  if (!newest || (!before && !home.changedSinceApproval)) return null;
  const next =
    to === DRAFT ? buildProtocol(home, stocks, { rules, now, book }) : later.data?.protocol.rooms;
  const differences =
    earlier.data && next ? diffVersions(earlier.data.protocol.rooms, next) : undefined;
  const names = home.versions.map(({ id, number, approvedAt }) => ({
    value: id,
    name: w.say('protocol.version2', { number, approvedAt: dateOf(approvedAt) }),
  }));
  return (
    <>
      <button className="btn btn--quiet small" onClick={() => setOpen(true)}>
        {w.name('protocol', 'whatDiffers')}
      </button>
      <Window
        open={open}
        wide
        title={w.name('protocol', 'whatDiffers')}
        onClose={() => setOpen(false)}
      >
        <div className="mb-3 grid grid-cols-1 gap-3 sm:grid-cols-2">
          <Choice
            label={w.name('protocol', 'from')}
            value={from}
            onChange={setFrom}
            options={names}
          />
          <Choice
            label={w.name('protocol', 'to')}
            value={to}
            onChange={setTo}
            options={[
              ...(home.changedSinceApproval
                ? [{ value: DRAFT, name: w.name('protocol', 'whatIsSetNowNot') }]
                : []),
              ...names,
            ]}
          />
        </div>
        {!differences && <Waiting what={w.name('protocol', 'theVersions')} />}
        {differences?.length === 0 && <p>{w.name('protocol', 'nothingThatAnybodyWouldDo')}</p>}
        {differences && differences.length > 0 && (
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
                {differences.map(({ surfaceId, surfaceName, roomName, before: was, after: is }) => (
                  <tr key={surfaceId}>
                    <td>
                      {surfaceName} <span className="soft">{roomName}</span>
                    </td>
                    <td>{was ? doneInWords(was, is) : w.name('protocol', 'notThere')}</td>
                    <td>
                      <b className="font-semibold">
                        {is ? doneInWords(is, was) : w.name('protocol', 'notThere')}
                      </b>
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        )}
        <p className="mt-4">
          <button className="btn" onClick={() => setOpen(false)}>
            {w.name('protocol', 'close')}
          </button>
        </p>
      </Window>
    </>
  );
};
