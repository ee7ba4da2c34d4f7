import { threats, type LabelUse } from '@zymostat/core';
import { useFieldArray } from 'react-hook-form';
import { SegmentsControl, TextControl, TicksControl } from '../../../ui/form/controls.tsx';
import type { FormOf } from '../../../ui/form/useFormOf.ts';
import { w } from '../../../words/words.ts';
import { nextUse, type ProductBody, type ProductLines } from './productForm.ts';

type OfForm = { form: FormOf<ProductLines, ProductBody> };

const goals: LabelUse['goal'][] = ['disinfect', 'sanitise'];

interface OneProps extends OfForm {
  at: number;
  onTakeOut: (() => void) | undefined;
}

const OneUse = ({ form: { control }, at, onTakeOut }: OneProps) => {
  const i = at + 1;
  return (
    <section className="border-t border-ink pt-3" aria-label={w.say('products.use', { i })}>
      <div className="flex flex-wrap items-end gap-4">
        <SegmentsControl
          of={control}
          name={`uses.${at}.goal`}
          label={w.say('products.useTo', { i })}
          options={goals.map((one) => ({ value: one, name: w.name('goal', one) }))}
        />
        <TextControl
          of={control}
          name={`uses.${at}.minutes`}
          className="w-40"
          label={w.say('products.useWetForMin', { i })}
          figure
        />
        {onTakeOut && (
          <button type="button" className="btn btn--quiet mb-1.5" onClick={onTakeOut}>
            {w.say('products.takeUseOut', { i })}
          </button>
        )}
      </div>
      <fieldset className="mt-2">
        <legend className="field__label">{w.name('products', 'against')}</legend>
        <TicksControl
          of={control}
          name={`uses.${at}.against`}
          options={threats.map((one) => ({ value: one, name: w.name('against', one) }))}
        />
      </fieldset>
    </section>
  );
};

/** What the label says it may be used for, and how long it stays wet for each. */
export const UseFields = ({ form }: OfForm) => {
  const { fields, append, remove } = useFieldArray({ control: form.control, name: 'uses' });
  return (
    <>
      {fields.map(({ id }, at) => (
        <OneUse
          key={id}
          form={form}
          at={at}
          onTakeOut={fields.length > 1 ? () => remove(at) : undefined}
        />
      ))}
      <p>
        <button type="button" className="btn" onClick={() => append(nextUse)}>
          {w.name('products', 'anotherUse')}
        </button>
      </p>
    </>
  );
};
