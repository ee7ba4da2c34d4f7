import type { HomeDetail, StockRow } from '@zymostat/contract';
import { buildProtocol, diffVersions, type HouseRules } from '@zymostat/core';
import { useState } from 'react';
import { api } from '../../app/api.ts';
import { useBook } from '../../app/useBook.ts';
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
  const earlier = api.useVersionQuery(from, { skip: !open || from === '' });
  const later = api.useVersionQuery(to, { skip: !open || to === DRAFT });
  if (!newest || (!before && !home.changedSinceApproval)) return null;
  const next =
    to === DRAFT ? buildProtocol(home, stocks, { rules, now, book }) : later.data?.protocol.rooms;
  const differences =
    earlier.data && next ? diffVersions(earlier.data.protocol.rooms, next) : undefined;
  const names = home.versions.map(({ id, number, approvedAt }) => ({
    value: id,
    name: `Version ${number}, ${dateOf(approvedAt)}`,
  }));
  return (
    <>
      <button className="btn btn--quiet small" onClick={() => setOpen(true)}>
        What differs
      </button>
      <Window open={open} wide title="What differs" onClose={() => setOpen(false)}>
        <div className="mb-3 grid grid-cols-1 gap-3 sm:grid-cols-2">
          <Choice label="From" value={from} onChange={setFrom} options={names} />
          <Choice
            label="To"
            value={to}
            onChange={setTo}
            options={[
              ...(home.changedSinceApproval
                ? [{ value: DRAFT, name: 'what is set now, not approved' }]
                : []),
              ...names,
            ]}
          />
        </div>
        {!differences && <Waiting what="the versions" />}
        {differences?.length === 0 && <p>Nothing that anybody would do differently.</p>}
        {differences && differences.length > 0 && (
          <div
            className="max-h-[50vh] overflow-auto"
            tabIndex={0}
            role="region"
            aria-label="Differences"
          >
            <table className="ledger">
              <thead>
                <tr>
                  <th>Surface</th>
                  <th>Before</th>
                  <th>After</th>
                </tr>
              </thead>
              <tbody>
                {differences.map(({ surfaceId, surfaceName, roomName, before: was, after: is }) => (
                  <tr key={surfaceId}>
                    <td>
                      {surfaceName} <span className="soft">{roomName}</span>
                    </td>
                    <td>{was ? doneInWords(was, is) : 'not there'}</td>
                    <td>
                      <b className="font-semibold">{is ? doneInWords(is, was) : 'not there'}</b>
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        )}
        <p className="mt-4">
          <button className="btn" onClick={() => setOpen(false)}>
            Close
          </button>
        </p>
      </Window>
    </>
  );
};
