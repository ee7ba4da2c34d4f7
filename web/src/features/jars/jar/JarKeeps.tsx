import type { Jar } from '@zymostat/core';
import { percent } from '@zymostat/words';
import { dayOf } from '../../../ui/times.ts';
import { w } from '../../../words/words.ts';

const WIDE = 300;
const HIGH = 70;
const DAY = 86_400_000;

/** Strength in the jar over the days, as far as its wall. */
const Course = ({ strengths, days }: { strengths: number[]; days: number }) => {
  const all = strengths.length;
  const top = Math.max(...strengths, 0.01);
  const low = Math.min(...strengths) * 0.97;
  const x = (day: number) => (WIDE * day) / all;
  const y = (strength: number) => HIGH - (HIGH * (strength - low)) / (top - low);
  const line = strengths.map((one, i) => `${x(i)},${y(one)}`).join(' ');
  return (
    <svg
      className="jar-course"
      viewBox={`-2 -4 ${WIDE + 8} ${HIGH + 10}`}
      role="img"
      aria-label={w.say('jars.fallsTo', {
        from: percent(w, strengths[0]!),
        to: percent(w, strengths[Math.min(all - 1, Math.ceil(days))]!),
      })}
    >
      <polygon points={`0,${HIGH} ${line} ${x(all - 1)},${HIGH}`} />
      <polyline points={line} />
      <path d={`M0 ${HIGH}H${WIDE}`} />
      <rect x={x(Math.min(all, days))} y={-2} width={5} height={HIGH + 4} />
    </svg>
  );
};

/** When it must go, and why; sooner where it smells, spots or no longer wets. */
export const JarKeeps = ({ jar, now }: { jar: Jar; now: number }) => {
  const days = jar.keeps.seconds / 86_400;
  return (
    <section aria-label={w.name('jars', 'whenItMustGo')}>
      <h2>{w.name('jars', 'whenItMustGo')}</h2>
      {jar.strengths.length > 0 && <Course strengths={jar.strengths} days={days} />}
      <p>
        <b>{dayOf(now + days * DAY)}.</b> {w.name('jarEnd', jar.keeps.because)}
      </p>
      <p className="soft">{w.name('jars', 'soonerAt')}</p>
      <p className="soft">{w.name('jars', 'soaksFirst')}</p>
    </section>
  );
};
