import { type PlaceRow } from '@zymostat/contract';
import { isAgainst, judgeSet, worstOf, type Book } from '@zymostat/core';
import { useState } from 'react';
import { useMeQuery } from '../../api/me.ts';
import { useBook } from '../../api/useBook.ts';
import { StandingNote, WentWrong } from '../../ui/parts.tsx';
import { Window } from '../../ui/Window.tsx';
import { w } from '../../words/words.ts';
import { KeepApartHead } from '../book/KeepApartHead.tsx';
import { usePlacesQuery } from './api.ts';
import { NewPlace } from './NewPlace.tsx';
import { Place } from './Place.tsx';
import { asProduct } from './placeItem.ts';

const sayOf = (places: PlaceRow[], book: Book): string => {
  if (places.length === 0) return w.name('apart', 'noShelfOrCaddyIs');
  const severities = places.map(
    ({ items, kind }) => judgeSet(items.map(asProduct), kind, {}, book).severity,
  );
  const bad = severities.filter(isAgainst).length;
  if (bad === 0) return w.name('apart', 'noRuleSpeaksAgainstHow');
  return w.say('apart.ofWhatShouldBeApart', {
    bad,
    placesCount: places.length,
    includes: w.name('severity', worstOf(severities)).toLowerCase(),
  });
};

/** What stands where, with what must not; and the smallest regrouping that parts it. */
const Shelves = () => {
  const { data: places = [], error } = usePlacesQuery();
  const { data: me } = useMeQuery();
  const book = useBook();
  const [adding, add] = useState(false);
  const supervisor = me?.person.role === 'supervisor';
  const half = Math.ceil(places.length / 2);
  const list = (part: PlaceRow[]) =>
    part.map((place) => (
      <Place key={place.id} place={place} places={places} book={book} supervisor={supervisor} />
    ));
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('apart', 'shelvesAndCaddies')}>
        <KeepApartHead title={w.name('apart', 'shelvesAndCaddies')} />
        <WentWrong error={error} />
        <p className="verdict__say mb-3" role="status">
          {sayOf(places, book)}
        </p>
        {supervisor && (
          <p className="mb-3">
            <button className="btn" onClick={() => add(true)}>
              {w.name('apart', 'addAShelfOrCaddy')}
            </button>
          </p>
        )}
        {list(places.slice(0, half))}
      </section>
      <section className="sheet" aria-label={w.name('apart', 'moreOfThem')}>
        {list(places.slice(half))}
        <StandingNote />
      </section>
      <Window open={adding} title={w.name('apart', 'addAShelfOrCaddy')} onClose={() => add(false)}>
        {adding && <NewPlace onDone={() => add(false)} />}
      </Window>
    </main>
  );
};
export default Shelves;
