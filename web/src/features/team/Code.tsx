import type { Answer } from '@zymostat/contract';
import { colours } from '@zymostat/contract';
import { toDataURL } from 'qrcode';
import { useEffect, useState } from 'react';
import { Verdict } from '../../ui/parts.tsx';
import { momentOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';

const inFours = (code: string): string => code.replace(/(.{4})(?=.)/g, '$1 ');

/** A link as a camera reads it. */
const QrCode = ({ link }: { link: string }) => {
  const [source, setSource] = useState('');
  useEffect(() => {
    let over = false;
    void toDataURL(link, { margin: 1, width: 328, color: { dark: colours.ink } }).then((url) => {
      if (!over) setSource(url);
    });
    return () => {
      over = true;
    };
  }, [link]);
  return source && <img src={source} width={164} height={164} alt={link} />;
};

/** A code, told this once: as a picture, as a link and to be read out. */
export const Code = ({ of: { name, code, expiresAt, for: what } }: { of: Answer<'invite'> }) => {
  const [copied, setCopied] = useState(false);
  // Behind the address, where no server writes it down.
  const link = `${location.origin}/join#${code}`;
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
        <QrCode link={link} />
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
