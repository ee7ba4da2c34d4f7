import { outcomeOfWetTime, type RecordRow } from '@zymostat/contract';
import { activeFacts } from '@zymostat/core';
import { Fragment, type ReactNode } from 'react';
import { Verdict } from '../../ui/parts.tsx';
import { dateOf, timeOf } from '../../ui/times.ts';
import { ReasonList } from '../../ui/ReasonList.tsx';
import { WetBand } from '../../ui/WetBand.tsx';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import { Correct, type Told } from './Correct.tsx';
import { MakeReport } from './MakeReport.tsx';
import { factsOf, headline } from './recordFacts.ts';

type BodyOf<K extends RecordRow['kind']> = Extract<RecordRow, { kind: K }>['body'];

const WetTime = ({ body }: { body: BodyOf<'wet-time'> }) =>
  body.requiredSeconds > 0 && (
    <div className="mt-6 mb-4">
      <WetBand
        shown={outcomeOfWetTime(body) === 'not-shown' ? body.shownSeconds : undefined}
        family={activeFacts[body.active].family}
        required={body.requiredSeconds}
        held={body.heldSeconds}
        scale
      />
    </div>
  );

const told: readonly RecordRow['kind'][] = ['surface-event', 'wet-time', 'late-event'];
const isTold = (row: RecordRow): row is Told => told.includes(row.kind);

const momentIn = (ms: number) => `${dateOf(ms)}, ${timeOf(ms)}`;
const Hash = ({ of }: { of: string }) => <span className="fig small break-all">{of}</span>;

const Facts = ({ row }: { row: RecordRow }) => {
  const facts: [string, ReactNode][] = [
    ...factsOf(row),
    [w.name('records', 'happened'), momentIn(row.at)],
    [w.name('records', 'recorded'), momentIn(row.recordedAt)],
    [w.name('records', 'hash'), <Hash key="hash" of={row.hash} />],
    [w.name('records', 'rowBefore'), <Hash key="before" of={row.previousHash} />],
  ];
  return (
    <dl className="mt-3 grid grid-cols-[120px_1fr] border-t border-ink">
      {facts.map(([term, value]) => (
        <Fragment key={term}>
          <dt className="small soft border-b border-rule py-2">{term}</dt>
          <dd className="border-b border-rule py-1.5">{value}</dd>
        </Fragment>
      ))}
    </dl>
  );
};

/** One row in full, with the hashes that hold it in its place. */
export const RecordSheet = ({ row }: { row: RecordRow }) => (
  <>
    <p className="crumb">
      <b>
        {rich('records.row', { soft: (text) => <span className="fig">{text}</span>, seq: row.seq })}
      </b>{' '}
      · {momentIn(row.at)}
      {row.homeName && ` · ${row.homeName}`} · {row.person}
    </p>
    <Verdict say={headline(row)} />
    {row.kind === 'wet-time' && <WetTime body={row.body} />}
    {row.kind === 'refusal' && <ReasonList of={row.body.reasons} />}
    {row.kind === 'round-finished' && <MakeReport key={row.seq} roundId={row.body.roundId} />}
    <Facts row={row} />
    {isTold(row) && <Correct key={row.seq} row={row} />}
    <p className="small soft my-3">{w.name('records', 'rowsAreOnlyEverAdded')}</p>
  </>
);
