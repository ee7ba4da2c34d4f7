import type { WetNow } from '@zymostat/contract';
import { secondsBetween } from '@zymostat/core';
import { clock } from '@zymostat/words';
import type { CSSProperties, ReactNode } from 'react';
import { Link } from 'react-router';
import { timeOf } from '../../ui/times.ts';
import { WetBand } from '../../ui/WetBand.tsx';
import { dueOf, lengthOf, spanOf, type Due } from '../rounds/alone.ts';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';

type One = WetNow[number];
interface Afloat {
  one: One;
  due: Due;
}

/** The axis shows at least so much of what was and of what comes, s. */
const LEAST_BEFORE = 600;
const LEAST_AFTER = 300;
/** Times on the axis, s apart: as few as can be read. */
const tickOf = ({ seconds }: Axis): number =>
  [300, 600, 900, 1800].find((tick) => seconds / tick <= 5) ?? 3600;

const axisOf = (all: readonly Afloat[], now: number) => {
  const before = Math.max(
    LEAST_BEFORE,
    ...all.map(({ one }) => Math.min(3600, lengthOf(one, now).gone)),
  );
  const after = Math.max(
    LEAST_AFTER,
    ...all.map(({ one }) => Math.min(3600, lengthOf(one, now).all - lengthOf(one, now).gone)),
  );
  return { from: now - before * 1000, seconds: (before + after) * 1.05, before };
};
type Axis = ReturnType<typeof axisOf>;

const percent = (part: number, { seconds }: Axis): string => `${(100 * part) / seconds}%`;

const b = (text: ReactNode) => <b className="fig">{text}</b>;

/** What is due there, and when. */
const Act = ({ due: { what, at }, now }: { due: Due; now: number }) =>
  at < now ? (
    <b className="never-ink">
      {w.say('today.lateBy', {
        what: w.name('shell', `${what}Now`),
        late: clock((now - at) / 1000),
      })}
    </b>
  ) : (
    <span>{rich(`shell.${what}In`, { soft: b, left: clock((at - now) / 1000) })}</span>
  );

const Band = ({ one, now, axis }: { one: One; now: number; axis: Axis }) => {
  const { since, least, most, family } = spanOf(one);
  const { gone, all } = lengthOf(one, now);
  const start = Math.max(0, (since - axis.from) / 1000);
  return (
    <span
      className="afloat__band"
      style={{ left: percent(start, axis), width: percent(all, axis) }}
    >
      <WetBand
        family={family}
        required={least}
        wall={most ?? undefined}
        now={most === null ? Math.min(gone, least) : gone}
        axis={all}
        rewets={one.wet?.coats.slice(1).map((at) => secondsBetween(since, at))}
      />
    </span>
  );
};

const Ticks = ({ axis, now }: { axis: Axis; now: number }) => {
  const tick = tickOf(axis) * 1000;
  const first = Math.ceil(axis.from / tick) * tick;
  const ticks = Array.from(
    { length: Math.floor((axis.seconds * 1000 - (first - axis.from)) / tick) + 1 },
    (_, i) => first + i * tick,
  ).filter((at) => Math.abs(at - now) > 0.6 * tick);
  return (
    <span className="afloat__ticks" aria-hidden="true">
      {ticks.map((at) => (
        <i key={at} style={{ left: percent((at - axis.from) / 1000, axis) }}>
          {timeOf(at)}
        </i>
      ))}
      <i style={{ left: percent(axis.before, axis) }}>
        <b>{timeOf(now)}</b>
      </i>
    </span>
  );
};

/** All that is wet in every home on one axis, what is due soonest first. */
export const Afloat = ({ wet, now }: { wet: readonly One[]; now: number }) => {
  const all = wet.map((one) => ({ one, due: dueOf(one, now) })).sort((a, z) => a.due.at - z.due.at);
  if (all.length === 0) return <p className="soft">{w.name('shell', 'nothingIsWet')}</p>;
  const axis = axisOf(all, now);
  return (
    <div className="afloat" style={{ '--now-at': percent(axis.before, axis) } as CSSProperties}>
      <div className="afloat__head">
        <span>{w.name('today', 'wetRightNow')}</span>
        <Ticks axis={axis} now={now} />
        <span>{w.name('today', 'next')}</span>
      </div>
      <ol>
        {all.map(({ one, due }) => (
          <li key={one.roundId + one.surfaceId} data-late={due.at < now ? '' : undefined}>
            <Link className="afloat__row" to={`/rounds/${one.roundId}?surface=${one.surfaceId}`}>
              <span className="afloat__what">
                <b>{one.surfaceName}</b>
                <span className="small soft">
                  {one.homeName} · {one.by}
                </span>
              </span>
              <span className="afloat__sea">
                <Band one={one} now={now} axis={axis} />
              </span>
              <span className="afloat__act">
                <Act due={due} now={now} />
              </span>
            </Link>
          </li>
        ))}
      </ol>
    </div>
  );
};
