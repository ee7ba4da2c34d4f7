import { rich } from '../../words/rich.tsx';
import { type HomeDetail } from '@zymostat/contract';
import { w } from '../../words/words.ts';
import { productIds, situations, type ProductId, type Situation } from '@zymostat/core';
import { useState } from 'react';
import { useAddHomeMutation, useEditHomeMutation } from './api.ts';
import { written } from '../../ui/checks.ts';
import { TextField, Tick } from '../../ui/Field.tsx';
import { Form } from '../../ui/Form.tsx';
import { ChangedMeanwhile } from '../../ui/ChangedMeanwhile.tsx';
import { WentWrong } from '../../ui/parts.tsx';

/** Adds a home, or changes one: its name, its place, and who lives there. */
export const HomeForm = ({
  home,
  onDone,
}: {
  home?: HomeDetail;
  onDone: (id?: string) => void;
}) => {
  const [name, setName] = useState(home?.name ?? '');
  const [place, setPlace] = useState(home?.place ?? '');
  const [lives, setLives] = useState<Situation[]>(home?.situations ?? []);
  const [keeps, setKeeps] = useState<ProductId[]>(home?.clientKeeps ?? []);
  const [addHome, adding] = useAddHomeMutation();
  const [editHome, editing] = useEditHomeMutation();
  const tick = (one: Situation) => (on: boolean) =>
    setLives(on ? [...lives, one] : lives.filter((other) => other !== one));
  const keep = (one: ProductId) => (on: boolean) =>
    setKeeps(on ? [...keeps, one] : keeps.filter((other) => other !== one));
  const [seen, setSeen] = useState(home?.revision ?? 0);
  const submit = async (by = seen) => {
    if (written(name) || written(place)) return;
    const body = { name: name.trim(), place: place.trim(), situations: lives, clientKeeps: keeps };
    if (home) {
      const result = await editHome({ id: home.id, homeId: home.id, seen: by, body });
      if (result.data) onDone(home.id);
    } else {
      const result = await addHome(body);
      if (result.data) onDone(result.data.id);
    }
  };
  const takeTheirs = () => {
    if (!home) return;
    setName(home.name);
    setPlace(home.place);
    setLives(home.situations);
    setKeeps(home.clientKeeps);
    setSeen(home.revision);
    editing.reset();
  };
  return (
    <Form onSubmit={() => submit()}>
      <TextField
        label={w.name('homes', 'clientByFirstName')}
        value={name}
        onChange={setName}
        check={written}
        autoFocus
      />
      <TextField
        label={w.name('homes', 'place')}
        value={place}
        onChange={setPlace}
        check={written}
        hint={w.name('homes', 'streetOrHouseAsThe')}
      />
      <fieldset>
        <legend className="field__label">{w.name('homes', 'whoLivesHere')}</legend>
        <div className="ticks">
          {situations.map((one) => (
            <Tick
              key={one}
              label={w.name('situation', one)}
              checked={lives.includes(one)}
              onChange={tick(one)}
            />
          ))}
        </div>
      </fieldset>
      <details open={keeps.length > 0}>
        <summary className="field__label cursor-pointer">
          {rich('homes.whatTheClientKeepsOr', {
            keepsCount: keeps.length > 0 && `, ${keeps.length}`,
          })}
        </summary>
        <div className="ticks">
          {productIds
            .filter((one) => one !== 'water')
            .map((one) => (
              <Tick
                key={one}
                label={w.name('product', one)}
                checked={keeps.includes(one)}
                onChange={keep(one)}
              />
            ))}
        </div>
      </details>
      {home ? (
        <ChangedMeanwhile
          error={editing.error}
          onMine={(now) => void submit(now)}
          onTheirs={takeTheirs}
        />
      ) : (
        <WentWrong error={adding.error} />
      )}
      <button className="btn btn--main">
        {home ? w.name('homes', 'save') : w.name('homes', 'addAndSurvey')}
      </button>
    </Form>
  );
};
