import type { PlaceRow } from '@zymostat/contract';
import { judgeSet, type Book } from '@zymostat/core';
import { wordsOfRule } from '@zymostat/words';
import { useState } from 'react';
import { Severity } from '../../ui/parts.tsx';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
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

/** The smallest regrouping that parts them. */
const Regrouped = ({ place, of }: OfPlace & { of: Judged['regrouped'] }) => {
  const [, ...away] = of.groups;
  return (
    <p className="notice mt-1" role="status">
      {away.map((group, i) => (
        <span key={i}>
          {rich('apart.putOnAnother', {
            b: (text) => <b>{text}</b>,
            group: group.map((at) => nameOf(place.items[at]!)).join(', '),
            kind: place.kind,
            which: away.length > 1 ? i + 1 : 'none',
          })}{' '}
        </span>
      ))}
      {w.say('apart.thatIsTheFewestAnd', {
        kind: place.kind,
        exact: of.exact ? 'yes' : 'no',
      })}
    </p>
  );
};

/** What on one shelf or in one caddy must not stand together. */
export const Conflicts = ({ place, book }: OfPlace & { book: Book }) => {
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
      {shown && <Regrouped place={place} of={regrouped} />}
    </>
  );
};
