import type { Body, StockRow } from '@zymostat/contract';
import { useState } from 'react';
import { WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { useTellStockMutation } from '../stock/api.ts';
import { Counted } from './tell/Counted.tsx';
import { Gone } from './tell/Gone.tsx';
import { Moved } from './tell/Moved.tsx';
import { ToppedUp } from './tell/ToppedUp.tsx';

type Did = Body<'tellStock'>['did'];

/** What is asked of each that is not told by one press. */
const asked = { counted: Counted, topped: ToppedUp, moved: Moved, discarded: Gone } as const;
type Asked = keyof typeof asked;

const others: readonly { did: Asked; name: 'topUp' | 'moved' }[] = [
  { did: 'topped', name: 'topUp' },
  { did: 'moved', name: 'moved' },
];

/** What somebody tells of a container: each is a fact, nothing is edited. */
export const Tell = ({ of }: { of: StockRow }) => {
  const [asking, ask] = useState<Asked | null>(null);
  const [tell, { error }] = useTellStockMutation();
  if (asking) {
    const Ask = asked[asking];
    return <Ask of={of} onDone={() => ask(null)} />;
  }
  const now = (did: Did) =>
    void tell({ id: of.id, body: { did, volume: null, why: null, from: null, storage: null } });
  return (
    <>
      <p className="flex flex-wrap gap-3">
        {of.openedAt === null && (
          <button className="btn" onClick={() => now('opened')}>
            {w.name('shelf', 'opened')}
          </button>
        )}
        <button className="btn" onClick={() => ask('counted')}>
          {w.name('shelf', 'countIt')}
        </button>
        <button className="btn" onClick={() => now('emptied')}>
          {w.name('shelf', 'empty')}
        </button>
        <button className="btn" onClick={() => ask('discarded')}>
          {w.name('shelf', 'discard')}
        </button>
        {others.map(({ did, name }) => (
          <button key={did} className="btn btn--quiet" onClick={() => ask(did)}>
            {w.name('shelf', name)}
          </button>
        ))}
      </p>
      <WentWrong error={error} />
    </>
  );
};
