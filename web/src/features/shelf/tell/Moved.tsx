import * as v from 'valibot';
import { ChoiceControl, TextControl } from '../../../ui/form/controls.tsx';
import { Form } from '../../../ui/form/Form.tsx';
import { maybeLine } from '../../../ui/form/lines.ts';
import { useFormOf } from '../../../ui/form/useFormOf.ts';
import { w } from '../../../words/words.ts';
import { choiceOf, keptChoices, keptOptions, storageOf, type KeptChoice } from '../keptForm.ts';
import { RecordLine } from './RecordLine.tsx';
import { useTell, type AskProps } from './useTell.ts';

const movedForm = v.object({ why: maybeLine, kept: v.picklist(keptChoices) });
type Lines = v.InferInput<typeof movedForm>;
type Read = v.InferOutput<typeof movedForm>;

/** Where it stands now, and how it is kept there. */
export const Moved = (props: AskProps) => {
  const telling = useTell(props);
  const before = { why: '', kept: choiceOf(props.of.storage) };
  const { control, handleSubmit } = useFormOf<Lines, Read>(movedForm, before);
  return (
    <Form
      className="grid max-w-[420px] gap-3"
      onSubmit={handleSubmit(({ why, kept }) =>
        telling.put({ did: 'moved', why, storage: storageOf(kept) }),
      )}
    >
      <TextControl of={control} name="why" label={w.name('shelf', 'whereTo')} autoFocus />
      <ChoiceControl<Lines, KeptChoice>
        of={control}
        name="kept"
        label={w.name('shelf', 'keeps')}
        options={keptOptions()}
      />
      <RecordLine of={telling} onDone={props.onDone} />
    </Form>
  );
};
