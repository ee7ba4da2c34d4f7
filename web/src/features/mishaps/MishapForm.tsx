import type { Me } from '@zymostat/contract';
import { routes, type Group } from '@zymostat/core';
import { useMeQuery } from '../../api/me.ts';
import { ChoiceControl, SegmentsControl, TextControl } from '../../ui/form/controls.tsx';
import { Form } from '../../ui/form/Form.tsx';
import { GoesOn } from '../../ui/form/GoesOn.tsx';
import { useDraftedForm } from '../../ui/form/useDraftedForm.ts';
import type { FormOf } from '../../ui/form/useFormOf.ts';
import { WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { usePickables, type Pickable } from '../book/pickables.ts';
import { useRoundHomesQuery } from '../rounds/api.ts';
import { useLogMishapMutation } from './api.ts';
import {
  mishapForm,
  mishapLines,
  type MishapBody,
  type MishapKind,
  type MishapLines,
  type MishapRead,
} from './mishapForm.ts';

interface Props {
  kind: MishapKind;
  pair?: [Pickable, Pickable];
  onDone: () => void;
}
type OfForm = { form: FormOf<MishapLines, MishapRead> };

const groupOf = ({ product }: Pickable): Group => product.groups[0]!;

/** What is sent: what met by name, and by its groups where both are known. */
const bodyOf = (
  { one, other, when, ...read }: MishapRead,
  find: (key: string | null) => Pickable | undefined,
): MishapBody => {
  const [a, b] = [find(one), find(other)];
  return {
    ...read,
    at: when,
    products: [a, b].flatMap((given) => (given ? [given.name] : [])),
    pair: a && b ? { one: groupOf(a), other: groupOf(b) } : null,
  };
};

const KindAndWhat = ({ form: { control } }: OfForm) => (
  <>
    <SegmentsControl
      of={control}
      name="kind"
      label={w.name('apart', 'kind')}
      options={[
        { value: 'near-miss', name: w.name('apart', 'nearMiss') },
        { value: 'incident', name: w.name('apart', 'incidentSomebodyWasHurtOr') },
      ]}
    />
    <TextControl
      of={control}
      name="what"
      label={w.name('apart', 'whatHappened')}
      lines={2}
      autoFocus
    />
  </>
);

const notKnown = { value: null, name: w.name('apart', 'notKnown') };

const WhatMet = ({ form: { control } }: OfForm) => {
  const { all } = usePickables();
  const things = [notKnown, ...all.map(({ key, name }) => ({ value: key, name }))];
  const ways = [notKnown, ...routes.map((by) => ({ value: by, name: w.name('route', by) }))];
  return (
    <>
      <ChoiceControl<MishapLines, string | null>
        of={control}
        name="one"
        label={w.name('apart', 'whatMet')}
        options={things}
      />
      <ChoiceControl<MishapLines, string | null>
        of={control}
        name="other"
        label={w.name('apart', 'andWhat')}
        options={things}
      />
      <ChoiceControl<MishapLines, MishapLines['route']>
        of={control}
        name="route"
        label={w.name('apart', 'how')}
        options={ways}
      />
      <TextControl of={control} name="amount" label={w.name('apart', 'howMuch')} />
    </>
  );
};

const WhereAndWho = ({ form: { control } }: OfForm) => {
  const { data: homes = [] } = useRoundHomesQuery();
  const places = [
    { value: null, name: w.name('apart', 'noneAtTheDepot') },
    ...homes.map(({ id, name, place }) => ({ value: id, name: `${name}, ${place}` })),
  ];
  return (
    <>
      <ChoiceControl<MishapLines, string | null>
        of={control}
        name="homeId"
        label={w.name('apart', 'home')}
        options={places}
      />
      <TextControl of={control} name="place" label={w.name('apart', 'where')} />
      <TextControl of={control} name="who" label={w.name('apart', 'who')} />
      <TextControl of={control} name="when" label={w.name('apart', 'when')} type="datetime-local" />
    </>
  );
};

const Asked = ({ me, kind, pair, onDone }: Props & { me: Me }) => {
  const { find } = usePickables();
  const draft = useDraftedForm<MishapLines, MishapRead>(
    pair ? null : kind,
    mishapForm,
    mishapLines(kind, me.person.name, pair),
  );
  const { form } = draft;
  const [logMishap, { error, isLoading }] = useLogMishapMutation();
  const submit = async (read: MishapRead) => {
    const result = await logMishap(bodyOf(read, find));
    if (result.error) return;
    draft.done();
    onDone();
  };
  const { control } = form;
  return (
    <Form onSubmit={form.handleSubmit(submit)}>
      <GoesOn of={draft} />
      <KindAndWhat form={form} />
      <div className="grid grid-cols-2 gap-4">
        <WhatMet form={form} />
        <WhereAndWho form={form} />
      </div>
      <TextControl
        of={control}
        name="symptoms"
        label={w.name('apart', 'whatSomebodyFeltCoughEyes')}
      />
      <TextControl of={control} name="done" label={w.name('apart', 'whatWasDone')} lines={2} />
      <WentWrong error={error} />
      <button className="btn btn--main" disabled={isLoading}>
        {w.name('apart', 'logIt')}
      </button>
      <p className="small soft">{w.name('apart', 'itGoesOnRecordAs')}</p>
    </Form>
  );
};

/**
 * What met what, by which route, where, who noticed, how much, what was felt, and what was done.
 */
export const MishapForm = (props: Props) => {
  const { data: me } = useMeQuery();
  return me && <Asked {...props} me={me} />;
};
