import { skipToken } from '@reduxjs/toolkit/query';
import type { LearntOfRoom } from '@zymostat/contract';
import { number } from '@zymostat/words';
import { useState } from 'react';
import { Choice } from '../../ui/form/Choice.tsx';
import { WentWrong } from '../../ui/parts.tsx';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import { useHomeQuery, useHomesQuery } from '../homes/api.ts';
import { useDryingQuery, useTakeOverMutation } from './api.ts';

const b = (text: React.ReactNode) => <b>{text}</b>;

interface RoomProps {
  of: LearntOfRoom;
  busy: boolean;
  onTake: () => void;
}

/** What was learnt of one room, and letting it count there. */
const OfRoom = ({ of, busy, onTake }: RoomProps) => {
  const { roomName, application, factor, low, high, rounds, taken } = of;
  const told = (value: number) => number(w, value, 1);
  return (
    <li className="border-b border-rule py-2">
      <p>
        {rich('trends.dries', {
          b,
          roomName,
          how: w.name('application', application),
          factor: told(factor),
          low: told(low),
          high: told(high),
          rounds,
        })}
      </p>
      <p className="mt-1 flex items-center justify-between gap-3">
        <span className="small soft">{w.say('trends.counts', { taken: told(taken) })}</span>
        {Math.abs(taken - factor) > 0.05 && (
          <button className="btn" disabled={busy} onClick={onTake}>
            {w.say('trends.takeOver', { roomName })}
          </button>
        )}
      </p>
    </li>
  );
};

/** What was learnt of the rooms of a home, for a supervisor to take over. */
export const Drying = () => {
  const { data: homes = [] } = useHomesQuery();
  const [chosen, choose] = useState<string | null>(null);
  const homeId = chosen ?? homes[0]?.id;
  const { currentData: learnt } = useDryingQuery(homeId ?? skipToken);
  const { currentData: home } = useHomeQuery(homeId ?? skipToken);
  const [takeOver, { error, isLoading }] = useTakeOverMutation();
  return (
    <section className="mt-6" aria-label={w.name('trends', 'drying')}>
      <h2 className="mb-2">{w.name('trends', 'drying')}</h2>
      <Choice
        label={w.name('trends', 'chooseHome')}
        value={homeId ?? null}
        onChange={choose}
        options={homes.map(({ id, name, place }) => ({ value: id, name: `${name}, ${place}` }))}
      />
      <WentWrong error={error} />
      {learnt?.length === 0 && <p className="soft mt-3">{w.name('trends', 'nothingLearnt')}</p>}
      <ul className="mt-3">
        {learnt?.map((of) => (
          <OfRoom
            key={`${of.roomId} ${of.application}`}
            of={of}
            busy={isLoading || !home}
            onTake={() =>
              void takeOver({
                id: of.roomId,
                seen: home!.revision,
                body: { application: of.application },
              })
            }
          />
        ))}
      </ul>
      <p className="small soft mt-2">{w.name('trends', 'never')}</p>
    </section>
  );
};
