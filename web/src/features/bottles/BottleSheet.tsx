import type { BottleRow } from '@zymostat/contract';
import { strengthShort } from '@zymostat/words';
import { rich } from '../../words/rich.tsx';
import { QrCode } from '../../ui/QrCode.tsx';
import { w } from '../../words/words.ts';
import { BottleHistory } from './BottleHistory.tsx';
import { FillBottle } from './FillBottle.tsx';
import { vesselOf } from './holds.ts';
import { WashBottle } from './WashBottle.tsx';

const sayOf = ({ heldSinceWash: held }: BottleRow): string =>
  held
    ? w.say('bench.itHolds', {
        active: w.name('active', held.active),
        strength: strengthShort(w, held.active, held.strength),
      })
    : w.name('bench', 'emptyAndWashedItMay');

/** What it holds, and that it is washed before anything else goes in. */
const Held = ({ bottle }: { bottle: BottleRow }) =>
  bottle.heldSinceWash && (
    <>
      <p className="soft mt-1">
        {rich('bench.fromBatchBeforeAnythingElse', {
          b: (text) => <b className="fig">{text}</b>,
          batchCode: bottle.heldSinceWash.batchCode,
        })}
      </p>
      <p className="mt-3">
        <WashBottle bottle={bottle} />
      </p>
    </>
  );

/** A bottle: what is in it, what may go in, and what has been in it. */
export const BottleSheet = ({ bottle }: { bottle: BottleRow }) => (
  <>
    <div className="flex items-start justify-between gap-4">
      <div className="min-w-0">
        <p className="crumb">
          <b className="fig">{bottle.code}</b> · {vesselOf(bottle)}
        </p>
        <p className="verdict__say" role="status">
          {sayOf(bottle)}
        </p>
        <Held bottle={bottle} />
      </div>
      <QrCode text={bottle.code} size={110} alt={w.say('bench.qrCode', { code: bottle.code })} />
    </div>
    <FillBottle key={bottle.id} bottle={bottle} />
    <BottleHistory history={bottle.history} />
  </>
);
