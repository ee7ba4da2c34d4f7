import { groups, materialIds, type Group, type MaterialId } from '@zymostat/core';
import { useWatch } from 'react-hook-form';
import { TextControl, TicksControl } from '../../../ui/form/controls.tsx';
import type { FormOf } from '../../../ui/form/useFormOf.ts';
import { w } from '../../../words/words.ts';
import type { ProductBody, ProductLines } from './productForm.ts';

type OfForm = { form: FormOf<ProductLines, ProductBody> };

const reactive: Group[] = groups.filter((group) => group !== 'water');
const materials: readonly MaterialId[] = materialIds;

/** What it is called, how much of it there is, and until when it is good. */
export const NameAndAmount = ({ form: { control } }: OfForm) => (
  <>
    <TextControl of={control} name="name" label={w.name('products', 'nameOnTheLabel')} />
    <div className="grid grid-cols-1 gap-4 sm:grid-cols-3">
      <TextControl
        of={control}
        name="expires"
        label={w.name('products', 'goodUntil')}
        type="date"
      />
      <TextControl of={control} name="size" label={w.name('products', 'howMuch')} figure />
      <TextControl of={control} name="price" label={w.name('products', 'priceALitre')} figure />
    </div>
  </>
);

/** How long it keeps once thinned, and in what water it works. */
const Thinned = ({ form: { control } }: OfForm) => (
  <>
    <TextControl of={control} name="days" label={w.name('products', 'dilutedItKeepsDays')} figure />
    <TextControl
      of={control}
      name="hardness"
      label={w.name('products', 'hardestWaterPpm')}
      figure
      hint={w.name('products', 'emptyWhereTheLabelDoes')}
    />
  </>
);

/** Its registration, and how a concentrate is thinned. */
export const RegistrationAndDilution = ({ form }: OfForm) => {
  const { control } = form;
  const water = useWatch({ control, name: 'water' });
  return (
    <div className="grid grid-cols-1 gap-4 sm:grid-cols-4">
      <TextControl
        of={control}
        name="registration"
        label={w.name('products', 'registrationNumber')}
        hint={w.name('products', 'asOnTheLabelNone')}
      />
      <TextControl
        of={control}
        name="water"
        label={w.name('products', 'partsOfWaterToOne')}
        figure
        hint={w.name('products', 'emptyWhereItIsUsed')}
      />
      {water.trim() !== '' && <Thinned form={form} />}
    </div>
  );
};

/** What is in it, and what it may not touch. */
export const GroupsAndMaterials = ({ form: { control } }: OfForm) => {
  const count = useWatch({ control, name: 'notOn' }).length;
  return (
    <>
      <fieldset className="border-t border-ink pt-3">
        <legend className="field__label">{w.name('products', 'whatIsInIt')}</legend>
        <TicksControl
          of={control}
          name="groups"
          options={reactive.map((one) => ({ value: one, name: w.name('group', one) }))}
        />
      </fieldset>
      <details open={count > 0}>
        <summary className="field__label cursor-pointer">
          {w.say('products.neverOnByTheLabel', { count })}
        </summary>
        <fieldset>
          <legend className="field__label">
            {w.name('products', 'materialsThatTheLabelExcludes')}
          </legend>
          <TicksControl
            of={control}
            name="notOn"
            options={materials.map((one) => ({ value: one, name: w.name('material', one) }))}
          />
        </fieldset>
      </details>
    </>
  );
};
