import { knownWetUntil, secondsBetween, type EventKind } from '@zymostat/core';
import { about, clock } from '@zymostat/words';
import { Droplet, Droplets, Eye, Waves, type LucideIcon } from 'lucide-react';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import { heldSoFar, isOver, type Stop } from '../stop.ts';

/** What somebody saw, and what is then recorded, in order. */
interface Answer {
  id: string;
  Icon: LucideIcon;
  say: string;
  leads: string;
  kinds: readonly EventKind[];
}

/** For how long nobody knows whether it was wet, s. */
export const unseenSoFar = ({ clock: state, treatment }: Stop, now: number): number => {
  const known = knownWetUntil(state, treatment);
  return known === null ? 0 : secondsBetween(known, now);
};

const answersWhileItRuns = (stop: Stop, now: number): Answer[] => {
  const left = clock(stop.treatment.seconds - heldSoFar(stop, now));
  const unseen = clock(unseenSoFar(stop, now));
  return [
    {
      id: 'wet',
      Icon: Eye,
      say: w.name('round', 'stillWet'),
      leads: w.say('round.goesOnWipeIn', { left }),
      kinds: ['seen-wet'],
    },
    {
      id: 'wet-again',
      Icon: Droplets,
      say: w.name('round', 'stillWetReWetNow'),
      leads: w.say('round.goesOnWipeIn', { left }),
      kinds: ['seen-wet', 'rewet'],
    },
    {
      id: 'again',
      Icon: Droplet,
      say: w.name('round', 'reWetItUnseen'),
      leads: w.say('round.staysNotShown', { unseen }),
      kinds: ['rewet'],
    },
  ];
};

const answersWhenOver = (): Answer[] => [
  {
    id: 'wet',
    Icon: Eye,
    say: w.name('round', 'stillWet'),
    leads: w.name('round', 'thenItIsMetWipe'),
    kinds: ['seen-wet'],
  },
];

const dry = ({ treatment: { seconds } }: Stop): Answer => ({
  id: 'dry',
  Icon: Waves,
  say: w.name('round', 'isDry'),
  leads: w.say('round.startsAgain', { seconds: clock(seconds) }),
  kinds: ['found-dry'],
});

const unseen = (): Answer => ({
  id: 'unseen',
  Icon: Droplet,
  say: w.name('round', 'wipedNobodyLooked'),
  leads: w.name('round', 'recordedAsNotShown'),
  kinds: ['wiped'],
});

const answersOf = (stop: Stop, now: number): Answer[] =>
  isOver(stop, now)
    ? [...answersWhenOver(), dry(stop), unseen()]
    : [...answersWhileItRuns(stop, now), dry(stop)];

interface Props {
  stop: Stop;
  now: number;
  settling: boolean;
  onDo: (...kinds: EventKind[]) => void;
}

/**
 * A coat may be dry by now, and only somebody who looks can say. The answers are drawn alike, so
 * that none is urged.
 */
export const Look = ({ stop, now, settling, onDo }: Props) => {
  const { coatHolds } = stop.treatment;
  return (
    <>
      <p className="phone__words">
        {coatHolds > 0
          ? rich('round.aCoatHereHolds', {
              b: (text) => <b>{text}</b>,
              holds: about(w, coatHolds),
            })
          : w.name('round', 'nobodyKnowsHowLong')}{' '}
        {w.name('round', 'lookAgainstTheLight')}
        {isOver(stop, now) && (
          <> {w.say('round.itHasLain', { held: clock(heldSoFar(stop, now)) })}</>
        )}
      </p>
      <div className="answers">
        {answersOf(stop, now).map(({ id, Icon, say, leads, kinds }) => (
          <button
            key={id}
            aria-disabled={settling}
            className="btn answer"
            onClick={() => onDo(...kinds)}
          >
            <Icon aria-hidden className="icon" />
            {say}
            <small>{leads}</small>
          </button>
        ))}
      </div>
    </>
  );
};
