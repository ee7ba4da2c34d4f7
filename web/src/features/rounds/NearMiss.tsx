import { Radio, RadioGroup } from '@headlessui/react';
import type { BatchRow, Me, Round } from '@zymostat/contract';
import type { Group } from '@zymostat/core';
import { useState } from 'react';
import { tell } from '../../offline/outbox.ts';
import { StandingNote } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { familyOf, whatIsIn } from './bottle/bottleName.ts';
import { ScreenTitle } from './ScreenTitle.tsx';
import { Top } from './Top.tsx';
import type { RoundWork } from './useRoundWork.ts';

/** What is met most, each with the pattern of its family; unknown is one of them. */
const met = [
  { group: 'hypochlorite', family: 'bleach' },
  { group: 'acid', family: 'vinegar' },
  { group: 'peroxide', family: 'peroxide' },
  { group: 'alcohol', family: 'alcohol' },
  { group: 'ammonia', family: 'product' },
  { group: 'soap', family: 'soap' },
  { group: 'unknown', family: undefined },
] as const satisfies readonly { group: Group; family: string | undefined }[];
type Met = (typeof met)[number]['group'];

/** What it met, one tap. */
const Picks = ({ other, onPick }: { other: Met | null; onPick: (met: Met) => void }) => (
  <RadioGroup
    className="picks"
    value={other}
    onChange={(met) => met && onPick(met)}
    aria-label={w.name('round', 'whatDidItMeet')}
  >
    {met.map(({ group, family }) => (
      <Radio key={group} value={group} className="pick">
        <i className={family ? 'fill' : 'pick__unknown'} data-family={family} />
        <span>{group === 'unknown' ? w.name('round', 'iDoNotKnow') : w.name('group', group)}</span>
      </Radio>
    ))}
  </RadioGroup>
);

interface StripsProps {
  bottle: BatchRow | undefined;
  inHand: string;
  other: Met | null;
}

/** What met what, as two strips that touch. */
const Strips = ({ bottle, inHand, other }: StripsProps) => (
  <div className="met-what">
    <p>
      <small>{w.name('round', 'inYourHand')}</small>
      <b>{inHand}</b>
    </p>
    <i className="fill" data-family={bottle && familyOf(bottle)} />
    <i className="fill" data-family={met.find(({ group }) => group === other)?.family} />
    <p>
      <small>{w.name('round', 'itMet')}</small>
      <b>{other ? w.name('group', other) : '?'}</b>
    </p>
  </div>
);

interface Props {
  work: RoundWork;
  round: Round;
  me: Me;
  onClose: () => void;
}

/**
 * A near miss in three taps: that there was one, what it met, write it down. Bottle, home, place and
 * time are known; it is kept on the phone where there is no signal.
 */
export const NearMiss = ({ work, round, me, onClose }: Props) => {
  const [other, pick] = useState<Met | null>(null);
  const [done, setDone] = useState('');
  const { current, rows, hand } = work;
  const bottle = rows.find(({ id }) => id === hand);
  const inHand = bottle ? `${whatIsIn(bottle)}, ${bottle.code}` : w.name('round', 'bottleNotKnown');
  const otherName = other && w.name('group', other);
  const write = async () => {
    if (!other || !otherName) return;
    const { id: personId, name: who } = me.person;
    const place = `${current.roomName}: ${current.surface.name}`.slice(0, 80);
    const one = bottle?.groups[0];
    const mishap = {
      kind: 'near-miss' as const,
      homeId: round.homeId,
      what: w.say('round.whatNearlyMet', { inHand, other: otherName }),
      products: [inHand, otherName],
      place,
      who,
      done: done.trim() || w.name('round', 'notSaid'),
      ...(one && other !== 'unknown' ? { pair: { one, other } } : {}),
    };
    await tell(round.id, { does: 'tell', personId, mishap });
    onClose();
  };
  return (
    <main className="phone">
      <Top room={round.homeName} home={round.place} />
      <Strips bottle={bottle} inHand={inHand} other={other} />
      <section className="phone__surface">
        <ScreenTitle>{w.name('round', 'nearMiss')}</ScreenTitle>
      </section>
      <h2 className="lines__head">
        <b className="fig">1</b> {w.name('round', 'whatDidItMeet')}
      </h2>
      <Picks other={other} onPick={pick} />
      <h2 className="lines__head">
        <b className="fig">2</b> {w.name('round', 'whatWasDone')}
      </h2>
      <label className="field mx-5">
        <small>{w.name('round', 'aFewWords')}</small>
        <input value={done} maxLength={500} onChange={({ target }) => setDone(target.value)} />
      </label>
      <div className="phone__acts">
        <button className="btn btn--main" disabled={other === null} onClick={() => void write()}>
          {w.name('round', 'writeItDown')}
          <small>{w.name('round', 'keptThenSent')}</small>
        </button>
        <button className="btn col-span-2" onClick={onClose}>
          {w.name('round', 'back')}
        </button>
      </div>
      <StandingNote />
    </main>
  );
};
