import {
  familyNames,
  reasonInWords,
  standingNote,
  strengthShort,
  wordsOfRule,
  type BatchRow,
} from '@zymostat/contract';
import { activeFacts, type Verdict } from '@zymostat/core';
import { Link } from 'react-router';
import type { Stop } from './useRound.ts';

interface Props {
  verdict: Verdict;
  stop: Stop;
  batchId: string | null;
  rows: BatchRow[];
  poisonLine: string;
  onBack: () => void;
}

const nameOf = (row: BatchRow) =>
  `${familyNames[activeFacts[row.active].family]} ${strengthShort(row.active, row.strength)}`;

/** Refused: what is on the surface, what is in the hand, and the bar between them. */
export const StopScreen = ({ verdict, stop, batchId, rows, poisonLine, onBack }: Props) => {
  const [first, ...rest] = verdict.reasons.filter((reason) => reason.outcome === 'never');
  const meeting = first?.code === 'must-not-meet';
  const on = rows.find((row) => row.id === first?.figures?.onBatch);
  const hand = rows.find((row) => row.id === batchId);
  const rule = meeting ? wordsOfRule(String(first.figures!.rule), first.figures) : undefined;
  return (
    <main className="phone">
      <header className="phone__top">
        <b>{stop.roomName}</b>
        <span className="phone__saved">refused, and on record</span>
      </header>
      {on && (
        <>
          <div className="stop__half">
            <small>on {stop.surface.name} now</small>
            <b>{nameOf(on)}</b>
            <small>bottle {on.code}</small>
          </div>
          <div className="stop__strip fill" data-family={activeFacts[on.active].family} />
        </>
      )}
      {!on && (
        <div className="stop__half">
          <small>not done</small>
          <b>{stop.surface.name}</b>
        </div>
      )}
      <div className="stop__bar" role="alert">
        <h1>Never</h1>
        <p>{rule ? `These two must not meet. ${rule.happens}` : first && reasonInWords(first)}</p>
      </div>
      {hand && (
        <>
          <div className="stop__strip fill" data-family={activeFacts[hand.active].family} />
          <div className="stop__half">
            <small>in your hand</small>
            <b>{nameOf(hand)}</b>
            <small>bottle {hand.code}</small>
          </div>
        </>
      )}
      <div className="px-5 text-[17px]">
        {rule && (
          <p>
            <b>{rule.remedy}</b>
          </p>
        )}
        {rest.map((reason) => (
          <p key={reason.code} className="soft">
            {reasonInWords(reason)}
          </p>
        ))}
      </div>
      <div className="phone__acts">
        <button className="btn btn--main" onClick={onBack}>
          {hand ? 'It is back in the caddy' : 'Back'}
          <small>take another bottle</small>
        </button>
        {on && hand && (
          <Link
            className="btn col-span-2"
            to={`/keep-apart?a=${on.stockId}&b=${hand.stockId}&happened=yes`}
          >
            I have already poured it
          </Link>
        )}
      </div>
      <p className="stop__note mt-4">Nobody can override this. {standingNote(poisonLine)}</p>
    </main>
  );
};
