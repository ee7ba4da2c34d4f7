import type { JarRow } from '@zymostat/contract';
import { ListRow } from '../../ui/ListRow.tsx';
import { dayOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { jarName } from './jarName.ts';
import { Strokes } from './Strokes.tsx';

interface Props {
  jars: readonly JarRow[];
  now: number;
  chosenId: string | undefined;
  onChoose: (id: string) => void;
}

/** Jars in use: a stroke a cloth, and the day on which each must go. */
export const JarList = ({ jars, now, chosenId, onChoose }: Props) => {
  const used = jars.filter(({ endedAt }) => endedAt === null);
  return (
    <section className="mb-5" aria-label={w.name('jars', 'jars')}>
      <h2 className="mb-1">{w.name('jars', 'jars')}</h2>
      {used.length === 0 && <p className="soft">{w.name('jars', 'noJar')}</p>}
      <ul className={used.length > 0 ? 'list' : ''}>
        {used.map((jar) => (
          <ListRow key={jar.id} chosen={jar.id === chosenId} onChoose={() => onChoose(jar.id)}>
            <span className="vessel">
              <span>
                <b className="font-semibold">{jarName(jar)}</b>
                <span className="small soft block fig">{jar.code}</span>
              </span>
              <Strokes
                full={jar.left}
                of={jar.count}
                label={w.say('jars.leftOf', { left: jar.left, count: jar.count })}
              />
              <span>
                {now >= jar.awayAt ? (
                  <b className="never-ink">{w.name('jars', 'throwAway')}</b>
                ) : (
                  w.say('jars.awayOn', { day: dayOf(jar.awayAt) })
                )}
                <span className="small soft block">
                  {w.say('jars.leftOf', { left: jar.left, count: jar.count })}
                </span>
              </span>
            </span>
          </ListRow>
        ))}
      </ul>
    </section>
  );
};
