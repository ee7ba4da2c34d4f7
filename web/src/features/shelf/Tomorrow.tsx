import type { StockUse } from '@zymostat/contract';
import { mostOnWeekday, sameSolution } from '@zymostat/core';
import { strengthOf } from '@zymostat/words';
import { inMetric } from '../../ui/amounts.ts';
import { dateFieldOf, weekdayName } from '../../ui/times.ts';
import { listOf } from '../../words/list.ts';
import { w } from '../../words/words.ts';
import { useBatchesQuery, useBottlesQuery } from '../batches/api.ts';
import { byStanding } from '../batches/standing.ts';
import { solutionsOf, type Solution } from './kinds.ts';

const DAY_MS = 86_400_000;
const weekdayOf = (at: number): number => new Date(at).getDay();

interface Morning {
  of: Solution;
  volume: number;
}

/** What the visits of tomorrow need; nothing where none is planned. */
const plannedOf = (use: StockUse, tomorrow: number): Morning[] =>
  use.planned
    .filter(({ day }) => day === dateFieldOf(tomorrow))
    .map(({ day, ...one }) => ({
      of: { key: `${day} ${one.stockId} ${one.strength}`, ...one, poured: [] },
      volume: one.volume,
    }));

const morningOf = (use: StockUse, tomorrow: number): Morning[] =>
  solutionsOf(use)
    .map((of) => ({
      of,
      volume: mostOnWeekday(of.poured, weekdayOf(tomorrow), {
        weekdayOf,
        dayOf: dateFieldOf,
        now: use.now,
      }),
    }))
    .filter(({ volume }) => volume > 0);

/** What a morning like tomorrow has taken at most, and which batches still keep then. */
export const Tomorrow = ({ use }: { use: StockUse }) => {
  const { data: batches = [] } = useBatchesQuery();
  const { data: bottles = [] } = useBottlesQuery();
  const tomorrow = use.now + DAY_MS;
  const { inUse } = byStanding(batches, bottles, use.now);
  const planned = plannedOf(use, tomorrow);
  const morning = planned.length > 0 ? planned : morningOf(use, tomorrow);
  const keeping = (of: Solution): string[] =>
    inUse
      .filter((one) => sameSolution(one, of) && one.discardAfter > tomorrow)
      .map(({ code }) => code);
  return (
    <section className="mt-5" aria-label={w.name('buy', 'pourTomorrow')}>
      <h2>{w.name('buy', 'pourTomorrow')}</h2>
      <p className="small soft">
        {planned.length > 0
          ? w.name('buy', 'plannedTomorrow')
          : w.say('buy.likeTomorrow', { weekday: weekdayName(tomorrow) })}
      </p>
      {morning.length === 0 && <p>{w.name('buy', 'nothingTomorrow')}</p>}
      <ul className="list">
        {morning.map(({ of, volume }) => {
          const codes = keeping(of);
          return (
            <li key={of.key} className="py-2">
              <b className="fig">{inMetric(volume)}</b> {w.name('active', of.active)}{' '}
              {strengthOf(w, of.active, of.strength)}
              {codes.length > 0 && (
                <span className="small soft block">
                  {w.say('buy.keeps', { codes: listOf(codes) })}
                </span>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
};
