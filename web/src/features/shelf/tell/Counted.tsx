import { litres } from '@zymostat/core';
import * as v from 'valibot';
import { TextControl } from '../../../ui/form/controls.tsx';
import { Form } from '../../../ui/form/Form.tsx';
import { maybeLine, volumeLine } from '../../../ui/form/lines.ts';
import { useFormOf } from '../../../ui/form/useFormOf.ts';
import { inMetric } from '../../../ui/amounts.ts';
import { w } from '../../../words/words.ts';
import { RecordLine } from './RecordLine.tsx';
import { useTell, type AskProps } from './useTell.ts';

const countForm = v.object({ volume: volumeLine(litres(100)), why: maybeLine });
type Lines = v.InferInput<typeof countForm>;
type Read = v.InferOutput<typeof countForm>;

/** How much is left in it, and why that differs. */
export const Counted = (props: AskProps) => {
  const telling = useTell(props);
  const before = { volume: inMetric(props.of.left), why: '' };
  const { control, handleSubmit } = useFormOf<Lines, Read>(countForm, before);
  return (
    <Form
      className="grid max-w-[420px] gap-3"
      onSubmit={handleSubmit((read) => telling.put({ did: 'counted', ...read }))}
    >
      <TextControl of={control} name="volume" label={w.name('shelf', 'counted')} figure autoFocus />
      <TextControl of={control} name="why" label={w.name('shelf', 'why')} />
      <RecordLine of={telling} onDone={props.onDone} />
    </Form>
  );
};
