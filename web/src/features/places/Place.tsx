import type { PlaceItem, PlaceRow } from '@zymostat/contract';
import type { Book } from '@zymostat/core';
import { useState } from 'react';
import { Choice } from '../../ui/form/Choice.tsx';
import { WentWrong } from '../../ui/parts.tsx';
import { Window } from '../../ui/Window.tsx';
import { w } from '../../words/words.ts';
import { usePutThingMutation, useRemovePlaceMutation, useTakeThingMutation } from './api.ts';
import { PlaceFor } from './PlaceFor.tsx';
import { Restock } from './Restock.tsx';
import { Conflicts } from './Conflicts.tsx';
import { nameOf, thingOf, useThings } from './placeItem.ts';

interface Props {
  place: PlaceRow;
  places: readonly PlaceRow[];
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
        {place.whose && (
          <span className="soft font-normal"> {w.say('caddyOf.of', { whose: place.whose })}</span>
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

/** Takes things out, and remembers the last one so that a slip can be put right. */
const useTake = (place: PlaceRow) => {
  const [take, taking] = useTakeThingMutation();
  const [put, putting] = usePutThingMutation();
  const [out, setOut] = useState<PlaceItem>();
  const takeOut = async (item: PlaceItem) => {
    const result = await take(item.id);
    if (!result.error) setOut(item);
  };
  const undo = async ({ is, of }: PlaceItem) => {
    await put({ id: place.id, body: thingOf(`${is} ${of}`) });
    setOut(undefined);
  };
  return { takeOut, out, undo, error: taking.error ?? putting.error };
};

const WhoseAndWhat = ({ place }: { place: PlaceRow }) => {
  const [open, setOpen] = useState(false);
  const title = w.name('caddyOf', 'change');
  return (
    <>
      <p className="mt-2">
        <button className="btn btn--quiet" onClick={() => setOpen(true)}>
          {title}
        </button>
      </p>
      <Window open={open} title={title} onClose={() => setOpen(false)}>
        {open && <PlaceFor place={place} onDone={() => setOpen(false)} />}
      </Window>
    </>
  );
};

/** One shelf or caddy: what stands there, what must not, and putting something into it. */
export const Place = ({ place, places, book, supervisor }: Props) => {
  const things = useThings();
  const [put, putting] = usePutThingMutation();
  const { takeOut, out, undo, error } = useTake(place);
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
          <Item key={item.id} item={item} onTake={() => void takeOut(item)} />
        ))}
      </ul>
      {out && (
        <p className="small" role="status">
          {w.say('caddyOf.takenOut', { item: nameOf(out) })}{' '}
          <button className="btn btn--quiet" onClick={() => void undo(out)}>
            {w.name('caddyOf', 'undo')}
          </button>
        </p>
      )}
      <Restock place={place} places={places} />
      <Conflicts place={place} places={places} book={book} />
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
      {supervisor && <WhoseAndWhat place={place} />}
      <WentWrong error={putting.error ?? error ?? removing.error} />
    </section>
  );
};
