import { groups, routes, type Group, type Route } from '@zymostat/core';
import { groupOrAnything } from '@zymostat/words';
import type { Control } from 'react-hook-form';
import {
  ChoiceControl,
  SegmentsControl,
  TextControl,
  TicksControl,
} from '../../../ui/form/controls.tsx';
import { Form } from '../../../ui/form/Form.tsx';
import { GoesOn } from '../../../ui/form/GoesOn.tsx';
import { useDraftedForm } from '../../../ui/form/useDraftedForm.ts';
import { WentWrong } from '../../../ui/parts.tsx';
import { w } from '../../../words/words.ts';
import { useAddRuleMutation } from '../api.ts';
import { ruleForm, strict, type RuleBody, type RuleLines } from './ruleForm.ts';

interface From {
  one: Group;
  other: Group;
  route: Route | null;
  happens: string;
}

const linesFrom = (from?: From): RuleLines => ({
  one: from?.one ?? 'peroxide',
  other: from?.other ?? 'detergent',
  severity: 'never',
  by: [from?.route ?? 'surface'],
  happens: from?.happens ?? '',
  remedy: '',
});

type Of = { of: Control<RuleLines, unknown, RuleBody> };
const named = (group: Group) => ({ value: group, name: w.name('group', group) });

const WhichTwo = ({ of }: Of) => (
  <div className="grid grid-cols-2 gap-4">
    <ChoiceControl<RuleLines, RuleLines['one']>
      of={of}
      name="one"
      label={w.name('apart', 'this')}
      options={groups.map(named)}
    />
    <ChoiceControl<RuleLines, RuleLines['other']>
      of={of}
      name="other"
      label={w.name('apart', 'with2')}
      options={[...groups.map(named), { value: 'anything', name: groupOrAnything(w, 'anything') }]}
    />
  </div>
);

const HowBad = ({ of }: Of) => (
  <>
    <SegmentsControl
      of={of}
      name="severity"
      label={w.name('apart', 'howBad')}
      options={strict.map((value) => ({ value, name: w.name('severity', value).toLowerCase() }))}
    />
    <fieldset>
      <legend className="field__label">{w.name('apart', 'byWhichRoutes')}</legend>
      <TicksControl
        of={of}
        name="by"
        options={routes.map((route) => ({ value: route, name: w.name('route', route) }))}
      />
    </fieldset>
  </>
);

/** Adds a rule of the company's own. It makes things stricter; nobody can make the book milder. */
export const RuleForm = ({ from, onDone }: { from?: From; onDone: () => void }) => {
  const draft = useDraftedForm<RuleLines, RuleBody>(
    from ? null : 'rule',
    ruleForm,
    linesFrom(from),
  );
  const [addRule, { error, isLoading }] = useAddRuleMutation();
  const submit = async (body: RuleBody) => {
    const result = await addRule(body);
    if (result.error) return;
    draft.done();
    onDone();
  };
  const { control, handleSubmit } = draft.form;
  return (
    <Form onSubmit={handleSubmit(submit)}>
      <GoesOn of={draft} />
      <WhichTwo of={control} />
      <HowBad of={control} />
      <TextControl of={control} name="happens" label={w.name('apart', 'whatHappens')} lines={2} />
      <TextControl of={control} name="remedy" label={w.name('apart', 'whatToDo')} lines={2} />
      <WentWrong error={error} />
      <button className="btn btn--main" disabled={isLoading}>
        {w.name('apart', 'addItToTheBook')}
      </button>
      <p className="small soft">{w.name('apart', 'itBindsAtOnceAt')}</p>
    </Form>
  );
};
