import { useState } from 'react';
import { v7 } from 'uuid';
import { Tick } from '../../ui/form/Field.tsx';
import { WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { usePlanAnewMutation } from './api.ts';

interface Props {
  roundId: string;
  people: readonly { id: string; name: string }[];
}

/** Plans the rest of the round anew, for those who go on: everybody on it sees the new plan. */
export const PlanAnew = ({ roundId, people }: Props) => {
  const [plan, { error, isLoading }] = usePlanAnewMutation();
  const [gone, setGone] = useState<string[]>([]);
  const here = people.map(({ id }) => id).filter((id) => !gone.includes(id));
  return (
    <div className="mb-4">
      {people.length > 1 && (
        <fieldset className="mb-2 flex flex-wrap gap-x-5">
          <legend>{w.name('round', 'whoGoesOn')}</legend>
          {people.map(({ id, name }) => (
            <Tick
              key={id}
              label={name}
              checked={!gone.includes(id)}
              onChange={(goes) => setGone(goes ? gone.filter((one) => one !== id) : [...gone, id])}
            />
          ))}
        </fieldset>
      )}
      <button
        className="btn"
        disabled={isLoading || here.length === 0}
        onClick={() => void plan({ id: roundId, body: { id: v7(), here } })}
      >
        {w.name('round', 'planAnew')}
      </button>
      <WentWrong error={error} />
    </div>
  );
};
