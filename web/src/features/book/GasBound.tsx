import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
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
  n >= 10 ? Math.round(n).toLocaleString(w.locale) : n.toFixed(n >= 1 ? 1 : 2);
const span = (s: number) =>
  s === 0
    ? w.name('apart', 'notAtAll')
    : s >= 24 * HOUR
      ? w.name('apart', 'overADay')
      : s >= HOUR
        ? w.say('apart.hMin', { floor: Math.floor(s / HOUR), round: Math.round((s % HOUR) / 60) })
        : w.say('apart.min', { max: Math.max(1, Math.round(s / 60)) });
const HEADSPACE = millilitres(100);

/** ppm over an hour with the window shut and open, and what is immediately dangerous. */
const linesFor = (ppm: number, danger: number | undefined): Line[] => {
  const curve = (changes: number) =>
    Array.from({ length: 61 }, (_, i) => ({ x: i, y: decayed(ppm, changes, i * 60) }));
  const shutAndOpen: Line[] = [
    { name: w.name('apart', 'windowShut'), points: curve(airChanges.closed) },
    { name: w.name('apart', 'windowOpen'), points: curve(airChanges.open), colour: '#0F5B4B' },
  ];
  return danger === undefined
    ? shutAndOpen
    : [
        ...shutAndOpen,
        {
          name: w.say('apart.immediatelyDangerousPpm', { danger }),
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
  const name = w.name('component', shut.gas);
  const times = limits ? ppm / limits.immediatelyDangerous : 0;
  return (
    <section className="mt-4" aria-label={w.name('apart', 'howBad')}>
      <h2>
        {rich('apart.howBadInARoom', {
          soft: (text: ReactNode) => <span className="fig">{text}</span>,
          room,
          soft2: (text: ReactNode) => <span className="soft font-normal">{text}</span>,
        })}
      </h2>
      <p className="my-1" role="status">
        <b>
          {rich('apart.couldReachPpmOf', {
            soft: (text: ReactNode) => <span className="fig">{text}</span>,
            ppm: figure(ppm),
            name,
          })}
        </b>{' '}
        {w.name('apart', 'inTheMixedAirOf')}
        {limits &&
          (times >= 1 ? (
            <>
              ,{' '}
              <b>
                {rich('apart.times', {
                  soft: (text: ReactNode) => <span className="fig">{text}</span>,
                  times: figure(times),
                })}
              </b>{' '}
              {w.name('apart', 'whatIsImmediatelyDangerous')}
            </>
          ) : (
            <>{w.name('apart', 'underWhatIsImmediatelyDangerous')}</>
          ))}
        .{' '}
        {limits && (
          <>
            {w.say('apart.dangerousForShutOpenOver', {
              dangerousFor: span(shut.dangerousFor),
              dangerousFor2: span(open.dangerousFor),
              shortTerm: limits.shortTerm,
              stricter: limits.stricter,
              overShortTermFor: span(shut.overShortTermFor),
              overShortTermFor2: span(open.overShortTermFor),
            })}
          </>
        )}{' '}
        {shut.gas === 'carbon dioxide' && (
          <>
            {rich('apart.inACappedBottleWith', {
              b: (text: ReactNode) => <b className="fig">{text}</b>,
              HEADSPACE: figure(closedPressure(shut.mol, HEADSPACE)),
            })}
          </>
        )}
      </p>
      <div className="grid gap-x-8 gap-y-2 md:grid-cols-[1fr_220px]">
        <div className="min-w-0">
          <Suspense>
            <LineChart
              label={w.say('apart.overAnHourPpmAt', { name, ppm: figure(ppm) })}
              lines={lines}
              x={{ title: w.name('common', 'minutes'), most: 60 }}
              left={{ title: w.name('common', 'ppm') }}
            />
          </Suspense>
        </div>
        <div className="grid content-start gap-3">
          <Slider
            label={w.name('apart', 'ofEach')}
            value={amount}
            from={5}
            to={500}
            step={5}
            unit="ml"
            onChange={setAmount}
          />
          <Slider
            label={w.name('apart', 'room')}
            value={room}
            from={2}
            to={60}
            step={1}
            unit={w.name('apart', 'm')}
            onChange={setRoom}
          />
          <p className="small soft">{w.name('apart', 'theSmallerAmountReactsCompletely')}</p>
        </div>
      </div>
    </section>
  );
};

/** What breaks down in a capped bottle, as a pressure: half full, and all of it gone to oxygen. */
export const BottlePressure = ({ of }: { of: ActiveContent }) => (
  <p className="mt-3">
    <b>
      {rich('apart.couldReachAboutAtm', {
        soft: (text: ReactNode) => <span className="fig">{text}</span>,
        HEADSPACE: figure(peroxidePressure({ content: of, volume: HEADSPACE }, HEADSPACE)),
      })}
    </b>{' '}
    {rich('apart.aboveAmbientInACapped', {
      soft: (text: ReactNode) => <span className="soft">{text}</span>,
    })}
  </p>
);
