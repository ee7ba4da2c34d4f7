import type { PlaceItem, PlaceRow } from '@zymostat/contract';
import type { Book } from '@zymostat/core';
import { Choice } from '../../ui/form/Choice.tsx';
import { WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { usePutThingMutation, useRemovePlaceMutation, useTakeThingMutation } from './api.ts';
import { Conflicts } from './Conflicts.tsx';
import { nameOf, thingOf, useThings } from './placeItem.ts';

interface Props {
  place: PlaceRow;
  book: Book;
  supervisor: boolean;
}

const Head = ({ place, onRemove }: { place: PlaceRow; onRemove: (() => void) | undefined }) => {
  const kind = w.name('apart', place.kind);
  return (
    <div className="headline">
      <h2>
        {place.name}
        {!place.name.toLowerCase().includes(kind) && (
          <span className="soft font-normal"> {kind}</span>
        )}
      </h2>
      {onRemove && (
        <button className="btn btn--quiet" onClick={onRemove}>
          {w.name('apart', 'takeItOutOfUse')}
        </button>
      )}
    </div>
  );
};

const Item = ({ item, onTake }: { item: PlaceItem; onTake: () => void }) => (
  <li>
    <span>
      {nameOf(item)}{' '}
      <span className="small soft">
        {item.groups.map((group) => w.name('group', group)).join(', ')}
      </span>
    </span>
    <button
      className="btn btn--quiet"
      onClick={onTake}
      aria-label={w.say('apart.takeOut', { item: nameOf(item) })}
    >
      {w.name('apart', 'takeOut2')}
    </button>
  </li>
);

/** One shelf or caddy: what stands there, what must not, and putting something into it. */
export const Place = ({ place, book, supervisor }: Props) => {
  const things = useThings();
  const [put, putting] = usePutThingMutation();
  const [take, taking] = useTakeThingMutation();
  const [remove, removing] = useRemovePlaceMutation();
  const empty = place.items.length === 0;
  return (
    <section className="stand" aria-label={place.name}>
      <Head
        place={place}
        onRemove={supervisor && empty ? () => void remove(place.id) : undefined}
      />
      {empty && <p className="soft">{w.name('apart', 'empty')}</p>}
      <ul>
        {place.items.map((item) => (
          <Item key={item.id} item={item} onTake={() => void take(item.id)} />
        ))}
      </ul>
      <Conflicts place={place} book={book} />
      <Choice
        className="mt-3 max-w-96"
        label={w.say('apart.putInto', { place: place.name })}
        value={null as string | null}
        onChange={(value) => {
          if (value) void put({ id: place.id, body: thingOf(value) });
        }}
        options={things}
        empty={w.name('apart', 'chooseWhat')}
      />
      <WentWrong error={putting.error ?? taking.error ?? removing.error} />
    </section>
  );
};
