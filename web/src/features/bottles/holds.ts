import type { BottleRow } from '@zymostat/contract';
import { strengthShort } from '@zymostat/words';
import { inMetric } from '../../ui/amounts.ts';
import { w } from '../../words/words.ts';

/** What is in a bottle since it was washed last. */
export const holds = ({ heldSinceWash: held }: BottleRow): string =>
  held
    ? w.say('bench.holds', {
        active: w.name('active', held.active),
        strength: strengthShort(w, held.active, held.strength),
        batch: held.batchCode,
      })
    : w.name('bench', 'emptyWashed');

/** How large it is and what it is made of. */
export const vesselOf = ({ volume, material, opaque }: BottleRow): string =>
  w.say('bench.vessel', {
    volume: inMetric(volume),
    material: w.name('bottleMaterial', material),
    opaque: opaque ? 'yes' : 'no',
  });
