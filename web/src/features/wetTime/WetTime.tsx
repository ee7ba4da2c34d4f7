import { activeFacts, coats, usualAir, usualAiring } from '@zymostat/core';
import { clock, strengthOf } from '@zymostat/words';
import { useMemo, useState } from 'react';
import { StandingNote } from '../../ui/parts.tsx';
import { WetBand } from '../../ui/WetBand.tsx';
import { Window } from '../../ui/Window.tsx';
import { w } from '../../words/words.ts';
import { AirChart } from './AirChart.tsx';
import { dryingOf, type Coat, type Conditions, type DryingThere } from './coat.ts';
import { ConditionSliders } from './ConditionSliders.tsx';
import { FilmChart } from './FilmChart.tsx';
import { HowSure } from './HowSure.tsx';

/** The coat and the air as they usually are in such a room. */
const usualConditions = ({ application, room: { ventilation } }: Coat): Conditions => {
  const air = usualAir[ventilation];
  return {
    microns: coats[application] * 1e6,
    temperature: air.temperature,
    humidity: air.humidity * 100,
    draught: air.airSpeed,
    airing: usualAiring[ventilation],
  };
};

interface OfDrying {
  coat: Coat;
  there: DryingThere;
}

const sayOf = ({ coat: { seconds }, there: { drying, rewets } }: OfDrying): string => {
  if (seconds === 0) return w.name('wetPage', 'itOnlyCleansNothingHas');
  const holds = Math.floor(drying.aboveFloorUntil);
  return holds >= seconds
    ? w.say('wetPage.oneCoatHoldsForMore', { holds: clock(holds), more: clock(holds - seconds) })
    : w.say('wetPage.oneCoatHoldsForShort', {
        holds: clock(holds),
        seconds: clock(seconds - holds),
        count: rewets.count,
        every: clock(rewets.every),
      });
};

const Band = ({ coat: { active, seconds }, there: { drying, rewets } }: OfDrying) => {
  const holds = Math.floor(drying.aboveFloorUntil);
  const held = rewets.count > 0 ? Math.max(seconds, rewets.count * rewets.every + holds) : holds;
  return (
    <div className="mb-4">
      <WetBand
        family={activeFacts[active].family}
        required={seconds}
        held={held}
        rewets={rewets.at}
        estimate
        scale
      />
    </div>
  );
};

const Curves = (props: OfDrying) => (
  <div className="min-w-0">
    <p className="verdict__say mb-5 text-[19px]" role="status">
      {sayOf(props)}
    </p>
    {props.coat.seconds > 0 && <Band {...props} />}
    <FilmChart {...props} />
    <AirChart {...props} />
  </div>
);

interface Props {
  coat: Coat;
  onClose: () => void;
}

/**
 * How a coat dries there, and what it leaves in the air: move what the room is like, and see. All
 * of it is an estimate.
 */
const WetTime = ({ coat, onClose }: Props) => {
  const { title, active, strength, seconds } = coat;
  const [conditions, setConditions] = useState(() => usualConditions(coat));
  const there = useMemo(() => dryingOf(coat, conditions), [coat, conditions]);
  const titled = {
    title,
    strength: strengthOf(w, active, strength),
    active: w.name('active', active),
  };
  return (
    <Window open wide title={w.say('wetPage.title', titled)} onClose={onClose}>
      <div className="grid gap-x-8 gap-y-4 md:grid-cols-[1fr_260px]">
        <Curves coat={coat} there={there} />
        <div className="grid content-start gap-4">
          <ConditionSliders
            conditions={conditions}
            onChange={(to) => setConditions({ ...conditions, ...to })}
          />
          {seconds > 0 && (
            <HowSure key={JSON.stringify(conditions)} there={there} seconds={seconds} />
          )}
          <p className="small soft">{w.name('wetPage', 'aCoatOf50M')}</p>
        </div>
      </div>
      <p className="mt-4">
        <button className="btn" onClick={onClose}>
          {w.name('wetPage', 'close')}
        </button>
      </p>
      <StandingNote />
    </Window>
  );
};
export default WetTime;
