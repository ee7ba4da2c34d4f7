import type { Round } from '@zymostat/contract';
import { wasCoated } from '@zymostat/core';
import { number } from '@zymostat/words';
import { lazy, Suspense, useState } from 'react';
import { w } from '../../words/words.ts';
import type { Stop } from './stop.ts';

const RoomAir = lazy(() => import('./RoomAir.tsx'));

const keepsWet = ({ treatment }: Stop): boolean => treatment.seconds > 0;

interface Props {
  round: Round;
  stops: readonly Stop[];
  current: Stop;
}

/** What the air of the room is known to be, and measuring it before anything is put on there. */
export const AirHere = ({ round, stops, current }: Props) => {
  const [open, setOpen] = useState(false);
  const here = stops.filter(({ roomId }) => roomId === current.roomId);
  const air = round.airs.find(({ roomId }) => roomId === current.roomId);
  if (!here.some(keepsWet)) return null;
  return (
    <>
      {air && (
        <p className="soft my-3">
          {w.say('roomAir.measured', {
            temperature: number(w, air.temperature),
            humidity: number(w, Math.round(air.humidity * 100)),
          })}
        </p>
      )}
      {!here.some(({ clock }) => wasCoated(clock)) && (
        <p className="my-3">
          <button className="btn w-full" onClick={() => setOpen(true)}>
            {w.name('roomAir', 'measure')}
          </button>
        </p>
      )}
      {open && (
        <Suspense>
          <RoomAir roundId={round.id} stop={current} onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
};
