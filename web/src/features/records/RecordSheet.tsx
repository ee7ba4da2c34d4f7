import {
  activeNames,
  clock,
  eventNames,
  reasonInWords,
  recordKindNames,
  strengthOf,
  type RecordRow,
} from '@zymostat/contract';
import { activeFacts } from '@zymostat/core';
import { Fragment, type ReactNode } from 'react';
import { inMetric } from '../../ui/amounts.ts';
import { Severity, Verdict } from '../../ui/parts.tsx';
import { dateOf, momentOf, timeOf } from '../../ui/times.ts';
import { WetBand } from '../../ui/WetBand.tsx';
import { lineOf } from './words.ts';

const WetTime = ({ body }: { body: Extract<RecordRow, { kind: 'wet-time' }>['body'] }) => (
  <div className="mt-6 mb-4">
    <WetBand
      family={activeFacts[body.active].family}
      required={body.requiredSeconds}
      held={body.heldSeconds}
      scale
    />
  </div>
);

/** What a kind of row has to tell besides who and when. */
const factsOf = (row: RecordRow): [string, ReactNode][] => {
  switch (row.kind) {
    case 'wet-time':
      return [
        ['Surface', `${row.body.roomName}, ${row.body.surfaceName}`],
        [
          'With',
          `${strengthOf(row.body.active, row.body.strength)} ${activeNames[row.body.active]}`,
        ],
        [
          'Ended',
          `${eventNames[row.body.event].toLowerCase()}, after ${row.body.coats} ${row.body.coats === 1 ? 'coat' : 'coats'}`,
        ],
        ...(row.body.requiredSeconds > 0
          ? ([
              ['Required', clock(row.body.requiredSeconds)],
              ['Held', clock(row.body.heldSeconds)],
            ] as [string, ReactNode][])
          : []),
      ];
    case 'surface-event':
      return [
        ['Surface', `${row.body.roomName}, ${row.body.surfaceName}`],
        ['Done', eventNames[row.body.event]],
        ...(row.body.batchCode ? ([['Bottle', row.body.batchCode]] as [string, ReactNode][]) : []),
      ];
    case 'batch':
      return [
        [
          'Poured',
          `${inMetric(row.body.stockVolume)} of ${row.body.stockCode} and ${inMetric(row.body.waterVolume)} of water`,
        ],
        ['Made', inMetric(row.body.volume)],
        ['Discard after', momentOf(row.body.discardAfter)],
      ];
    case 'near-miss':
    case 'incident':
      return [
        ['Where', row.body.place],
        ['Who', row.body.who],
        ['Done', row.body.done],
        ...(row.body.products.length
          ? ([['About', row.body.products.join(' and ')]] as [string, ReactNode][])
          : []),
      ];
    default:
      return [];
  }
};

const headline = (row: RecordRow): string => {
  if (row.kind === 'wet-time' && row.body.requiredSeconds > 0) {
    const { surfaceName, heldSeconds, requiredSeconds, met, event } = row.body;
    return met
      ? `${surfaceName} was kept wet for ${clock(heldSeconds)}. Its ${clock(requiredSeconds)} were met.`
      : `${surfaceName} was ${event === 'found-dry' ? 'found dry' : 'wiped'} after ${clock(heldSeconds)} of ${clock(requiredSeconds)}. Not met.`;
  }
  if (row.kind === 'refusal') return `Refused: ${row.body.detail}.`;
  return `${recordKindNames[row.kind]}: ${lineOf(row).what}`;
};

/** One row in full, with the hashes that hold it in its place. */
export const RecordSheet = ({ row }: { row: RecordRow }) => (
  <>
    <p className="crumb">
      <b>
        Row <span className="fig">{row.seq}</span>
      </b>{' '}
      · {dateOf(row.at)}, {timeOf(row.at)}
      {row.homeName && ` · ${row.homeName}`} · {row.person}
    </p>
    <Verdict say={headline(row)} />
    {row.kind === 'wet-time' && row.body.requiredSeconds > 0 && <WetTime body={row.body} />}
    {row.kind === 'refusal' && (
      <ul className="my-2 grid gap-2">
        {row.body.reasons.map((reason, i) => (
          <li key={i} className="grid grid-cols-[72px_1fr] gap-2">
            <span>
              <Severity is={reason.outcome} />
            </span>
            <span>
              {reasonInWords(reason)} <span className="small soft">{reason.source}</span>
            </span>
          </li>
        ))}
      </ul>
    )}
    <dl className="mt-3 grid grid-cols-[120px_1fr] border-t border-ink">
      {(
        [
          ...factsOf(row),
          ['Happened', `${dateOf(row.at)}, ${timeOf(row.at)}`],
          ['Recorded', `${dateOf(row.recordedAt)}, ${timeOf(row.recordedAt)}`],
          [
            'Hash',
            <span key="hash" className="fig small break-all">
              {row.hash}
            </span>,
          ],
          [
            'Row before',
            <span key="before" className="fig small break-all">
              {row.previousHash}
            </span>,
          ],
        ] as [string, ReactNode][]
      ).map(([term, value]) => (
        <Fragment key={term}>
          <dt className="small soft border-b border-rule py-2">{term}</dt>
          <dd className="border-b border-rule py-1.5">{value}</dd>
        </Fragment>
      ))}
    </dl>
    <p className="small soft my-3">
      Rows are only ever added. Each carries the hash of the one before; ./run verify walks the
      whole chain.
    </p>
  </>
);
