import type { Answer, StockRow } from '@zymostat/contract';
import { activeFacts } from '@zymostat/core';
import { strengthOf } from '@zymostat/words';
import { serverNow } from '../../api/serverTime.ts';
import { dayOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';

type ByNowOf = Answer<'stockStrength'>;
const WIDTH = 560;
const HEIGHT = 190;
const LEFT = 82;
const RIGHT = 12;
const TOP = 14;
const FOOT = 24;

/** Where a moment and a strength lie; a little under the floor is drawn too. */
const scalesOf = ({ course, read, floor }: ByNowOf) => {
  const [first, last] = [course[0]!.at, course.at(-1)!.at];
  const highest = Math.max(...course.map(({ high }) => high), ...read.map(({ high }) => high));
  const lowest = Math.min(floor, ...course.map(({ low }) => low), ...read.map(({ low }) => low));
  const room = (highest - lowest) * 0.08 || highest * 0.1;
  const [top, foot] = [highest + room, Math.max(0, lowest - room)];
  return {
    x: (at: number) => LEFT + ((WIDTH - LEFT - RIGHT) * (at - first)) / (last - first),
    y: (strength: number) => TOP + ((HEIGHT - TOP - FOOT) * (top - strength)) / (top - foot),
    highest,
  };
};

interface Props {
  of: StockRow;
  byNow: ByNowOf;
}

/**
 * The strength of a container through the months: the band that nine cases of ten lie in, full until
 * now and pale from now on, what was read as strokes, and the floor at which it is thrown away.
 */
export const Forecast = ({ of: { active, code }, byNow }: Props) => {
  const { course, read, floor, low, high } = byNow;
  const { x, y, highest } = scalesOf(byNow);
  const now = serverNow();
  const band = [
    ...course.map((one) => `${x(one.at)},${y(one.high)}`),
    ...[...course].reverse().map((one) => `${x(one.at)},${y(one.low)}`),
  ].join(' ');
  const label = w.say('shelf.course', {
    code,
    low: strengthOf(w, active, low),
    high: strengthOf(w, active, high),
  });
  const nowAt = x(now);
  return (
    <svg
      className="forecast"
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={label}
      data-family={activeFacts[active].family}
    >
      <clipPath id="forecast-past">
        <rect x={0} y={0} width={nowAt} height={HEIGHT} />
      </clipPath>
      <polygon className="forecast__ahead" points={band} />
      <polygon className="forecast__past" points={band} clipPath="url(#forecast-past)" />
      <polyline
        className="forecast__middle"
        points={course.map((one) => `${x(one.at)},${y(one.middle)}`).join(' ')}
      />
      <path className="forecast__floor" d={`M${LEFT} ${y(floor)}H${WIDTH - RIGHT}`} />
      <path className="forecast__now" d={`M${nowAt} ${TOP - 4}V${HEIGHT - FOOT}`} />
      {read.map((one) => (
        <path
          key={one.at}
          className="forecast__read"
          d={`M${x(one.at)} ${y(one.low)}V${y(one.high)}`}
        />
      ))}
      <text x={LEFT - 6} y={y(floor) + 4} textAnchor="end">
        {strengthOf(w, active, floor)}
      </text>
      <text x={LEFT - 6} y={y(highest) + 4} textAnchor="end">
        {strengthOf(w, active, highest)}
      </text>
      <text x={nowAt} y={HEIGHT - 8} textAnchor="middle">
        {w.name('shelf', 'now')}
      </text>
      <text x={WIDTH - RIGHT} y={HEIGHT - 8} textAnchor="end">
        {dayOf(course.at(-1)!.at)}
      </text>
      {nowAt - LEFT > 70 && (
        <text x={LEFT} y={HEIGHT - 8}>
          {dayOf(course[0]!.at)}
        </text>
      )}
    </svg>
  );
};
