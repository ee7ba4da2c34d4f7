import { roomTemplates, roomToBeginWith, type RoomTemplate } from '@zymostat/core';
import { useWatch } from 'react-hook-form';
import { ChoiceControl, SegmentsControl, TextControl } from '../../../ui/form/controls.tsx';
import { optionsOf, Tick } from '../../../ui/form/Field.tsx';
import { Form } from '../../../ui/form/Form.tsx';
import { GoesOn } from '../../../ui/form/GoesOn.tsx';
import { useDraftedForm } from '../../../ui/form/useDraftedForm.ts';
import type { FormOf } from '../../../ui/form/useFormOf.ts';
import { w } from '../../../words/words.ts';
import { linesOfTemplate, roomForm, roomLines, type RoomLines, type RoomRead } from './roomForm.ts';
import { SaveLine } from './SaveLine.tsx';
import { useSaveRoom, type RoomFormProps } from './useSaveRoom.ts';

type OfForm = { form: FormOf<RoomLines, RoomRead> };

const Templates = ({ form }: OfForm) => {
  const chosen = useWatch({ control: form.control, name: 'withSurfaces' });
  return (
    <p className="flex flex-wrap items-center gap-x-4 gap-y-1">
      <span className="small soft">{w.name('survey', 'beginWith')}</span>
      {(Object.keys(roomTemplates) as RoomTemplate[]).map((template) => (
        <button
          key={template}
          type="button"
          className="btn btn--quiet"
          aria-pressed={chosen === template}
          onClick={() => form.reset(linesOfTemplate(template))}
        >
          {roomToBeginWith(template, w.language).name}
        </button>
      ))}
    </p>
  );
};

const UsualSurfaces = ({ form }: OfForm) => {
  const template = useWatch({ control: form.control, name: 'withSurfaces' });
  if (!template) return null;
  const { surfaces } = roomToBeginWith(template, w.language);
  return (
    <Tick
      label={w.say('survey.withItsUsualSurfaces', { surfaces })}
      checked
      onChange={() => form.setValue('withSurfaces', null)}
    />
  );
};

const Size = ({ form: { control } }: OfForm) => (
  <div className="grid grid-cols-2 gap-4">
    <TextControl of={control} name="floorArea" label={w.name('survey', 'floorAreaM')} figure />
    <TextControl of={control} name="height" label={w.name('survey', 'heightM')} figure />
  </div>
);

const Air = ({ form: { control } }: OfForm) => {
  const flame = useWatch({ control, name: 'flame' });
  return (
    <>
      <SegmentsControl
        of={control}
        name="ventilation"
        label={w.name('homes', 'air')}
        options={optionsOf(w.table('ventilation'))}
      />
      <ChoiceControl
        of={control}
        name="flame"
        label={w.name('survey', 'canAnythingInThisRoom')}
        options={optionsOf(w.table('flame'))}
      />
      {flame === 'unknown' && <p className="field__hint">{w.name('survey', 'askItUntilThenIt')}</p>}
    </>
  );
};

/** Adds a room, or changes one. */
export const RoomForm = (props: RoomFormProps) => {
  const { room } = props;
  const draft = useDraftedForm<RoomLines, RoomRead>(
    room ? null : `room/${props.homeId}`,
    roomForm,
    roomLines(room),
  );
  const { form } = draft;
  const { save, takeTheirs, adding, editing } = useSaveRoom({
    ...props,
    onDone: (id) => {
      draft.done();
      props.onDone(id);
    },
  });
  return (
    <Form onSubmit={form.handleSubmit((read) => save(read))}>
      <GoesOn of={draft} />
      {!room && <Templates form={form} />}
      <TextControl of={form.control} name="name" label={w.name('homes', 'room')} autoFocus />
      <Size form={form} />
      <Air form={form} />
      <UsualSurfaces form={form} />
      <SaveLine
        stood={Boolean(room)}
        adding={adding}
        editing={editing}
        onMine={(now) => void form.handleSubmit((read) => save(read, now))()}
        onTheirs={() => {
          form.reset(roomLines(room));
          takeTheirs();
        }}
      />
      <button className="btn btn--main">
        {room ? w.name('survey', 'save') : w.name('survey', 'addTheRoom')}
      </button>
    </Form>
  );
};
