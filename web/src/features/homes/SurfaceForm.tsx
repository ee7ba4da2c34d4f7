import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions, Field, Label } from '@headlessui/react';
import { levelNames, materialWords, type SurfaceRow } from '@zymostat/contract';
import { materialIds, parseFigure, touches, type Level, type MaterialId, type Touched } from '@zymostat/core';
import { useState } from 'react';
import { api } from '../../app/api.ts';
import { figureBetween, written } from '../../ui/checks.ts';
import { Choice, Segments } from '../../ui/Choice.tsx';
import { optionsOf, TextField, Tick } from '../../ui/Field.tsx';
import { Form } from '../../ui/Form.tsx';
import { Verdict, WentWrong } from '../../ui/parts.tsx';
import { Window } from '../../ui/Window.tsx';

const anArea = figureBetween(0.01, 200, 'm²');

const MaterialField = ({ value, onChange }: { value: MaterialId | null; onChange: (id: MaterialId) => void }) => {
  const [query, setQuery] = useState('');
  const fitting = materialIds.filter((id) => materialWords[id].name.toLowerCase().includes(query.toLowerCase()));
  return (
    <Field className="field">
      <Label className="field__label">Material</Label>
      <Combobox immediate value={value} onChange={(id) => id && onChange(id)} onClose={() => setQuery('')}>
        <ComboboxInput className="input" displayValue={(id: MaterialId | null) => (id ? materialWords[id].name : '')} onChange={(event) => setQuery(event.target.value)} placeholder="Type to find: tile, chrome, marble …" autoComplete="off" />
        <ComboboxOptions anchor="bottom start" className="options w-(--input-width)">
          {fitting.map((id) => <ComboboxOption key={id} value={id} className="options__one">{materialWords[id].name}</ComboboxOption>)}
          {fitting.length === 0 && <p className="options__one soft">No such material in the table. Choose the nearest.</p>}
        </ComboboxOptions>
      </Combobox>
      <span className="field__hint">{value ? materialWords[value].why : 'The maker’s instructions prevail over this table.'}</span>
    </Field>
  );
};

interface Props {
  roomId: string;
  roomName: string;
  surface?: SurfaceRow;
  onDone: (id?: string) => void;
}

/** Adds a surface, or changes one. */
export const SurfaceForm = ({ roomId, roomName, surface, onDone }: Props) => {
  const [name, setName] = useState(surface?.name ?? '');
  const [material, setMaterial] = useState<MaterialId | null>(surface?.material ?? null);
  const [level, setLevel] = useState<Level>(surface?.level ?? 'hand');
  const [area, setArea] = useState(surface ? String(surface.area) : '');
  const [touched, setTouched] = useState<Touched>(surface?.touched ?? 'daily');
  const [food, setFood] = useState(surface?.food ?? false);
  const [tried, setTried] = useState(false);
  const [asking, ask] = useState(false);
  const [addSurface, adding] = api.useAddSurfaceMutation();
  const [editSurface, editing] = api.useEditSurfaceMutation();
  const [removeSurface] = api.useRemoveSurfaceMutation();
  const submit = async () => {
    setTried(true);
    if (written(name) || anArea(area) || !material) return;
    const body = { name: name.trim(), material, level, area: parseFigure(area)!, touched, food };
    const result = surface ? await editSurface({ id: surface.id, body }) : await addSurface({ id: roomId, body });
    if (!result.error) onDone(surface ? surface.id : (result.data as { id: string }).id);
  };
  const takeOut = async () => {
    if (surface) await removeSurface(surface.id);
    ask(false);
    onDone();
  };
  return (
    <>
      <p className="crumb"><b>{roomName}</b></p>
      <Verdict say={surface ? surface.name : `A new surface in ${roomName}`} why={surface ? undefined : 'It starts as washed with detergent; set more on the protocol.'} />
      <Form onSubmit={submit} className="grid max-w-[560px] gap-4">
        <TextField label="Name" value={name} onChange={setName} check={written} autoFocus={!surface} />
        <MaterialField value={material} onChange={setMaterial} />
        {tried && !material && <span className="field__wrong">Choose a material from the table.</span>}
        <div className="grid grid-cols-2 gap-4">
          <Choice label="Where it comes in the room" value={level} onChange={setLevel} options={optionsOf(levelNames)} />
          <TextField label="Area, m²" value={area} onChange={setArea} check={anArea} figure />
        </div>
        <Segments label="Touched" value={touched} onChange={setTouched} options={touches.map((one) => ({ value: one, name: one }))} />
        <Tick label="Food touches it" checked={food} onChange={setFood} />
        <WentWrong error={adding.error ?? editing.error} />
        <p className="flex items-center gap-5"><button className="btn btn--main">{surface ? 'Save' : 'Add the surface'}</button>{surface && <button type="button" className="btn btn--quiet" onClick={() => ask(true)}>Take it out of the survey</button>}</p>
      </Form>
      <Window open={asking} title={`Take out ${surface?.name}?`} onClose={() => ask(false)}>
        <p className="mb-4">Approved versions and records stay as they are.</p>
        <p className="flex gap-3"><button className="btn btn--main" onClick={() => ask(false)}>Keep it</button><button className="btn" onClick={takeOut}>Take it out</button></p>
      </Window>
    </>
  );
};
