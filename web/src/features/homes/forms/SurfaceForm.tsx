import { surfaceFieldNames, type SurfaceField, type SurfaceFields } from '@zymostat/contract';
import { useState } from 'react';
import { useWatch } from 'react-hook-form';
import { TextControl } from '../../../ui/form/controls.tsx';
import { Form } from '../../../ui/form/Form.tsx';
import { GoesOn } from '../../../ui/form/GoesOn.tsx';
import { useDraftedForm } from '../../../ui/form/useDraftedForm.ts';
import type { FormOf } from '../../../ui/form/useFormOf.ts';
import { Verdict } from '../../../ui/parts.tsx';
import { RefusedJob } from '../../../ui/RefusedJob.tsx';
import { w } from '../../../words/words.ts';
import { useRemoveSurfaceMutation } from '../surveyApi.ts';
import { SaveLine } from './SaveLine.tsx';
import { guessedLines, surfaceForm, surfaceLines, type SurfaceLines } from './surfaceForm.ts';
import { SurfaceControl } from './SurfaceControl.tsx';
import { TakeOut } from './TakeOut.tsx';
import { useSaveSurface, type SurfaceFormProps } from './useSaveSurface.ts';

/** These stand two in a line; every other field has a line of its own. */
const half = new Set<SurfaceField>(['level', 'area']);
type OfForm = { form: FormOf<SurfaceLines, SurfaceFields> };
const others = surfaceFieldNames.filter((field) => field !== 'name');

/**
 * A new surface takes from its name what such a thing most likely is, until somebody says what it
 * is made of.
 */
const useGuess = (form: OfForm['form'], isNew: boolean) => {
  const [guess, setGuess] = useState<SurfaceLines>();
  const material = useWatch({ control: form.control, name: 'material' });
  const stands = material !== null && material === guess?.material;
  const guessFrom = (name: string) => {
    const lines = isNew && (material === null || stands) ? guessedLines(name) : undefined;
    if (!lines) return;
    setGuess(lines);
    for (const field of others) form.setValue(field, lines[field], { shouldValidate: true });
  };
  return { guessed: stands, guessFrom };
};

const NameControl = ({ form, isNew }: OfForm & { isNew: boolean }) => {
  const { guessed, guessFrom } = useGuess(form, isNew);
  const name = useWatch({ control: form.control, name: 'name' });
  return (
    <>
      <TextControl
        of={form.control}
        name="name"
        label={w.name('fieldLabel', 'name')}
        autoFocus={isNew}
        onTyped={guessFrom}
        hint={guessed ? w.name('survey', 'materialAndAreaAreGuessed') : undefined}
      />
      <RefusedJob text={name} />
    </>
  );
};

const TakeSurfaceOut = ({ homeId, surface, onDone }: SurfaceFormProps) => {
  const [removeSurface] = useRemoveSurfaceMutation();
  if (!surface) return null;
  const takeOut = async () => {
    await removeSurface({ id: surface.id, homeId });
    onDone();
  };
  return (
    <TakeOut
      label={w.name('survey', 'takeItOutOfThe')}
      title={w.say('survey.takeOut', { surface: surface.name })}
      onTakeOut={takeOut}
    />
  );
};

/** Adds a surface, or changes one. */
export const SurfaceForm = (props: SurfaceFormProps) => {
  const { roomName, surface } = props;
  const draft = useDraftedForm<SurfaceLines, SurfaceFields>(
    surface ? null : `surface/${props.roomId}`,
    surfaceForm,
    surfaceLines(surface),
  );
  const { form } = draft;
  const { save, takeTheirs, adding, editing } = useSaveSurface({
    ...props,
    onDone: (id) => {
      draft.done();
      props.onDone(id);
    },
  });
  return (
    <>
      <p className="crumb">
        <b>{roomName}</b>
      </p>
      <Verdict
        say={surface ? surface.name : w.say('survey.aNewSurfaceIn', { roomName })}
        why={surface ? undefined : w.name('survey', 'itStartsAsCleanedOnly')}
      />
      <Form onSubmit={form.handleSubmit((read) => save(read))} className="grid max-w-[560px] gap-4">
        <GoesOn of={draft} />
        <NameControl form={form} isNew={!surface} />
        <div className="grid grid-cols-2 gap-4">
          {others.map((field) => (
            <div key={field} className={half.has(field) ? '' : 'col-span-2 grid gap-4'}>
              <SurfaceControl of={form.control as never} field={field} />
            </div>
          ))}
        </div>
        <SaveLine
          stood={Boolean(surface)}
          adding={adding}
          editing={editing}
          onMine={(now) => void form.handleSubmit((read) => save(read, now))()}
          onTheirs={() => {
            form.reset(surfaceLines(surface));
            takeTheirs();
          }}
        />
        <p className="flex items-center gap-5">
          <button className="btn btn--main">
            {surface ? w.name('survey', 'save') : w.name('survey', 'addTheSurface')}
          </button>
          <TakeSurfaceOut {...props} />
        </p>
      </Form>
    </>
  );
};
