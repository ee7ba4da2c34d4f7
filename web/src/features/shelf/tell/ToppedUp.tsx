import { litres } from '@zymostat/core';
import * as v from 'valibot';
import { inMetric } from '../../../ui/amounts.ts';
import { ChoiceControl, TextControl } from '../../../ui/form/controls.tsx';
import { Form } from '../../../ui/form/Form.tsx';
import { volumeLine } from '../../../ui/form/lines.ts';
import { useFormOf } from '../../../ui/form/useFormOf.ts';
import { w } from '../../../words/words.ts';
import { useShelf } from '../../stock/useShelf.ts';
import { RecordLine } from './RecordLine.tsx';
import { useTell, type AskProps } from './useTell.ts';

const topForm = v.object({ from: v.string(), volume: volumeLine(litres(100)) });
type Lines = v.InferInput<typeof topForm>;
type Read = v.InferOutput<typeof topForm>;

/** From which container of the same it was topped up, and with how much. */
export const ToppedUp = (props: AskProps) => {
  const { of, onDone } = props;
  const telling = useTell(props);
  const same = (useShelf() ?? []).filter(
    ({ id, active, strength }) => id !== of.id && active === of.active && strength === of.strength,
  );
  const before = { from: same[0]?.id ?? '', volume: '' };
  const { control, handleSubmit } = useFormOf<Lines, Read>(topForm, before);
  if (same.length === 0)
    return (
      <p className="flex items-center gap-4">
        {w.name('shelf', 'topUpNone')}
        <button className="btn" onClick={onDone}>
          {w.name('shelf', 'leaveIt')}
        </button>
      </p>
    );
  return (
    <Form
      className="grid max-w-[420px] gap-3"
      onSubmit={handleSubmit((read) => telling.put({ did: 'topped', ...read }))}
    >
      <ChoiceControl<Lines, string>
        of={control}
        name="from"
        label={w.name('shelf', 'topUpFrom')}
        options={same.map(({ id, code, left }) => ({
          value: id,
          name: `${code}, ${inMetric(left)}`,
        }))}
      />
      <TextControl of={control} name="volume" label={w.name('shelf', 'topUpWith')} figure />
      <RecordLine of={telling} onDone={onDone} />
    </Form>
  );
};
