import type { PlaceRow } from '@zymostat/contract';
import type { OfStrength } from '@zymostat/core';
import { strengthOf } from '@zymostat/words';
import { listOf } from '../../words/list.ts';
import { w } from '../../words/words.ts';
import { useBottlesQuery } from '../batches/api.ts';
import { missingIn } from './missing.ts';

export const solutionName = ({ active, strength }: OfStrength): string =>
  `${w.name('active', active)} ${strengthOf(w, active, strength)}`;

/** What is missing of what belongs in a place, and which bottles could be put in. */
export const Restock = ({ place, places }: { place: PlaceRow; places: readonly PlaceRow[] }) => {
  const { data: bottles } = useBottlesQuery();
  if (!bottles || place.belongs.length === 0) return null;
  const missing = missingIn(place, places, bottles);
  if (missing.length === 0)
    return <p className="small soft mt-1">{w.name('caddyOf', 'complete')}</p>;
  const what = listOf(
    missing.map((one) =>
      w.say('caddyOf.missingOne', { count: one.count, what: solutionName(one) }),
    ),
  );
  const free = missing.flatMap((one) => one.free.map(({ code }) => code));
  return (
    <p className="mt-1" role="status">
      <b>{w.say('caddyOf.missing', { what })}</b>{' '}
      {free.length > 0 && w.say('caddyOf.free', { codes: listOf(free) })}
    </p>
  );
};
