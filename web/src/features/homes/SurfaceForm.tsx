import {
  Combobox,
  ComboboxInput,
  ComboboxOption,
  ComboboxOptions,
  Field,
  Label,
} from '@headlessui/react';
import { levelNames, materialWords, type SurfaceRow } from '@zymostat/contract';
import {
  materialIds,
  noteSurface,
  parseFigure,
  somethingElse,
  touches,
  type Level,
  type MaterialId,
  type Touched,
} from '@zymostat/core';
import { useState } from 'react';
import { api } from '../../app/api.ts';
import { figureBetween, written } from '../../ui/checks.ts';
import { Choice, Segments } from '../../ui/Choice.tsx';
import { optionsOf, TextField, Tick } from '../../ui/Field.tsx';
import { Form } from '../../ui/Form.tsx';
import { ChangedMeanwhile } from '../../ui/ChangedMeanwhile.tsx';
import { Verdict, WentWrong } from '../../ui/parts.tsx';
import { Window } from '../../ui/Window.tsx';

const anArea = figureBetween(0.01, 200, 'm²');

const MaterialField = ({
  value,
  onChange,
}: {
  value: MaterialId | null;
  onChange: (id: MaterialId) => void;
}) => {
  const [query, setQuery] = useState('');
  const fitting = materialIds.filter((id) =>
    materialWords[id].name.toLowerCase().includes(query.toLowerCase()),
  );
  return (
    <Field className="field">
      <Label className="field__label">Material</Label>
      <Combobox
        immediate
        value={value}
        onChange={(id) => id && onChange(id)}
        onClose={() => setQuery('')}
      >
        <ComboboxInput
          className="input"
          displayValue={(id: MaterialId | null) => (id ? materialWords[id].name : '')}
          onChange={(event) => setQuery(event.target.value)}
          placeholder="Type to find: tile, chrome, marble …"
          autoComplete="off"
        />
        <ComboboxOptions anchor="bottom start" className="options w-(--input-width)">
          {fitting.map((id) => (
            <ComboboxOption key={id} value={id} className="options__one">
              {materialWords[id].name}
            </ComboboxOption>
          ))}
          {fitting.length === 0 && (
            <p className="options__one soft">No such material in the table. Choose the nearest.</p>
          )}
        </ComboboxOptions>
      </Combobox>
      <span className="field__hint">
        {value ? materialWords[value].why : 'The maker’s instructions prevail over this table.'}
      </span>
    </Field>
  );
};

/** Three questions for what nobody can name; an answer that is missing counts as the worse. */
const SomethingElse = ({ onChange }: { onChange: (id: MaterialId) => void }) => {
  const [answers, setAnswers] = useState({
    soaksUp: null,
    finished: null,
    bearsAcidOrSolvent: null,
  } as Answers);
  const answer = (to: Partial<Answers>) => {
    const next = { ...answers, ...to };
    setAnswers(next);
    onChange(somethingElse(next));
  };
  const ask = (label: string, key: keyof Answers) => (
    <Choice
      label={label}
      value={answers[key]}
      onChange={(value) => answer({ [key]: value })}
      options={[
        { value: null, name: 'not known' },
        { value: true, name: 'yes' },
        { value: false, name: 'no' },
      ]}
    />
  );
  return (
    <div className="grid gap-3 border-l-2 border-rule pl-3">
      {ask('Does it soak up a drop of water?', 'soaksUp')}
      {ask('Is it painted, lacquered or plated?', 'finished')}
      {ask('Does its maker allow acid or solvent on it?', 'bearsAcidOrSolvent')}
    </div>
  );
};
type Answers = Parameters<typeof somethingElse>[0];

interface Props {
  homeId: string;
  /** The revision of the home that this form shows. */
  revision: number;
  roomId: string;
  roomName: string;
  surface?: SurfaceRow;
  onDone: (id?: string) => void;
}

/** Adds a surface, or changes one. */
export const SurfaceForm = ({ homeId, revision, roomId, roomName, surface, onDone }: Props) => {
  const [seen, setSeen] = useState(revision);
  const [name, setName] = useState(surface?.name ?? '');
  const [material, setMaterial] = useState<MaterialId | null>(surface?.material ?? null);
  const [level, setLevel] = useState<Level>(surface?.level ?? 'hand');
  const [area, setArea] = useState(surface ? String(surface.area) : '');
  const [touched, setTouched] = useState<Touched>(surface?.touched ?? 'daily');
  const [food, setFood] = useState(surface?.food ?? false);
  const [guessed, guess] = useState(false);
  const [tried, setTried] = useState(false);
  const [asking, ask] = useState(false);
  const [addSurface, adding] = api.useAddSurfaceMutation();
  const [editSurface, editing] = api.useEditSurfaceMutation();
  const [removeSurface] = api.useRemoveSurfaceMutation();
  const submit = async (by = seen) => {
    setTried(true);
    if (written(name) || anArea(area) || !material) return;
    const body = { name: name.trim(), material, level, area: parseFigure(area)!, touched, food };
    if (surface) {
      const result = await editSurface({ id: surface.id, homeId, seen: by, body });
      if (!result.data) return;
      setSeen(result.data.revision);
      onDone(surface.id);
    } else {
      const result = await addSurface({ id: roomId, body });
      if (result.data) onDone(result.data.id);
    }
  };
  /**
   * A new surface takes from its name what such a thing most likely is, until somebody says
   * otherwise.
   */
  const rename = (to: string) => {
    setName(to);
    if (surface || (material && !guessed)) return;
    const noted = noteSurface(to.trim());
    if (!noted.sure) return;
    guess(true);
    setMaterial(noted.material);
    setLevel(noted.level);
    setArea(String(noted.area));
    setTouched(noted.touched);
    setFood(noted.food);
  };
  /** What somebody else has saved, as it was fetched meanwhile. */
  const takeTheirs = () => {
    if (!surface) return;
    setName(surface.name);
    setMaterial(surface.material);
    setLevel(surface.level);
    setArea(String(surface.area));
    setTouched(surface.touched);
    setFood(surface.food);
    setSeen(revision);
    editing.reset();
  };
  const takeOut = async () => {
    if (surface) await removeSurface({ id: surface.id, homeId });
    ask(false);
    onDone();
  };
  return (
    <>
      <p className="crumb">
        <b>{roomName}</b>
      </p>
      <Verdict
        say={surface ? surface.name : `A new surface in ${roomName}`}
        why={surface ? undefined : 'It starts as cleaned only; set more on the protocol.'}
      />
      <Form onSubmit={() => submit()} className="grid max-w-[560px] gap-4">
        <TextField
          label="Name"
          value={name}
          onChange={rename}
          check={written}
          autoFocus={!surface}
          hint={
            guessed
              ? 'Material and area are guessed from the name until you change them.'
              : undefined
          }
        />
        <MaterialField
          value={material}
          onChange={(id) => {
            guess(false);
            setMaterial(id);
          }}
        />
        {material?.startsWith('something') && <SomethingElse onChange={setMaterial} />}
        {tried && !material && (
          <span className="field__wrong">Choose a material from the table.</span>
        )}
        <div className="grid grid-cols-2 gap-4">
          <Choice
            label="Where it comes in the room"
            value={level}
            onChange={setLevel}
            options={optionsOf(levelNames)}
          />
          <TextField label="Area, m²" value={area} onChange={setArea} check={anArea} figure />
        </div>
        <Segments
          label="Touched"
          value={touched}
          onChange={setTouched}
          options={touches.map((one) => ({ value: one, name: one }))}
        />
        <Tick label="Food touches it" checked={food} onChange={setFood} />
        {surface ? (
          <ChangedMeanwhile
            error={editing.error}
            onMine={(now) => void submit(now)}
            onTheirs={takeTheirs}
          />
        ) : (
          <WentWrong error={adding.error} />
        )}
        <p className="flex items-center gap-5">
          <button className="btn btn--main">{surface ? 'Save' : 'Add the surface'}</button>
          {surface && (
            <button type="button" className="btn btn--quiet" onClick={() => ask(true)}>
              Take it out of the survey
            </button>
          )}
        </p>
      </Form>
      <Window open={asking} title={`Take out ${surface?.name}?`} onClose={() => ask(false)}>
        <p className="mb-4">Approved versions and records stay as they are.</p>
        <p className="flex gap-3">
          <button className="btn btn--main" onClick={() => ask(false)}>
            Keep it
          </button>
          <button className="btn" onClick={takeOut}>
            Take it out
          </button>
        </p>
      </Window>
    </>
  );
};
