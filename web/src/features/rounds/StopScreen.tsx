import { type BatchRow } from '@zymostat/contract';
import { activeFacts } from '@zymostat/core';
import { reasonInWords, standingNote, strengthShort, wordsOfRule } from '@zymostat/words';
import { Link } from 'react-router';
import { w } from '../../words/words.ts';
import { EmergencyLink } from './Top.tsx';
import type { Stopped } from './useRoundWork.ts';

const nameOf = (row: BatchRow) =>
  `${w.name('family', activeFacts[row.active].family)} ${strengthShort(w, row.active, row.strength)}`;

const Strip = ({ row }: { row: BatchRow }) => (
  <div className="stop__strip fill" data-family={activeFacts[row.active].family} />
);

const Half = ({ where, row }: { where: string; row: BatchRow }) => (
  <div className="stop__half">
    <small>{where}</small>
    <b>{nameOf(row)}</b>
    <small>{w.say('round.bottle', { code: row.code })}</small>
  </div>
);

/** What is on the surface now, or what was not done there. */
const Surface = ({ name, on }: { name: string; on: BatchRow | undefined }) =>
  on ? (
    <>
      <Half where={w.say('round.onNow', { name })} row={on} />
      <Strip row={on} />
    </>
  ) : (
    <div className="stop__half">
      <small>{w.name('round', 'notDone')}</small>
      <b>{name}</b>
    </div>
  );

/** Why: the rule where two meet, else the first reason; and what else speaks against it. */
const reasonsOf = ({ verdict }: Stopped) => {
  const [first, ...rest] = verdict.reasons.filter(({ outcome }) => outcome === 'never');
  const meets = first?.code === 'must-not-meet' ? first.figures : undefined;
  const rule = meets && wordsOfRule(w, meets.rule, meets.says);
  const why = rule
    ? w.say('round.theseTwoMustNotMeet', { happens: rule.happens })
    : first && reasonInWords(w, first);
  return { meets, rest, rule, why };
};

interface ActsProps {
  on: BatchRow | undefined;
  hand: BatchRow | undefined;
  onBack: () => void;
}

const Acts = ({ on, hand, onBack }: ActsProps) => (
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
);

interface Props {
  stopped: Stopped;
  rows: BatchRow[];
  poisonLine: string;
  onBack: () => void;
}

/** Refused: what is on the surface, what is in the hand, and the bar between them. */
export const StopScreen = ({ stopped, rows, poisonLine, onBack }: Props) => {
  const { meets, rest, rule, why } = reasonsOf(stopped);
  const on = rows.find((row) => row.id === meets?.onBatch);
  const hand = rows.find((row) => row.id === stopped.batchId);
  const { roomName, surface } = stopped.stop;
  return (
    <main className="phone">
      <header className="phone__top">
        <span className="phone__where">
          <span>
            <b>{roomName}</b>
            <small>{w.name('round', 'refusedAndOnRecord')}</small>
          </span>
        </span>
        <EmergencyLink />
      </header>
      <Surface name={surface.name} on={on} />
      <div className="stop__bar" role="alert">
        <h1>{w.name('round', 'never')}</h1>
        <p>{why}</p>
      </div>
      {hand && (
        <>
          <Strip row={hand} />
          <Half where={w.name('round', 'inYourHand')} row={hand} />
        </>
      )}
      <div className="px-5 text-[1.0625rem]">
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
      <Acts on={on} hand={hand} onBack={onBack} />
      <p className="stop__note mt-4">
        {w.say('round.nobodyCanOverrideThis', { poisonLine: standingNote(w, poisonLine) })}
      </p>
    </main>
  );
};
