import { type Body, type HomeDetail } from '@zymostat/contract';
import { productIds, situations, type ProductId } from '@zymostat/core';
import { useWatch } from 'react-hook-form';
import { Link } from 'react-router';
import { TextControl, TicksControl } from '../../../ui/form/controls.tsx';
import { Form } from '../../../ui/form/Form.tsx';
import { GoesOn } from '../../../ui/form/GoesOn.tsx';
import { useDraftedForm } from '../../../ui/form/useDraftedForm.ts';
import type { FormOf } from '../../../ui/form/useFormOf.ts';
import { w } from '../../../words/words.ts';
import { useAddHomeMutation } from '../api.ts';
import { useEditHomeMutation } from '../surveyApi.ts';
import { homeForm, homeLines, type HomeLines } from './homeForm.ts';
import { SaveLine } from './SaveLine.tsx';
import { useSeen } from './useSeen.ts';

interface Props {
  home?: HomeDetail;
  onDone: (id?: string) => void;
}
type HomeBody = Body<'addHome'>;

/** Adds a home or changes the one that is there. */
const useSaveHome = ({ home, onDone }: Props) => {
  const [addHome, adding] = useAddHomeMutation();
  const [editHome, editing] = useEditHomeMutation();
  const { seen, takeTheirs } = useSeen(home?.revision ?? 0, editing);
  const save = async (body: HomeBody, by = seen) => {
    const saved = home
      ? await editHome({ id: home.id, homeId: home.id, seen: by, body })
      : await addHome(body);
    if (saved.data) onDone(home?.id ?? (saved.data as { id: string }).id);
  };
  return { save, takeTheirs, adding, editing };
};

const kept: ProductId[] = productIds.filter((one) => one !== 'water');

const WhatTheClientKeeps = ({ form }: { form: FormOf<HomeLines, HomeBody> }) => {
  const count = useWatch({ control: form.control, name: 'clientKeeps' }).length;
  return (
    <details open={count > 0}>
      <summary className="field__label cursor-pointer">
        {w.say('survey.whatTheClientKeepsOr', { count })}
      </summary>
      <TicksControl
        of={form.control}
        name="clientKeeps"
        options={kept.map((one) => ({ value: one, name: w.name('product', one) }))}
      />
    </details>
  );
};

const SeveralFromAList = () => (
  <Link className="btn btn--quiet" to="/lists">
    {w.name('survey', 'severalFromAList')}
  </Link>
);

/** Adds a home, or changes one: its name, its place, and who lives there. */
export const HomeForm = (props: Props) => {
  const { home } = props;
  const draft = useDraftedForm<HomeLines, HomeBody>(
    home ? null : 'home',
    homeForm,
    homeLines(home),
  );
  const { form } = draft;
  const { save, takeTheirs, adding, editing } = useSaveHome({
    home,
    onDone: (id) => {
      draft.done();
      props.onDone(id);
    },
  });
  return (
    <Form onSubmit={form.handleSubmit((body) => save(body))}>
      <GoesOn of={draft} />
      <TextControl
        of={form.control}
        name="name"
        label={w.name('survey', 'clientByFirstName')}
        autoFocus
      />
      <TextControl
        of={form.control}
        name="place"
        label={w.name('homes', 'place')}
        hint={w.name('survey', 'streetOrHouseAsThe')}
      />
      <fieldset>
        <legend className="field__label">{w.name('survey', 'whoLivesHere')}</legend>
        <TicksControl
          of={form.control}
          name="situations"
          options={situations.map((one) => ({ value: one, name: w.name('situation', one) }))}
        />
      </fieldset>
      <WhatTheClientKeeps form={form} />
      <SaveLine
        stood={Boolean(home)}
        adding={adding}
        editing={editing}
        onMine={(now) => void form.handleSubmit((body) => save(body, now))()}
        onTheirs={() => {
          form.reset(homeLines(home));
          takeTheirs();
        }}
      />
      <p className="flex flex-wrap items-center justify-between gap-3">
        <button className="btn btn--main">
          {home ? w.name('survey', 'save') : w.name('survey', 'addAndSurvey')}
        </button>
        {!home && <SeveralFromAList />}
      </p>
    </Form>
  );
};
