import { componentWords } from '@zymostat/contract';
import {
  airChanges,
  closedPressure,
  decayed,
  gasEstimate,
  millilitres,
  peroxidePressure,
  type ActiveContent,
} from '@zymostat/core';
import { lazy, Suspense, useMemo, useState } from 'react';
import type { Line } from '../../ui/LineChart.tsx';
import { Slider } from '../../ui/Slider.tsx';

/** The chart comes with the first pair that makes a gas. */
const LineChart = lazy(() =>
  import('../../ui/LineChart.tsx').then((module) => ({ default: module.LineChart })),
);

const HOUR = 3600;
const figure = (n: number) =>
  n >= 10 ? Math.round(n).toLocaleString('en-GB') : n.toFixed(n >= 1 ? 1 : 2);
const span = (s: number) =>
  s === 0
    ? 'not at all'
    : s >= 24 * HOUR
      ? 'over a day'
      : s >= HOUR
        ? `${Math.floor(s / HOUR)} h ${Math.round((s % HOUR) / 60)} min`
        : `${Math.max(1, Math.round(s / 60))} min`;
const HEADSPACE = millilitres(100);

/** ppm over an hour with the window shut and open, and what is immediately dangerous. */
const linesFor = (ppm: number, danger: number | undefined): Line[] => {
  const curve = (changes: number) =>
    Array.from({ length: 61 }, (_, i) => ({ x: i, y: decayed(ppm, changes, i * 60) }));
  const shutAndOpen: Line[] = [
    { name: 'window shut', points: curve(airChanges.closed) },
    { name: 'window open', points: curve(airChanges.open), colour: '#0F5B4B' },
  ];
  return danger === undefined
    ? shutAndOpen
    : [
        ...shutAndOpen,
        {
          name: `immediately dangerous, ${danger} ppm`,
          dashed: true,
          points: [
            { x: 0, y: danger },
            { x: 60, y: danger },
          ],
        },
      ];
};

/**
 * How bad it could get in a room, so that people remember why: the most that the two amounts can
 * make, and how long it would hang there.
 */
export const GasBound = ({ a, b }: { a: ActiveContent; b: ActiveContent }) => {
  const [amount, setAmount] = useState(50);
  const [room, setRoom] = useState(10);
  const { shut, open, lines } = useMemo(() => {
    const bound = (changes: number) =>
      gasEstimate(
        { content: a, volume: millilitres(amount) },
        { content: b, volume: millilitres(amount) },
        room,
        changes,
      );
    const closed = bound(airChanges.closed);
    return {
      shut: closed,
      open: bound(airChanges.open),
      lines: linesFor(closed?.ppm ?? 0, closed?.limits?.immediatelyDangerous),
    };
  }, [a, b, amount, room]);
  if (!shut || !open) return null;
  const { ppm, limits } = shut;
  const name = componentWords[shut.gas];
  const times = limits ? ppm / limits.immediatelyDangerous : 0;
  return (
    <section className="mt-4" aria-label="How bad">
      <h2>
        How bad, in a room of <span className="fig">{room} m³</span>{' '}
        <span className="soft font-normal">(upper bound, estimate)</span>
      </h2>
      <p className="my-1" role="status">
        <b>
          Could reach <span className="fig">{figure(ppm)} ppm</span> of {name}
        </b>{' '}
        in the mixed air of the room
        {limits &&
          (times >= 1 ? (
            <>
              ,{' '}
              <b>
                <span className="fig">{figure(times)}</span> times
              </b>{' '}
              what is immediately dangerous
            </>
          ) : (
            <>, under what is immediately dangerous</>
          ))}
        .{' '}
        {limits && (
          <>
            Dangerous for {span(shut.dangerousFor)} shut, {span(open.dangerousFor)} open; over the
            short-term limit ({limits.shortTerm} ppm; the stricter is {limits.stricter} ppm) for{' '}
            {span(shut.overShortTermFor)} shut, {span(open.overShortTermFor)} open.
          </>
        )}{' '}
        {shut.gas === 'carbon dioxide' && (
          <>
            In a capped bottle with 100 ml of headspace: about{' '}
            <b className="fig">{figure(closedPressure(shut.mol, HEADSPACE))} atm</b> above ambient;
            it bursts.
          </>
        )}
      </p>
      <div className="grid gap-x-8 gap-y-2 md:grid-cols-[1fr_220px]">
        <div className="min-w-0">
          <Suspense>
            <LineChart
              label={`${name} over an hour: ${figure(ppm)} ppm at the start`}
              lines={lines}
              x={{ title: 'minutes', most: 60 }}
              left={{ title: 'ppm' }}
            />
          </Suspense>
        </div>
        <div className="grid content-start gap-3">
          <Slider
            label="Of each"
            value={amount}
            from={5}
            to={500}
            step={5}
            unit="ml"
            onChange={setAmount}
          />
          <Slider
            label="Room"
            value={room}
            from={2}
            to={60}
            step={1}
            unit="m³"
            onChange={setRoom}
          />
          <p className="small soft">
            The smaller amount reacts completely, all of it is set free and mixes with the room’s
            air. Over the bowl or the bucket it is many times that. Stoichiometry; NIOSH; ACGIH.
          </p>
        </div>
      </div>
    </section>
  );
};

/** What breaks down in a capped bottle, as a pressure: half full, and all of it gone to oxygen. */
export const BottlePressure = ({ of }: { of: ActiveContent }) => (
  <p className="mt-3">
    <b>
      Could reach about{' '}
      <span className="fig">
        {figure(peroxidePressure({ content: of, volume: HEADSPACE }, HEADSPACE))} atm
      </span>
    </b>{' '}
    above ambient in a capped bottle, half full{' '}
    <span className="soft">
      (upper bound, estimate: all of it breaks down to oxygen; stoichiometry)
    </span>
    . It bursts.
  </p>
);
