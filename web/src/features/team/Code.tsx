import type { Answer } from '@zymostat/contract';
import { inFours } from '@zymostat/words';
import { useState } from 'react';
import { Verdict } from '../../ui/parts.tsx';
import { QrCode } from '../../ui/QrCode.tsx';
import { momentOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { joinLink } from './joinLink.ts';

/** A code, told this once: as a picture, as a link and to be read out. */
export const Code = ({ of: { name, code, expiresAt, for: what } }: { of: Answer<'invite'> }) => {
  const [copied, setCopied] = useState(false);
  const link = joinLink(code);
  const copy = async () => {
    await navigator.clipboard.writeText(link);
    setCopied(true);
  };
  const until = momentOf(expiresAt);
  return (
    <section aria-label={inFours(code)}>
      <Verdict
        say={w.say(what === 'joining' ? 'team.comesInWith' : 'team.choosesWith', { name, until })}
        why={w.name('team', 'noMail')}
      />
      <div className="flex flex-wrap items-center gap-6">
        <QrCode text={link} size={164} alt={link} />
        <div className="grid gap-3">
          <p className="fig text-lg">{inFours(code)}</p>
          <p>
            <button className="btn btn--quiet" onClick={() => void copy()}>
              {w.name('team', 'copyTheLink')}
            </button>
          </p>
          {copied && (
            <p className="small soft" role="status">
              {w.name('team', 'copied')}
            </p>
          )}
        </div>
      </div>
    </section>
  );
};
