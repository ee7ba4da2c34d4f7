import { rich } from '../../words/rich.tsx';
import { type RecordRow } from '@zymostat/contract';
import { sourceInWords, strengthOf, clock, reasonInWords, refusedInWords } from '@zymostat/words';
import { w } from '../../words/words.ts';
import { activeFacts } from '@zymostat/core';
import { Fragment, type ReactNode } from 'react';
import { inMetric } from '../../ui/amounts.ts';
import { Severity, Verdict } from '../../ui/parts.tsx';
import { dateOf, momentOf, timeOf } from '../../ui/times.ts';
import { WetBand } from '../../ui/WetBand.tsx';
import { recordInWords } from '@zymostat/words';

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
        [w.name('records', 'surface'), `${row.body.roomName}, ${row.body.surfaceName}`],
        [
          w.name('records', 'with'),
          `${strengthOf(w, row.body.active, row.body.strength)} ${w.name('active', row.body.active)}`,
        ],
        [
          w.name('records', 'ended'),
          w.say('records.after', {
            event: w.name('event', row.body.event).toLowerCase(),
            coats: row.body.coats,
          }),
        ],
        ...(row.body.requiredSeconds > 0
          ? ([
              [w.name('records', 'required'), clock(row.body.requiredSeconds)],
              [w.name('records', 'held'), clock(row.body.heldSeconds)],
            ] as [string, ReactNode][])
          : []),
      ];
    case 'surface-event':
      return [
        [w.name('records', 'surface'), `${row.body.roomName}, ${row.body.surfaceName}`],
        [w.name('records', 'done'), w.name('event', row.body.event)],
        ...(row.body.batchCode
          ? ([[w.name('records', 'bottle'), row.body.batchCode]] as [string, ReactNode][])
          : []),
      ];
    case 'batch':
      return [
        [
          w.name('records', 'poured'),
          w.say('records.ofAndOfWater', {
            stockVolume: inMetric(row.body.stockVolume),
            stockCode: row.body.stockCode,
            waterVolume: inMetric(row.body.waterVolume),
          }),
        ],
        [w.name('records', 'made'), inMetric(row.body.volume)],
        [w.name('records', 'discardAfter'), momentOf(row.body.discardAfter)],
      ];
    case 'near-miss':
    case 'incident':
      return [
        [w.name('records', 'where'), row.body.place],
        [w.name('records', 'who'), row.body.who],
        [w.name('records', 'done'), row.body.done],
        ...(row.body.products.length
          ? ([[w.name('records', 'about'), row.body.products.join(w.name('records', 'and'))]] as [
              string,
              ReactNode,
            ][])
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
      ? w.say('records.wasKeptWetForIts', {
          surfaceName,
          heldSeconds: clock(heldSeconds),
          requiredSeconds: clock(requiredSeconds),
        })
      : w.say('records.wasAfterOfNotMet', {
          surfaceName,
          event: event === 'found-dry' ? w.name('records', 'foundDry') : w.name('records', 'wiped'),
          heldSeconds: clock(heldSeconds),
          requiredSeconds: clock(requiredSeconds),
        });
  }
  if (row.kind === 'refusal')
    return w.say('records.refused', { detail: refusedInWords(w, row.body) });
  return `${w.name('record', row.kind)}: ${recordInWords(w, row).what}`;
};

/** One row in full, with the hashes that hold it in its place. */
export const RecordSheet = ({ row }: { row: RecordRow }) => (
  <>
    <p className="crumb">
      <b>
        {rich('records.row', {
          soft: (text: ReactNode) => <span className="fig">{text}</span>,
          seq: row.seq,
        })}
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
              {reasonInWords(w, reason)}{' '}
              <span className="small soft">{sourceInWords(w, reason.source)}</span>
            </span>
          </li>
        ))}
      </ul>
    )}
    <dl className="mt-3 grid grid-cols-[120px_1fr] border-t border-ink">
      {(
        [
          ...factsOf(row),
          [w.name('records', 'happened'), `${dateOf(row.at)}, ${timeOf(row.at)}`],
          [w.name('records', 'recorded'), `${dateOf(row.recordedAt)}, ${timeOf(row.recordedAt)}`],
          [
            w.name('records', 'hash'),
            <span key="hash" className="fig small break-all">
              {row.hash}
            </span>,
          ],
          [
            w.name('records', 'rowBefore'),
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
    <p className="small soft my-3">{w.name('records', 'rowsAreOnlyEverAdded')}</p>
  </>
);
