import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { type PlaceItem, type PlaceRow, type PlacedThing } from '@zymostat/contract';
import { wordsOfRule } from '@zymostat/words';
import { w } from '../../words/words.ts';
import {
  isAgainst,
  judgeSet,
  productIds,
  type Book,
  type Product,
  type ProductId,
} from '@zymostat/core';
import { useState } from 'react';
import { useMeQuery } from '../../api/me.ts';
import { useBottlesQuery } from '../batches/api.ts';
import {
  useAddPlaceMutation,
  usePlacesQuery,
  usePutThingMutation,
  useRemovePlaceMutation,
  useTakeThingMutation,
} from './api.ts';
import { useStockQuery } from '../stock/api.ts';
import { useBook } from '../../api/useBook.ts';
import { written } from '../../ui/checks.ts';
import { Choice, Segments } from '../../ui/Choice.tsx';
import { TextField } from '../../ui/Field.tsx';
import { Form } from '../../ui/Form.tsx';
import { Severity, StandingNote, WentWrong } from '../../ui/parts.tsx';
import { Window } from '../../ui/Window.tsx';
import { KeepApartHead } from '../book/KeepApartHead.tsx';

const asProduct = ({ groups, strength }: PlaceItem): Product => ({
  groups,
  ...(groups.includes('peroxide') && strength !== null ? { strength } : {}),
});
/** Our stock by its own name; what has none is called by its kind. */
const calledOf = ({ is, of, name, code }: PlaceItem): string => {
  if (is === 'stock') return name;
  if (is === 'kind') return w.name('product', of as ProductId);
  return name === code ? w.name('apart', 'bottleWashed') : w.say('apart.bottleOf', { batch: name });
};
const nameOf = (item: PlaceItem): string =>
  item.code ? `${calledOf(item)}, ${item.code}` : calledOf(item);

/** What could be put somewhere: our stock, bottles, and the kinds of things that have no code. */
const useThings = (): { value: string; name: string }[] => {
  const { data: stocks = [] } = useStockQuery();
  const { data: bottles = [] } = useBottlesQuery();
  return [
    ...stocks.map(({ id, name, code }) => ({
      value: w.say('apart.stock', { id }),
      name: `${name}, ${code}`,
    })),
    ...bottles.map(({ id, code, heldSinceWash }) => ({
      value: w.say('apart.bottle', { id }),
      name: w.say('apart.bottle2', {
        code,
        heldSinceWash: heldSinceWash ? heldSinceWash.batchCode : w.name('apart', 'emptyBottle'),
      }),
    })),
    ...productIds
      .filter((id) => id !== 'water' && id !== 'urine' && id !== 'cistern-tablet')
      .map((id) => ({ value: w.say('apart.kind2', { id }), name: w.name('product', id) })),
  ];
};

const Conflicts = ({ place, book }: { place: PlaceRow; book: Book }) => {
  const { conflicts, regrouped } = judgeSet(place.items.map(asProduct), place.kind, {}, book);
  const [shown, show] = useState(false);
  if (conflicts.length === 0)
    return place.items.length > 0 ? (
      <p className="small soft mt-1">{w.name('apart', 'nothingHereSpeaksAgainstThe')}</p>
    ) : null;
  const [, ...away] = regrouped.groups;
  const what = place.kind === 'caddy' ? 'caddy' : 'shelf';
  return (
    <>
      <ul className="mt-2 grid gap-1">
        {conflicts.map(({ a, b, combination }) => (
          <li key={`${a} ${b}`} className="flex flex-wrap items-baseline gap-x-3">
            <Severity is={combination.severity} />
            <span className="min-w-0 flex-1">
              {w.say('apart.and4', {
                a: nameOf(place.items[a]!),
                b: nameOf(place.items[b]!),
                happens: wordsOfRule(w, combination.bites[0]!.rule, combination.bites[0]!.says)
                  .happens,
              })}
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-2">
        <button className="btn btn--quiet" aria-expanded={shown} onClick={() => show(!shown)}>
          {w.name('apart', 'regroup')}
        </button>
      </p>
      {shown && (
        <p className="notice mt-1" role="status">
          {away.map((group, i) => (
            <span key={i}>
              {rich('apart.putOnAnother', {
                i: i > 0 && ' ',
                b: (text: ReactNode) => <b>{text}</b>,
                group: group.map((at) => nameOf(place.items[at]!)).join(', '),
                what,
                awayCount: away.length > 1 ? ` (${i + 1})` : '',
              })}
            </span>
          ))}{' '}
          {rich('apart.thatIsTheFewestAnd', {
            what: w.name('apart', what === 'caddy' ? 'caddies' : 'shelves'),
            exact: regrouped.exact ? '' : w.name('apart', 'found'),
          })}
        </p>
      )}
    </>
  );
};

const Place = ({
  place,
  book,
  supervisor,
}: {
  place: PlaceRow;
  book: Book;
  supervisor: boolean;
}) => {
  const things = useThings();
  const [put, putting] = usePutThingMutation();
  const [take, taking] = useTakeThingMutation();
  const [remove, removing] = useRemovePlaceMutation();
  const add = (value: string) => {
    const [is, id] = value.split(' ') as [PlacedThing['is'], string];
    void put({ id: place.id, body: is === 'kind' ? { is, id: id as ProductId } : { is, id } });
  };
  return (
    <section className="stand" aria-label={place.name}>
      <div className="headline">
        <h2>
          {place.name}
          {!place.name.toLowerCase().includes(place.kind) && (
            <span className="soft font-normal"> {place.kind}</span>
          )}
        </h2>
        {supervisor && place.items.length === 0 && (
          <button className="btn btn--quiet" onClick={() => void remove(place.id)}>
            {w.name('apart', 'takeItOutOfUse')}
          </button>
        )}
      </div>
      {place.items.length === 0 && <p className="soft">{w.name('apart', 'empty')}</p>}
      <ul>
        {place.items.map((item) => (
          <li key={item.id}>
            <span>
              {nameOf(item)}{' '}
              <span className="small soft">
                {item.groups.map((group) => w.name('group', group)).join(', ')}
              </span>
            </span>
            <button
              className="btn btn--quiet"
              onClick={() => void take(item.id)}
              aria-label={w.say('apart.takeOut', { item: nameOf(item) })}
            >
              {w.name('apart', 'takeOut2')}
            </button>
          </li>
        ))}
      </ul>
      <Conflicts place={place} book={book} />
      <Choice
        className="mt-3 max-w-96"
        label={w.say('apart.putInto', { place: place.name })}
        value={null}
        onChange={(value: string | null) => value && add(value)}
        options={things}
        empty={w.name('apart', 'chooseWhat')}
      />
      <WentWrong error={putting.error ?? taking.error ?? removing.error} />
    </section>
  );
};

const NewPlace = ({ onDone }: { onDone: () => void }) => {
  const [kind, setKind] = useState<PlaceRow['kind']>('caddy');
  const [name, setName] = useState('');
  const [addPlace, { error }] = useAddPlaceMutation();
  const submit = async () => {
    if (written(name)) return;
    const result = await addPlace({ kind, name: name.trim() });
    if (!result.error) onDone();
  };
  return (
    <Form onSubmit={submit}>
      <Segments
        label={w.name('apart', 'kind')}
        value={kind}
        onChange={setKind}
        options={[
          { value: 'caddy', name: w.name('apart', 'caddy') },
          { value: 'shelf', name: w.name('apart', 'shelf') },
        ]}
      />
      <TextField
        label={w.name('apart', 'name')}
        value={name}
        onChange={setName}
        check={written}
        autoFocus
      />
      <WentWrong error={error} />
      <button className="btn btn--main">{w.name('apart', 'addIt')}</button>
    </Form>
  );
};

/** What stands where, with what must not; and the smallest regrouping that parts it. */
const Shelves = () => {
  const { data: places = [], error } = usePlacesQuery();
  const { data: me } = useMeQuery();
  const book = useBook();
  const [adding, add] = useState(false);
  const supervisor = me?.person.role === 'supervisor';
  const half = Math.ceil(places.length / 2);
  const severities = places.map(
    (place) => judgeSet(place.items.map(asProduct), place.kind, {}, book).severity,
  );
  const bad = severities.filter(isAgainst).length;
  const list = (part: PlaceRow[]) =>
    part.map((place) => <Place key={place.id} place={place} book={book} supervisor={supervisor} />);
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('apart', 'shelvesAndCaddies')}>
        <KeepApartHead title={w.name('apart', 'shelvesAndCaddies')} />
        <WentWrong error={error} />
        <p className="verdict__say mb-3" role="status">
          {places.length === 0
            ? w.name('apart', 'noShelfOrCaddyIs')
            : bad === 0
              ? w.name('apart', 'noRuleSpeaksAgainstHow')
              : w.say('apart.ofWhatShouldBeApart', {
                  bad,
                  placesCount: places.length,
                  includes: w
                    .name(
                      'severity',
                      severities.includes('never')
                        ? 'never'
                        : severities.includes('spoils')
                          ? 'spoils'
                          : 'care',
                    )
                    .toLowerCase(),
                })}
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
