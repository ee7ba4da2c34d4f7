import type { Body } from '@zymostat/contract';
import * as v from 'valibot';
import { SegmentsControl, TextControl } from '../../ui/form/controls.tsx';
import { Form } from '../../ui/form/Form.tsx';
import { textLine } from '../../ui/form/lines.ts';
import { useFormOf } from '../../ui/form/useFormOf.ts';
import { WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { useAddPlaceMutation } from './api.ts';

const kinds = ['caddy', 'shelf'] as const;
const placeForm = v.object({ kind: v.picklist(kinds), name: textLine });
type NewPlaceBody = Body<'addPlace'>;

/** Writes down a shelf or a caddy. */
export const NewPlace = ({ onDone }: { onDone: () => void }) => {
  const form = useFormOf<NewPlaceBody, NewPlaceBody>(placeForm, { kind: 'caddy', name: '' });
  const [addPlace, { error }] = useAddPlaceMutation();
  const submit = async (body: NewPlaceBody) => {
    const result = await addPlace(body);
    if (!result.error) onDone();
  };
  return (
    <Form onSubmit={form.handleSubmit(submit)}>
      <SegmentsControl
        of={form.control}
        name="kind"
        label={w.name('apart', 'kind')}
        options={kinds.map((value) => ({ value, name: w.name('apart', value) }))}
      />
      <TextControl of={form.control} name="name" label={w.name('apart', 'name')} autoFocus />
      <WentWrong error={error} />
      <button className="btn btn--main">{w.name('apart', 'addIt')}</button>
    </Form>
  );
};
