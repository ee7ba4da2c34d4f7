import { alcoholOf, densityUncertainty, strengthFromDensity } from '@zymostat/core';
import { percent } from '@zymostat/words';
import { useWatch } from 'react-hook-form';
import * as v from 'valibot';
import { TextControl } from '../../../ui/form/controls.tsx';
import { useFormOf, type FormOf } from '../../../ui/form/useFormOf.ts';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import { useReadMeterMutation } from '../api.ts';
import { CheckFrame, type CheckProps } from './CheckFrame.tsx';
import { densityForm, type DensityLines, type DensityReading } from './checkForm.ts';

type DensityFormOf = FormOf<DensityLines, DensityReading>;

/** The strength that a density says, as soon as it is filled in. */
const Tells = ({ form, batch }: { form: DensityFormOf } & Pick<CheckProps, 'batch'>) => {
  const read = v.safeParse(densityForm, useWatch({ control: form.control }));
  const alcohol = alcoholOf(batch.active);
  const tells =
    alcohol && read.success
      ? strengthFromDensity(alcohol, read.output.density, read.output.temperature)
      : undefined;
  if (!alcohol || tells === undefined) return null;
  return (
    <p className="small soft mt-2">
      {rich('bench.thatIsVVAt', {
        b: (text) => <b className="fig">{text}</b>,
        round: percent(w, Math.round(tells * 1000) / 1000),
        alcohol: percent(w, densityUncertainty[alcohol]),
      })}
    </p>
  );
};

/** Checks alcohol by its density and temperature. */
export const DensityCheck = ({ batch, onRead, checking }: CheckProps) => {
  const form = useFormOf<DensityLines, DensityReading>(densityForm, {
    density: '',
    temperature: '',
  });
  const [readMeter, meter] = useReadMeterMutation();
  const fromMeter = async () => {
    const { data } = await readMeter();
    if (data) form.reset({ density: String(data.density), temperature: String(data.temperature) });
  };
  const filled = v.is(densityForm, useWatch({ control: form.control }));
  return (
    <CheckFrame
      onSubmit={form.handleSubmit(onRead)}
      read={{
        name: w.name('bench', 'readTheDensityMeter'),
        busy: meter.isLoading,
        on: () => void fromMeter(),
      }}
      error={meter.error ?? checking.error}
      again={batch.status === 'verified'}
      ready={filled && !checking.isLoading}
    >
      <div className="mt-2 grid grid-cols-1 gap-3 sm:grid-cols-2">
        <TextControl
          of={form.control}
          name="density"
          label={w.name('bench', 'densityKgMOrG')}
          figure
        />
        <TextControl
          of={form.control}
          name="temperature"
          label={w.name('bench', 'temperatureC')}
          figure
        />
      </div>
      <Tells form={form} batch={batch} />
    </CheckFrame>
  );
};
