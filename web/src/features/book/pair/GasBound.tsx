import { closedPressure, millilitres, peroxidePressure, type ActiveContent } from '@zymostat/core';
import { lazy, Suspense, useMemo, useState, type ReactNode } from 'react';
import { Slider } from '../../../ui/form/Slider.tsx';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import { boundsOf, linesFor, type Bounds } from './gas.ts';

/** The chart comes with the first pair that makes a gas. */
const LineChart = lazy(() =>
  import('../../../ui/chart/LineChart.tsx').then((module) => ({ default: module.LineChart })),
);

const HOUR = 3600;
const HEADSPACE = millilitres(100);

const figure = (n: number) =>
  n >= 10 ? Math.round(n).toLocaleString(w.locale) : n.toFixed(n >= 1 ? 1 : 2);

const span = (s: number): string => {
  if (s === 0) return w.name('apart', 'notAtAll');
  if (s >= 24 * HOUR) return w.name('apart', 'overADay');
  return s >= HOUR
    ? w.say('apart.hMin', { floor: Math.floor(s / HOUR), round: Math.round((s % HOUR) / 60) })
    : w.say('apart.min', { max: Math.max(1, Math.round(s / 60)) });
};

const b = (text: ReactNode) => <b>{text}</b>;
const fig = (text: ReactNode) => <span className="fig">{text}</span>;

/** How long the air is dangerous, shut and open. */
const howLong = ({ shut, open }: Bounds) =>
  shut.limits &&
  w.say('apart.dangerousForShutOpenOver', {
    dangerousFor: span(shut.dangerousFor),
    dangerousFor2: span(open.dangerousFor),
    shortTerm: shut.limits.shortTerm,
    stricter: shut.limits.stricter,
    overShortTermFor: span(shut.overShortTermFor),
    overShortTermFor2: span(open.overShortTermFor),
  });

const Worst = ({ bounds }: { bounds: Bounds }) => {
  const { ppm, limits, gas, mol } = bounds.shut;
  const times = limits ? ppm / limits.immediatelyDangerous : undefined;
  return (
    <p className="my-1" role="status">
      {rich('apart.couldReachPpmOf', {
        b,
        fig,
        ppm: figure(ppm),
        name: w.name('component', gas),
        times: times !== undefined && times >= 1 ? figure(times) : 'none',
        under: times !== undefined && times < 1 ? 'yes' : 'no',
      })}{' '}
      {howLong(bounds)}{' '}
      {gas === 'carbon dioxide' &&
        rich('apart.inACappedBottleWith', {
          b: (text) => <b className="fig">{text}</b>,
          HEADSPACE: figure(closedPressure(mol, HEADSPACE)),
        })}
    </p>
  );
};

const Chart = ({ bounds }: { bounds: Bounds }) => {
  const { ppm, gas, limits } = bounds.shut;
  const danger = limits?.immediatelyDangerous;
  const mark = danger && {
    name: w.say('apart.immediatelyDangerousPpm', { danger }),
    at: danger,
    along: 'left' as const,
  };
  return (
    <Suspense>
      <LineChart
        label={w.say('apart.overAnHourPpmAt', {
          name: w.name('component', gas),
          ppm: figure(ppm),
        })}
        lines={linesFor(ppm)}
        marks={mark ? [mark] : []}
        x={{ title: w.name('common', 'minutes'), most: 60 }}
        left={{ title: w.name('common', 'ppm') }}
      />
    </Suspense>
  );
};

interface MovesProps {
  amount: number;
  room: number;
  onAmount: (amount: number) => void;
  onRoom: (room: number) => void;
}

const Moves = ({ amount, room, onAmount, onRoom }: MovesProps) => (
  <div className="grid content-start gap-3">
    <Slider
      label={w.name('apart', 'ofEach')}
      value={amount}
      from={5}
      to={500}
      step={5}
      unit={w.name('common', 'millilitresShort')}
      onChange={onAmount}
    />
    <Slider
      label={w.name('apart', 'room')}
      value={room}
      from={2}
      to={60}
      step={1}
      unit={w.name('apart', 'm')}
      onChange={onRoom}
    />
    <p className="small soft">{w.name('apart', 'theSmallerAmountReactsCompletely')}</p>
  </div>
);

/**
 * How bad it could get in a room, so that people remember why: the most that the two amounts can
 * make, and how long it would hang there.
 */
export const GasBound = ({ a, b: other }: { a: ActiveContent; b: ActiveContent }) => {
  const [amount, setAmount] = useState(50);
  const [room, setRoom] = useState(10);
  const bounds = useMemo(() => boundsOf({ a, b: other, amount, room }), [a, other, amount, room]);
  if (!bounds) return null;
  return (
    <section className="mt-4" aria-label={w.name('apart', 'howBad')}>
      <h2>
        {rich('apart.howBadInARoom', {
          soft: fig,
          room,
          soft2: (text) => <span className="soft font-normal">{text}</span>,
        })}
      </h2>
      <Worst bounds={bounds} />
      <div className="grid gap-x-8 gap-y-2 md:grid-cols-[1fr_220px]">
        <div className="min-w-0">
          <Chart bounds={bounds} />
        </div>
        <Moves amount={amount} room={room} onAmount={setAmount} onRoom={setRoom} />
      </div>
    </section>
  );
};

/** What breaks down in a capped bottle, as a pressure: half full, and all of it gone to oxygen. */
export const BottlePressure = ({ of }: { of: ActiveContent }) => (
  <p className="mt-3">
    {rich('apart.couldReachAboutAtm', {
      b,
      fig,
      soft: (text) => <span className="soft">{text}</span>,
      HEADSPACE: figure(peroxidePressure({ content: of, volume: HEADSPACE }, HEADSPACE)),
    })}
  </p>
);
