import { type BatchRow } from '@zymostat/contract';
import { strengthShort, wordsOfRule, reasonInWords, standingNote } from '@zymostat/words';
import { w } from '../../words/words.ts';
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
  `${w.name('family', activeFacts[row.active].family)} ${strengthShort(w, row.active, row.strength)}`;

/** Refused: what is on the surface, what is in the hand, and the bar between them. */
export const StopScreen = ({ verdict, stop, batchId, rows, poisonLine, onBack }: Props) => {
  const [first, ...rest] = verdict.reasons.filter((reason) => reason.outcome === 'never');
  const meeting = first?.code === 'must-not-meet';
  const on = rows.find((row) => row.id === first?.figures?.onBatch);
  const hand = rows.find((row) => row.id === batchId);
  const rule = meeting ? wordsOfRule(w, String(first.figures!.rule), first.figures) : undefined;
  return (
    <main className="phone">
      <header className="phone__top">
        <b>{stop.roomName}</b>
        <span className="phone__saved">{w.name('round', 'refusedAndOnRecord')}</span>
      </header>
      {on && (
        <>
          <div className="stop__half">
            <small>{w.say('round.onNow', { name: stop.surface.name })}</small>
            <b>{nameOf(on)}</b>
            <small>{w.say('round.bottle', { code: on.code })}</small>
          </div>
          <div className="stop__strip fill" data-family={activeFacts[on.active].family} />
        </>
      )}
      {!on && (
        <div className="stop__half">
          <small>{w.name('round', 'notDone')}</small>
          <b>{stop.surface.name}</b>
        </div>
      )}
      <div className="stop__bar" role="alert">
        <h1>{w.name('round', 'never')}</h1>
        <p>
          {rule
            ? w.say('round.theseTwoMustNotMeet', { happens: rule.happens })
            : first && reasonInWords(w, first)}
        </p>
      </div>
      {hand && (
        <>
          <div className="stop__strip fill" data-family={activeFacts[hand.active].family} />
          <div className="stop__half">
            <small>{w.name('round', 'inYourHand')}</small>
            <b>{nameOf(hand)}</b>
            <small>{w.say('round.bottle', { code: hand.code })}</small>
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
            {reasonInWords(w, reason)}
          </p>
        ))}
      </div>
      <div className="phone__acts">
        <button className="btn btn--main" onClick={onBack}>
          {hand ? w.name('round', 'itIsBackInThe') : w.name('round', 'back')}
          <small>{w.name('round', 'takeAnotherBottle')}</small>
        </button>
        {on && hand && (
          <Link
            className="btn col-span-2"
            to={`/keep-apart?a=${on.stockId}&b=${hand.stockId}&happened=yes`}
          >
            {w.name('round', 'iHaveAlreadyPouredIt')}
          </Link>
        )}
      </div>
      <p className="stop__note mt-4">
        {w.say('round.nobodyCanOverrideThis', { poisonLine: standingNote(w, poisonLine) })}
      </p>
    </main>
  );
};
