import type { StockRow } from '@zymostat/contract';
import { activeFacts, coats, inMillilitres, type TreatedSurface } from '@zymostat/core';
import { stepLine } from '@zymostat/words';
import { anyOf } from '../../../words/list.ts';
import { w } from '../../../words/words.ts';
import { nameOfBottle } from '../words.ts';

/** Surfaces that get the same from the same bottle. */
interface Group {
  key: string;
  surfaces: TreatedSurface[];
}

const keyOf = ({ treatment }: TreatedSurface): string =>
  treatment ? `${treatment.stockId} ${treatment.strength}` : '';

/** The treated surfaces by what goes on them; what is only cleaned comes last. */
const byBottle = (surfaces: readonly TreatedSurface[]): Group[] => {
  const groups = new Map<string, TreatedSurface[]>();
  for (const surface of surfaces) {
    const key = keyOf(surface);
    groups.set(key, [...(groups.get(key) ?? []), surface]);
  }
  return [...groups]
    .map(([key, list]) => ({ key, surfaces: list }))
    .sort((a, b) => Number(a.key === '') - Number(b.key === ''));
};

/** m³ that one coat on each surface takes. */
const needOf = (surfaces: readonly TreatedSurface[]): number =>
  surfaces.reduce(
    (sum, { area, treatment }) => sum + (treatment ? area * coats[treatment.application] : 0),
    0,
  );

const timesOf = (surfaces: readonly TreatedSurface[]): string => {
  const seconds = new Set(surfaces.map(({ treatment }) => treatment?.seconds ?? 0));
  const times = [...seconds]
    .sort((a, b) => a - b)
    .map((one) =>
      one > 0 ? w.say('protocol.min', { ceil: Math.ceil(one / 60) }) : w.name('protocol', 'noWait'),
    );
  return anyOf(times);
};

/** So many ways of cleaning are named; a table has no room for more. */
const NAMED = 3;

const howOf = (surfaces: readonly TreatedSurface[]): string => {
  if (!surfaces[0]?.treatment) {
    const ways = new Set(surfaces.map(({ steps }) => stepLine(w, steps)));
    return [...ways].slice(0, NAMED).join('; ');
  }
  const clothed = surfaces.filter(({ treatment }) => treatment?.application === 'cloth').length;
  return w.say('protocol.howOften', { times: timesOf(surfaces), clothed });
};

const Row = ({ surfaces, stocks }: { surfaces: TreatedSurface[]; stocks: StockRow[] }) => {
  const treatment = surfaces[0]?.treatment ?? null;
  const stock = stocks.find(({ id }) => id === treatment?.stockId);
  const amount = inMillilitres(needOf(surfaces)).toFixed(0);
  return (
    <tr>
      <td>
        <span className="flex items-center gap-2">
          <i
            className="stub stub--row fill"
            data-family={treatment ? activeFacts[treatment.active].family : 'soap'}
          />
          {stock && treatment
            ? nameOfBottle(stock, treatment.strength)
            : w.name('protocol', 'cleanedOnly')}
        </span>
      </td>
      <td className="num">{surfaces.length}</td>
      <td>{howOf(surfaces)}</td>
      <td className="num">{treatment ? w.say('protocol.ml', { amount }) : ''}</td>
    </tr>
  );
};

interface Props {
  surfaces: TreatedSurface[];
  stocks: StockRow[];
}

/** The whole work of a version, by bottle. */
export const WhatWillBeDone = ({ surfaces, stocks }: Props) => (
  <section className="mt-4" aria-label={w.name('protocol', 'whatWillBeDone')}>
    <h2>{w.name('protocol', 'whatWillBeDone')}</h2>
    <table className="ledger ledger--tight mt-1">
      <thead>
        <tr>
          <th>{w.name('protocol', 'with')}</th>
          <th className="num">{w.name('protocol', 'surfaces')}</th>
          <th>{w.name('protocol', 'how')}</th>
          <th className="num">{w.name('protocol', 'oneCoatEach')}</th>
        </tr>
      </thead>
      <tbody>
        {byBottle(surfaces).map((group) => (
          <Row key={group.key} surfaces={group.surfaces} stocks={stocks} />
        ))}
      </tbody>
    </table>
  </section>
);
