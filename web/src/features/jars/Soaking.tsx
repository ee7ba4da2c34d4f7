import type { BathRow } from '@zymostat/contract';
import { activeFacts, secondsBetween } from '@zymostat/core';
import { clock, percent, upper } from '@zymostat/words';
import { ListRow } from '../../ui/ListRow.tsx';
import { WetBand } from '../../ui/WetBand.tsx';
import { w } from '../../words/words.ts';
import { bathDue } from './bathDue.ts';

interface Props {
  baths: readonly BathRow[];
  now: number;
  chosenId: string | undefined;
  onChoose: (id: string) => void;
}

/** When it comes out, or that it must. */
const Due = ({ bath, now }: { bath: BathRow; now: number }) => {
  const due = bathDue(bath, now);
  if (!due) return <span className="soft">{w.name('jars', 'isOut')}</span>;
  if (due.at > now)
    return (
      <b className="fig">
        {w.say(due.out ? 'jars.outIn' : 'jars.readyIn', { left: clock((due.at - now) / 1000) })}
      </b>
    );
  return (
    <b className={due.over ? 'never-ink' : ''}>
      {due.over
        ? w.say('jars.tooLongBy', { over: clock((now - due.at) / 1000) })
        : w.name('jars', 'takeItOut')}
    </b>
  );
};

/** What lies in jars, pails and bags of the depot now, soonest due first. */
export const Soaking = ({ baths, now, chosenId, onChoose }: Props) => {
  const standing = baths
    .filter(({ ended }) => ended === null)
    .sort((a, b) => bathDue(a, now)!.at - bathDue(b, now)!.at);
  return (
    <section className="mb-5" aria-label={w.name('jars', 'soakingNow')}>
      <h2 className="mb-1">{w.name('jars', 'soakingNow')}</h2>
      {standing.length === 0 && <p className="soft">{w.name('jars', 'nothingSoaks')}</p>}
      <ul className={standing.length > 0 ? 'list' : ''}>
        {standing.map((bath) => {
          const gone = secondsBetween(bath.begunAt, now);
          return (
            <ListRow key={bath.id} chosen={bath.id === chosenId} onChoose={() => onChoose(bath.id)}>
              <span className="vessel">
                <span>
                  <b className="font-semibold">{upper(w.name('thing', bath.thing))}</b>
                  <span className="small soft block">
                    {bath.place} · {w.name('active', bath.active)} {percent(w, bath.strength)}
                  </span>
                </span>
                <WetBand
                  family={activeFacts[bath.active].family}
                  required={bath.least}
                  wall={bath.most ?? undefined}
                  now={bath.most === null ? Math.min(gone, bath.least) : gone}
                  tiny
                />
                <Due bath={bath} now={now} />
              </span>
            </ListRow>
          );
        })}
      </ul>
    </section>
  );
};
