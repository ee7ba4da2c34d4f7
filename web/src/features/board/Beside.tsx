import type { HomeDetail } from '@zymostat/contract';
import { skipToken } from '@reduxjs/toolkit/query';
import { number, squareMetres } from '@zymostat/words';
import { useState } from 'react';
import { Choice } from '../../ui/form/Choice.tsx';
import { listOf } from '../../words/list.ts';
import { w } from '../../words/words.ts';
import { useHomeQuery, useHomesQuery } from '../homes/api.ts';

const nothing = (): string => w.name('besides', 'nothing');
const said = (all: readonly string[]): string => (all.length > 0 ? listOf(all) : nothing());

const surfacesOf = ({ rooms }: HomeDetail) => rooms.flatMap((room) => room.surfaces);
const sum = (all: readonly number[]): number => all.reduce((total, one) => total + one, 0);
const count = (n: number): string => number(w, n);

/** What two homes are compared by, in the order in which somebody asks. */
const rows = [
  ['lives', (home) => said(home.situations.map((one) => w.name('situation', one)))],
  ['keeps', (home) => said(home.clientKeeps.map((one) => w.name('product', one)))],
  ['rooms', ({ rooms: all }) => said(all.map(({ name }) => name))],
  ['floor', ({ rooms: all }) => squareMetres(w, sum(all.map(({ floorArea }) => floorArea)))],
  ['surfaces', (home) => count(surfacesOf(home).length)],
  ['area', (home) => squareMetres(w, sum(surfacesOf(home).map(({ area }) => area)))],
  ['often', (home) => count(surfacesOf(home).filter(({ touched }) => touched === 'often').length)],
  [
    'disinfect',
    (home) => count(surfacesOf(home).filter(({ setting }) => setting.goal === 'disinfect').length),
  ],
  [
    'materials',
    (home) =>
      said(
        [...new Set(surfacesOf(home).map(({ material }) => material))]
          .map((material) => w.name('material', material))
          .sort((a, b) => a.localeCompare(b, w.locale)),
      ),
  ],
] as const satisfies readonly (readonly [string, (home: HomeDetail) => string])[];

const Table = ({ home, other }: { home: HomeDetail; other: HomeDetail }) => (
  <table className="ledger mt-2 w-full">
    <thead>
      <tr>
        <th />
        <th>{home.name}</th>
        <th>{other.name}</th>
      </tr>
    </thead>
    <tbody>
      {rows.map(([name, of]) => (
        <tr key={name}>
          <th scope="row" className="small soft">
            {w.name('besides', name)}
          </th>
          <td>{of(home)}</td>
          <td>{of(other)}</td>
        </tr>
      ))}
    </tbody>
  </table>
);

/** Two homes side by side: who lives there, what there is, and what is asked of it. */
export const Beside = ({ home }: { home: HomeDetail }) => {
  const { data: homes = [] } = useHomesQuery();
  const [otherId, setOther] = useState<string | null>(null);
  const { currentData: other } = useHomeQuery(otherId ?? skipToken);
  const others = homes.filter(({ id }) => id !== home.id);
  if (others.length === 0) return null;
  return (
    <section className="my-4" aria-label={w.name('besides', 'compare')}>
      <Choice
        className="max-w-80"
        label={w.name('besides', 'compare')}
        value={otherId}
        onChange={setOther}
        options={others.map(({ id, name, place }) => ({ value: id, name: `${name}, ${place}` }))}
        empty={w.name('besides', 'choose')}
      />
      {other && <Table home={home} other={other} />}
    </section>
  );
};
