import type { PlaceRow } from '@zymostat/contract';
import { judgeSet, regroupInto, type Book } from '@zymostat/core';
import { wordsOfRule } from '@zymostat/words';
import { useState } from 'react';
import { Severity, WentWrong } from '../../ui/parts.tsx';
import { listOf } from '../../words/list.ts';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import { useRegroupPlaceMutation } from './api.ts';
import { asProduct, nameOf } from './placeItem.ts';

type Judged = ReturnType<typeof judgeSet>;
type OfPlace = { place: PlaceRow };

const One = ({
  place,
  of: { a, b, combination },
}: OfPlace & { of: Judged['conflicts'][number] }) => {
  const [first] = combination.bites;
  return (
    <li className="flex flex-wrap items-baseline gap-x-3">
      <Severity is={combination.severity} />
      <span className="min-w-0 flex-1">
        {w.say('apart.and4', {
          a: nameOf(place.items[a]!),
          b: nameOf(place.items[b]!),
          happens: wordsOfRule(w, first!.rule, first!.says).happens,
        })}
      </span>
    </li>
  );
};

/** Where what must leave goes, and doing it. */
const Regrouped = ({ place, exact, moves }: OfPlace & { exact: boolean; moves: Moved[] }) => {
  const [regroup, { error, isLoading }] = useRegroupPlaceMutation();
  return (
    <div className="notice mt-1" role="status">
      {moves.map(({ items, into }) => (
        <span key={items.join()}>
          {rich('apart.goesInto', {
            b: (text) => <b>{text}</b>,
            group: listOf(items.map((at) => nameOf(place.items[at]!))),
            kind: place.kind,
            into: into ?? 'none',
          })}{' '}
        </span>
      ))}
      {w.say('apart.thatIsTheFewestAnd', { kind: place.kind, exact: exact ? 'yes' : 'no' })}
      <p className="mt-2">
        <button className="btn" disabled={isLoading} onClick={() => void regroup(place.id)}>
          {w.name('apart', 'moveThem')}
        </button>
      </p>
      <WentWrong error={error} />
    </div>
  );
};
interface Moved {
  items: number[];
  /** The name of the place it goes to; nothing where that is a new one. */
  into: string | null;
}

/** Where each group goes, by the same rule as the server moves it. */
const movesOf = (place: PlaceRow, places: readonly PlaceRow[], book: Book): Moved[] => {
  const others = places.filter(({ id, kind }) => id !== place.id && kind === place.kind);
  return regroupInto(
    place.items.map(asProduct),
    others.map(({ items }) => items.map(asProduct)),
    place.kind,
    book,
  ).map(({ items, into }) => ({ items, into: others[into]?.name ?? null }));
};

interface Props extends OfPlace {
  places: readonly PlaceRow[];
  book: Book;
}

/** What on one shelf or in one caddy must not stand together. */
export const Conflicts = ({ place, places, book }: Props) => {
  const { conflicts, regrouped } = judgeSet(place.items.map(asProduct), place.kind, {}, book);
  const [shown, show] = useState(false);
  if (place.items.length === 0) return null;
  if (conflicts.length === 0)
    return <p className="small soft mt-1">{w.name('apart', 'nothingHereSpeaksAgainstThe')}</p>;
  return (
    <>
      <ul className="mt-2 grid gap-1">
        {conflicts.map((one) => (
          <One key={`${one.a} ${one.b}`} place={place} of={one} />
        ))}
      </ul>
      <p className="mt-2">
        <button className="btn btn--quiet" aria-expanded={shown} onClick={() => show(!shown)}>
          {w.name('apart', 'regroup')}
        </button>
      </p>
      {shown && (
        <Regrouped place={place} exact={regrouped.exact} moves={movesOf(place, places, book)} />
      )}
    </>
  );
};
