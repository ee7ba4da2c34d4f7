import type { Answer } from '@zymostat/contract';
import Bowser from 'bowser';
import { WentWrong } from '../../ui/parts.tsx';
import { momentOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { useEndSessionMutation } from './api.ts';

/** A device as people call it, by what its browser says of itself. */
const nameOf = (device: string): string => {
  const { browser, os } = Bowser.parse(device || ' ');
  const known = [browser.name, os.name].filter((one) => one !== undefined && one !== '');
  return known.length > 0 ? known.join(', ') : w.name('team', 'unknownDevice');
};

/** On which devices somebody is signed in, each to be ended. */
export const Sessions = ({ of }: { of: Answer<'sessions'> }) => {
  const [end, { error }] = useEndSessionMutation();
  return (
    <section className="my-4" aria-label={w.name('team', 'sessions')}>
      <h2>{w.name('team', 'sessions')}</h2>
      {of.length === 0 && <p className="soft">{w.name('team', 'noSessions')}</p>}
      <ul>
        {of.map(({ id, device, openedAt, current }) => (
          <li key={id} className="flex items-baseline gap-3 border-b border-rule py-1.5">
            <span className="min-w-0 flex-1 truncate">
              {nameOf(device)}
              <span className="small soft block">
                {w.say('team.since', { since: momentOf(openedAt) })}
                {current && ` · ${w.name('team', 'thisOne')}`}
              </span>
            </span>
            {!current && (
              <button className="btn btn--quiet" onClick={() => void end(id)}>
                {w.name('team', 'end')}
              </button>
            )}
          </li>
        ))}
      </ul>
      <WentWrong error={error} />
    </section>
  );
};
