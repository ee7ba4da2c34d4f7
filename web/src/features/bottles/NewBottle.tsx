import type { Body } from '@zymostat/contract';
import { bottleMaterials, litres, type BottleMaterial } from '@zymostat/core';
import * as v from 'valibot';
import { ChoiceControl, TextControl, TickControl } from '../../ui/form/controls.tsx';
import { Form } from '../../ui/form/Form.tsx';
import { volumeLine } from '../../ui/form/lines.ts';
import { useFormOf } from '../../ui/form/useFormOf.ts';
import { WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { useAddBottleMutation } from '../batches/api.ts';

interface BottleLines {
  material: BottleMaterial;
  volume: string;
  opaque: boolean;
}
type NewBottleBody = Body<'addBottle'>;

const bottleForm = v.object({
  material: v.picklist(bottleMaterials),
  volume: volumeLine(litres(100)),
  opaque: v.boolean(),
});

/** Takes a bottle into use: what it is made of, how much it holds, whether light comes in. */
export const NewBottle = ({ onDone }: { onDone: (id?: string) => void }) => {
  const { control, handleSubmit } = useFormOf<BottleLines, NewBottleBody>(bottleForm, {
    material: 'HDPE',
    volume: w.name('bench', 'n500Ml'),
    opaque: true,
  });
  const [add, adding] = useAddBottleMutation();
  const submit = async (body: NewBottleBody) => {
    const { data } = await add(body);
    if (data) onDone(data.id);
  };
  return (
    <Form onSubmit={handleSubmit(submit)}>
      <ChoiceControl<BottleLines, BottleMaterial>
        of={control}
        name="material"
        label={w.name('bench', 'madeOf')}
        options={bottleMaterials.map((one) => ({
          value: one,
          name: w.name('bottleMaterial', one),
        }))}
      />
      <TextControl of={control} name="volume" label={w.name('bench', 'itHolds2')} figure />
      <TickControl of={control} name="opaque" label={w.name('bench', 'opaqueOrBrown')} />
      <WentWrong error={adding.error} />
      <p className="flex gap-3">
        <button className="btn btn--main" disabled={adding.isLoading}>
          {w.name('bench', 'takeItIntoUse')}
        </button>
        <button type="button" className="btn" onClick={() => onDone()}>
          {w.name('bench', 'leaveIt')}
        </button>
      </p>
    </Form>
  );
};
