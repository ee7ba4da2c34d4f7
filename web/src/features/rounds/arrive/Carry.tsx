import type { Protocol, Round } from '@zymostat/contract';
import {
  activeFacts,
  cautiousRules,
  visitCloths,
  visitWipes,
  zones,
  type Cleaner,
} from '@zymostat/core';
import { millilitres, mixedInWords, strengthShort, upper } from '@zymostat/words';
import { useMeQuery } from '../../../api/me.ts';
import { familyOfCleaner } from '../../../ui/cleanerFamily.ts';
import { listOf } from '../../../words/list.ts';
import { w } from '../../../words/words.ts';
import { carried } from './asked.ts';

interface Loosener {
  cleaner: Cleaner;
  ratio: number;
  /** m³ that is poured, where that is known. */
  poured: number;
}

/** Whether a bottle that is carried anyway holds the same. */
const isBottled = (protocol: Protocol, { cleaner, ratio }: Loosener): boolean =>
  carried(protocol).some(
    ({ active, strength }) =>
      activeFacts[active].family === familyOfCleaner(cleaner) && strength === ratio,
  );

/** What lifts soil in a round besides its bottles, and how much of it is poured. */
const looseners = ({ rooms }: Protocol): Loosener[] => {
  const found = new Map<string, Loosener>();
  for (const { surfaces } of rooms)
    for (const { loosening } of surfaces)
      for (const { cleaner, ratio } of loosening?.cleaners ?? []) {
        const key = `${cleaner} ${ratio}`;
        const before = found.get(key)?.poured ?? 0;
        found.set(key, { cleaner, ratio, poured: before + (loosening?.poured ?? 0) });
      }
  return [...found.values()];
};

const Bottles = ({ protocol }: { protocol: Protocol }) =>
  carried(protocol).map(({ active, strength }) => (
    <li key={`${active} ${strength}`}>
      <i className="fill" data-family={activeFacts[active].family} />
      {w.name('family', activeFacts[active].family)}{' '}
      <b className="fig">{strengthShort(w, active, strength)}</b>
    </li>
  ));

const Looseners = ({ protocol }: { protocol: Protocol }) =>
  looseners(protocol)
    .filter((one) => one.poured > 0 || !isBottled(protocol, one))
    .map(({ cleaner, ratio, poured }) => (
      <li key={`${cleaner} ${ratio}`}>
        <i className="fill" data-family={familyOfCleaner(cleaner) ?? 'soap'} />
        {upper(mixedInWords(w, cleaner, ratio))}
        {poured > 0 && <b className="fig"> {millilitres(w, poured)}</b>}
      </li>
    ));

/** Wipes of a jar, for the small things that alcohol is put on. */
const Wipes = ({ protocol }: { protocol: Protocol }) => {
  const { data: me } = useMeQuery();
  const wipes = visitWipes(protocol.rooms, me?.company.houseRules ?? cautiousRules);
  if (wipes.length === 0) return null;
  return (
    <>
      <h2 className="lines__head">{w.name('round', 'wipesToTake')}</h2>
      <ul className="caddy caddy--long">
        {wipes.map(({ active, strength, count, surfaces }) => (
          <li key={`${active} ${strength}`}>
            <i className="fill" data-family={activeFacts[active].family} />
            {w.name('family', activeFacts[active].family)}{' '}
            <b className="fig">
              {strengthShort(w, active, strength)}, {count}
            </b>
            <span className="soft block">{listOf(surfaces)}</span>
          </li>
        ))}
      </ul>
    </>
  );
};

/** What is taken along: bottles, what lifts soil, wipes, clean cloths by zone. */
export const Carry = ({ round }: { round: Round }) => {
  const { protocol } = round.version;
  const cloths = visitCloths(protocol.rooms);
  return (
    <>
      <h2 className="lines__head">{w.name('round', 'inYourCaddy')}</h2>
      <ul className="caddy">
        <Bottles protocol={protocol} />
        <Looseners protocol={protocol} />
      </ul>
      <Wipes protocol={protocol} />
      <h2 className="lines__head">{w.name('round', 'cleanCloths')}</h2>
      <ul className="caddy">
        {zones
          .filter((zone) => cloths[zone] > 0)
          .map((zone) => (
            <li key={zone}>
              {w.name('zone', zone)} <b className="fig">{cloths[zone]}</b>
            </li>
          ))}
      </ul>
    </>
  );
};
