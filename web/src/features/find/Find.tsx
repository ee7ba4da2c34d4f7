import type { Found } from '@zymostat/contract';
import { useDeferredValue, useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { TextField } from '../../ui/form/Field.tsx';
import { Form } from '../../ui/form/Form.tsx';
import { ListRow } from '../../ui/ListRow.tsx';
import { WentWrong } from '../../ui/parts.tsx';
import { RefusedJob } from '../../ui/RefusedJob.tsx';
import { Window } from '../../ui/Window.tsx';
import { w } from '../../words/words.ts';
import { useFindQuery } from './api.ts';

const pathOf = ({ homeId, surfaceId }: Found): string =>
  surfaceId ? `/homes/${homeId}/survey/${surfaceId}` : `/homes?home=${homeId}`;
const keyOf = ({ homeId, surfaceId }: Found): string => surfaceId ?? homeId;

const Line = ({ of: { home, place, surface, room } }: { of: Found }) => (
  <span>
    <b className="font-semibold">{surface ?? `${home}, ${place}`}</b>
    {surface && (
      <span className="small soft block">
        {room} · {home}, {place}
      </span>
    )}
  </span>
);

/** The one that Enter goes to: the first, until the arrows have gone to another. */
const useWalk = (found: readonly Found[]) => {
  const [at, setAt] = useState(0);
  const last = found.length - 1;
  useEffect(() => {
    const walk = (event: KeyboardEvent) => {
      const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
      if (!step) return;
      event.preventDefault();
      setAt((now) => Math.max(0, Math.min(last, now + step)));
    };
    document.addEventListener('keydown', walk);
    return () => document.removeEventListener('keydown', walk);
  }, [last]);
  return found[Math.min(at, last)];
};

/** Homes by name, street or surface, from anywhere. */
const Find = ({ onClose }: { onClose: () => void }) => {
  const [text, setText] = useState('');
  const asked = useDeferredValue(text.trim());
  const { currentData: found = [], error } = useFindQuery(asked, { skip: asked === '' });
  const navigate = useNavigate();
  const go = (of: Found) => {
    onClose();
    void navigate(pathOf(of));
  };
  const chosen = useWalk(found);
  return (
    <Window open title={w.name('find', 'find')} onClose={onClose}>
      <Form onSubmit={() => chosen && go(chosen)}>
        <TextField label={w.name('find', 'what')} value={text} onChange={setText} autoFocus />
      </Form>
      <RefusedJob text={asked} />
      <WentWrong error={error} />
      <p className="small soft my-2" role="status">
        {asked !== '' && w.say('find.count', { count: found.length })}
      </p>
      <ul className="list">
        {found.map((of) => (
          <ListRow key={keyOf(of)} chosen={of === chosen} onChoose={() => go(of)}>
            <Line of={of} />
          </ListRow>
        ))}
      </ul>
    </Window>
  );
};
export default Find;
