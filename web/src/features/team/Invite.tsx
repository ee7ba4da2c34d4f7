import type { Answer } from '@zymostat/contract';
import { languageNames, languages, type Language } from '@zymostat/words';
import { v7 as newId } from 'uuid';
import * as v from 'valibot';
import { SegmentsControl, TextControl } from '../../ui/form/controls.tsx';
import { Form } from '../../ui/form/Form.tsx';
import { textLine } from '../../ui/form/lines.ts';
import { GoesOn } from '../../ui/form/GoesOn.tsx';
import { useDraftedForm } from '../../ui/form/useDraftedForm.ts';
import { WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { useInviteMutation } from './api.ts';

const inviteForm = v.object({
  name: textLine,
  role: v.picklist(['cleaner', 'supervisor']),
  language: v.picklist([...languages, 'own']),
});
type Inviting = v.InferOutput<typeof inviteForm>;

interface Props {
  onMade: (invited: Answer<'invite'>) => void;
}

/** Asks somebody in: who, to do what, and in which language. */
export const Invite = ({ onMade }: Props) => {
  const draft = useDraftedForm<Inviting, Inviting>('invite', inviteForm, {
    name: '',
    role: 'cleaner',
    language: 'own',
  });
  const { form } = draft;
  const [invite, { error, isLoading }] = useInviteMutation();
  const make = async ({ name, role, language }: Inviting) => {
    const asked = language === 'own' ? null : language;
    const { data } = await invite({ id: newId(), name, role, language: asked });
    if (!data) return;
    draft.done();
    onMade(data);
  };
  return (
    <Form className="grid max-w-[420px] gap-4" onSubmit={form.handleSubmit(make)}>
      <GoesOn of={draft} />
      <TextControl of={form.control} name="name" label={w.name('team', 'name')} autoFocus />
      <SegmentsControl
        of={form.control}
        name="role"
        label={w.name('team', 'worksAs')}
        options={(['cleaner', 'supervisor'] as const).map((value) => ({
          value,
          name: w.name('roleName', value),
        }))}
      />
      <SegmentsControl
        of={form.control}
        name="language"
        label={w.name('team', 'reads')}
        options={[
          ...languages.map((value: Language) => ({ value, name: languageNames[value] })),
          { value: 'own' as const, name: w.name('team', 'theyChoose') },
        ]}
      />
      <WentWrong error={error} />
      <button className="btn btn--main" disabled={isLoading}>
        {w.name('team', 'makeTheCode')}
      </button>
    </Form>
  );
};
