import * as v from 'valibot';
import { TextControl } from '../../../ui/form/controls.tsx';
import { Form } from '../../../ui/form/Form.tsx';
import { maybeLine } from '../../../ui/form/lines.ts';
import { useFormOf } from '../../../ui/form/useFormOf.ts';
import { w } from '../../../words/words.ts';
import { RecordLine } from './RecordLine.tsx';
import { useTell, type AskProps } from './useTell.ts';

const goneForm = v.object({ why: maybeLine });
type Lines = v.InferInput<typeof goneForm>;
type Read = v.InferOutput<typeof goneForm>;

/** Where it was discarded to. */
export const Gone = (props: AskProps) => {
  const telling = useTell(props);
  const { control, handleSubmit } = useFormOf<Lines, Read>(goneForm, { why: '' });
  return (
    <Form
      className="grid max-w-[420px] gap-3"
      onSubmit={handleSubmit((read) => telling.put({ did: 'discarded', ...read }))}
    >
      <TextControl of={control} name="why" label={w.name('shelf', 'where')} autoFocus />
      <RecordLine of={telling} onDone={props.onDone} />
    </Form>
  );
};
