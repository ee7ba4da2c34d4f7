import type { VesselsNow } from '@zymostat/contract';
import { zones, type Zone } from '@zymostat/core';
import { ListRow } from '../../../ui/ListRow.tsx';
import { w } from '../../../words/words.ts';
import { Strokes } from '../Strokes.tsx';

interface Props {
  cloths: VesselsNow['cloths'];
  chosen: Zone | undefined;
  onChoose: (zone: Zone) => void;
}

/** Clean cloths by zone, a stroke a cloth; nobody has counted: that is said. */
export const Cloths = ({ cloths, chosen, onChoose }: Props) => (
  <section className="mb-5" aria-label={w.name('jars', 'cleanCloths')}>
    <h2 className="mb-1">{w.name('jars', 'cleanCloths')}</h2>
    <ul className="list">
      {zones.map((zone) => {
        const clean = cloths.find((one) => one.zone === zone)?.clean;
        const here =
          clean === undefined ? w.name('jars', 'notCounted') : w.say('jars.here', { count: clean });
        return (
          <ListRow key={zone} chosen={zone === chosen} onChoose={() => onChoose(zone)}>
            <span className="vessel">
              <b className="font-semibold">{w.name('zone', zone)}</b>
              <Strokes full={clean ?? 0} of={clean ?? 0} label={here} />
              <span>{here}</span>
            </span>
          </ListRow>
        );
      })}
    </ul>
  </section>
);
