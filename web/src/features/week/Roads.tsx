import type { Week } from '@zymostat/contract';
import { DEPOT, roadsBetween } from '@zymostat/core';
import { useState } from 'react';
import { WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { useSetRoadsMutation } from './api.ts';

const MOST_MINUTES = 240;

const minutesOf = (seconds: number | undefined): string =>
  seconds === undefined ? '' : String(Math.round(seconds / 60));

const minutesIn = (text: string): number | undefined =>
  /^\d{1,3}$/.test(text.trim()) && Number(text) <= MOST_MINUTES ? Number(text) : undefined;

/** Roads as they were typed over what was said, and keeping those that were changed. */
const useTypedRoads = (week: Week) => {
  const [keep, { error, isLoading }] = useSetRoadsMutation();
  const [typed, setTyped] = useState<Record<string, string>>({});
  const { said } = roadsBetween(week.roads);
  const changed = Object.entries(typed)
    .map(([key, text]) => ({ ends: key.split(' ') as [string, string], text }))
    .filter(({ ends, text }) => text.trim() !== '' && text.trim() !== minutesOf(said(...ends)));
  return {
    error,
    wrong: changed.some(({ text }) => minutesIn(text) === undefined),
    busy: isLoading || changed.length === 0,
    shownOf: (a: string, b: string): string => typed[`${a} ${b}`] ?? minutesOf(said(a, b)),
    type: (a: string, b: string, text: string) =>
      setTyped((all) => ({ ...all, [`${a} ${b}`]: text })),
    send: async () => {
      const roads = changed.map(({ ends: [a, b], text }) => {
        return { a, b, seconds: 60 * minutesIn(text)!, before: said(a, b) ?? null };
      });
      await keep({ roads }).unwrap();
      setTyped({});
    },
  };
};

interface TableProps {
  places: readonly { id: string; name: string }[];
  of: ReturnType<typeof useTypedRoads>;
}

const Table = ({ places, of: { shownOf, type } }: TableProps) => (
  <table className="ledger mt-2">
    <thead>
      <tr>
        <td />
        {places.slice(0, -1).map(({ id, name }) => (
          <th key={id} scope="col">
            {name}
          </th>
        ))}
      </tr>
    </thead>
    <tbody>
      {places.slice(1).map((b, row) => (
        <tr key={b.id}>
          <th scope="row">{b.name}</th>
          {places.slice(0, row + 1).map((a) => (
            <td key={a.id}>
              <input
                className="input input--figure w-16"
                inputMode="numeric"
                aria-label={w.say('week.road', { a: a.name, b: b.name })}
                value={shownOf(a.id, b.id)}
                onChange={({ target }) => type(a.id, b.id, target.value)}
              />
            </td>
          ))}
        </tr>
      ))}
    </tbody>
  </table>
);

/** Minutes of road between all places, as a table with half of it to fill in. */
export const Roads = ({ week }: { week: Week }) => {
  const typed = useTypedRoads(week);
  const places = [{ id: DEPOT, name: w.name('week', 'depot') }, ...week.homes];
  return (
    <section className="my-4" aria-label={w.name('week', 'roads')}>
      <h3 className="font-semibold">{w.name('week', 'roads')}</h3>
      <p className="small soft">{w.name('week', 'roadsWhy')}</p>
      <div className="overflow-x-auto">
        <Table places={places} of={typed} />
      </div>
      {typed.wrong && <p className="field__wrong">{w.name('week', 'roadWrong')}</p>}
      <WentWrong error={typed.error} />
      <button
        className="btn mt-2"
        disabled={typed.busy || typed.wrong}
        onClick={() => void typed.send()}
      >
        {w.name('week', 'keepRoads')}
      </button>
    </section>
  );
};
