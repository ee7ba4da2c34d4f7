import { colours } from '@zymostat/contract';
import { toDataURL } from 'qrcode';
import { useEffect, useState } from 'react';
import { w } from '../../words/words.ts';

/** The bottle's code as a camera reads it. */
export const BottleCode = ({ code }: { code: string }) => {
  const [source, setSource] = useState('');
  useEffect(() => {
    let over = false;
    void toDataURL(code, { margin: 1, width: 220, color: { dark: colours.ink } }).then((url) => {
      if (!over) setSource(url);
    });
    return () => {
      over = true;
    };
  }, [code]);
  return source ? (
    <img src={source} width={110} height={110} alt={w.say('bench.qrCode', { code })} />
  ) : (
    <span className="block h-[110px] w-[110px]" />
  );
};
