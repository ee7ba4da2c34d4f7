import {
  Combobox,
  ComboboxInput,
  ComboboxOption,
  ComboboxOptions,
  Field,
  Label,
} from '@headlessui/react';
import { type SurfaceRow } from '@zymostat/contract';
import { w } from '../../words/words.ts';
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
import { useAddSurfaceMutation, useEditSurfaceMutation, useRemoveSurfaceMutation } from './api.ts';
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
    w.name('material', id).toLowerCase().includes(query.toLowerCase()),
  );
  return (
    <Field className="field">
      <Label className="field__label">{w.name('homes', 'material')}</Label>
      <Combobox
        immediate
        value={value}
        onChange={(id) => id && onChange(id)}
        onClose={() => setQuery('')}
      >
        <ComboboxInput
          className="input"
          displayValue={(id: MaterialId | null) => (id ? w.name('material', id) : '')}
          onChange={(event) => setQuery(event.target.value)}
          placeholder={w.name('homes', 'typeToFindTileChrome')}
          autoComplete="off"
        />
        <ComboboxOptions anchor="bottom start" className="options w-(--input-width)">
          {fitting.map((id) => (
            <ComboboxOption key={id} value={id} className="options__one">
              {w.name('material', id)}
            </ComboboxOption>
          ))}
          {fitting.length === 0 && (
            <p className="options__one soft">{w.name('homes', 'noSuchMaterialInThe')}</p>
          )}
        </ComboboxOptions>
      </Combobox>
      <span className="field__hint">
        {value ? w.name('materialWhy', value) : w.name('homes', 'theMakerSInstructionsPrevail')}
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
        { value: null, name: w.name('homes', 'notKnown') },
        { value: true, name: w.name('homes', 'yes') },
        { value: false, name: w.name('homes', 'no') },
      ]}
    />
  );
  return (
    <div className="grid gap-3 border-l-2 border-rule pl-3">
      {ask(w.name('homes', 'doesItSoakUpA'), 'soaksUp')}
      {ask(w.name('homes', 'isItPaintedLacqueredOr'), 'finished')}
      {ask(w.name('homes', 'doesItsMakerAllowAcid'), 'bearsAcidOrSolvent')}
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
  const [addSurface, adding] = useAddSurfaceMutation();
  const [editSurface, editing] = useEditSurfaceMutation();
  const [removeSurface] = useRemoveSurfaceMutation();
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
        say={surface ? surface.name : w.say('homes.aNewSurfaceIn', { roomName })}
        why={surface ? undefined : w.name('homes', 'itStartsAsCleanedOnly')}
      />
      <Form onSubmit={() => submit()} className="grid max-w-[560px] gap-4">
        <TextField
          label={w.name('homes', 'name')}
          value={name}
          onChange={rename}
          check={written}
          autoFocus={!surface}
          hint={guessed ? w.name('homes', 'materialAndAreaAreGuessed') : undefined}
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
          <span className="field__wrong">{w.name('homes', 'chooseAMaterialFromThe')}</span>
        )}
        <div className="grid grid-cols-2 gap-4">
          <Choice
            label={w.name('homes', 'whereItComesInThe')}
            value={level}
            onChange={setLevel}
            options={optionsOf(w.table('level'))}
          />
          <TextField
            label={w.name('homes', 'areaM')}
            value={area}
            onChange={setArea}
            check={anArea}
            figure
          />
        </div>
        <Segments
          label={w.name('homes', 'touched')}
          value={touched}
          onChange={setTouched}
          options={touches.map((one) => ({ value: one, name: w.name('homes', one) }))}
        />
        <Tick label={w.name('homes', 'foodTouchesIt')} checked={food} onChange={setFood} />
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
          <button className="btn btn--main">
            {surface ? w.name('homes', 'save') : w.name('homes', 'addTheSurface')}
          </button>
          {surface && (
            <button type="button" className="btn btn--quiet" onClick={() => ask(true)}>
              {w.name('homes', 'takeItOutOfThe')}
            </button>
          )}
        </p>
      </Form>
      <Window
        open={asking}
        title={w.say('homes.takeOut', { surface: surface?.name ?? '' })}
        onClose={() => ask(false)}
      >
        <p className="mb-4">{w.name('homes', 'approvedVersionsAndRecordsStay')}</p>
        <p className="flex gap-3">
          <button className="btn btn--main" onClick={() => ask(false)}>
            {w.name('homes', 'keepIt')}
          </button>
          <button className="btn" onClick={takeOut}>
            {w.name('homes', 'takeItOut')}
          </button>
        </p>
      </Window>
    </>
  );
};
