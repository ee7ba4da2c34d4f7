import { firstResponse } from '@zymostat/words';
import { w } from '../../../words/words.ts';
import type { Harm } from '@zymostat/core';
import { useMeQuery } from '../../../api/me.ts';

/** What to do when two have met, by what comes of it, with the company's own numbers. */
export const FirstResponse = ({ harm, onIncident }: { harm: Harm; onIncident: () => void }) => {
  const { data: me } = useMeQuery();
  if (!me) return null;
  const { emergencyNumber, poisonLine } = me.company;
  return (
    <section className="first mb-4">
      <div className="headline">
        <h2>{w.name('apart', 'ifTheyHaveMet')}</h2>
        <button className="btn btn--main" onClick={onIncident}>
          {w.name('apart', 'recordAnIncident')}
        </button>
      </div>
      <p className="mb-2 flex flex-wrap gap-3">
        <a className="btn" href={`tel:${emergencyNumber}`}>
          {w.say('apart.emergencyLine', { emergencyNumber })}
        </a>
        <a className="btn" href={`tel:${poisonLine}`}>
          {w.say('apart.poisonLine', { poisonLine })}
        </a>
      </p>
      <ol>
        {firstResponse(w, { emergency: emergencyNumber, poison: poisonLine }, harm).map(
          (line, i) => (
            <li key={line}>
              <b>{i + 1}</b>
              <span>{line}</span>
            </li>
          ),
        )}
      </ol>
    </section>
  );
};
