import { stripSteps } from '@zymostat/core';
import { percent } from '@zymostat/words';
import { useWatch } from 'react-hook-form';
import { ChoiceControl } from '../../../ui/form/controls.tsx';
import { useFormOf } from '../../../ui/form/useFormOf.ts';
import { w } from '../../../words/words.ts';
import { useReadStripMutation } from '../api.ts';
import { CheckFrame, type CheckProps } from './CheckFrame.tsx';
import { stripForm, type StripLines, type StripReading } from './checkForm.ts';

/** Checks peroxide by the colour step of a strip. */
export const StripCheck = ({ batch, onRead, checking }: CheckProps) => {
  const form = useFormOf<StripLines, StripReading>(stripForm, { step: null });
  const [readStrip, strip] = useReadStripMutation();
  const step = useWatch({ control: form.control, name: 'step' });
  const fromStrip = async () => {
    const { data } = await readStrip();
    if (data) form.reset({ step: data.step });
  };
  return (
    <CheckFrame
      onSubmit={form.handleSubmit(onRead)}
      read={{
        name: w.name('bench', 'readTheStrip'),
        busy: strip.isLoading,
        on: () => void fromStrip(),
      }}
      error={strip.error ?? checking.error}
      again={batch.status === 'verified'}
      ready={step !== null && !checking.isLoading}
    >
      <div className="mt-2 max-w-[300px]">
        <ChoiceControl<StripLines, StripLines['step']>
          of={form.control}
          name="step"
          label={w.name('bench', 'colourStepOfTheStrip')}
          options={stripSteps.map((one) => ({ value: one, name: percent(w, one) }))}
        />
      </div>
    </CheckFrame>
  );
};
