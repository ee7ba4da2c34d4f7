import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { type BatchRow, type CheckReading } from '@zymostat/contract';
import { percent } from '@zymostat/words';
import { w } from '../../words/words.ts';
import {
  activeFacts,
  alcoholOf,
  densityUncertainty,
  isGeneric,
  parseFigure,
  strengthFromDensity,
  stripSteps,
} from '@zymostat/core';
import { useState } from 'react';
import { useCheckBatchMutation, useReadMeterMutation, useReadStripMutation } from './api.ts';
import { figureBetween } from '../../ui/checks.ts';
import { Choice } from '../../ui/Choice.tsx';
import { TextField } from '../../ui/Field.tsx';
import { Form } from '../../ui/Form.tsx';
import { WentWrong } from '../../ui/parts.tsx';

/** People write g/mL or kg/m³; both are read. */
const asDensity = (text: string): number | undefined => {
  const figure = parseFigure(text);
  return figure === undefined ? undefined : figure < 2 ? figure * 1000 : figure;
};
const aDensity = (text: string): string | null => {
  const density = asDensity(text);
  return density !== undefined && density >= 600 && density <= 1300
    ? null
    : w.say('bench.found600To1300Kg', { text: text.trim() });
};

/**
 * Checks a finished batch: alcohol by density and temperature, peroxide by strip; typed, or read
 * off the instrument.
 */
export const CheckForm = ({ batch }: { batch: BatchRow }) => {
  const [density, setDensity] = useState('');
  const [temperature, setTemperature] = useState('');
  const [step, setStep] = useState<number | null>(null);
  const [readMeter, meter] = useReadMeterMutation();
  const [readStrip, strip] = useReadStripMutation();
  const [check, checking] = useCheckBatchMutation();
  const alcohol = alcoholOf(batch.active);
  const [d, t] = [asDensity(density), parseFigure(temperature)];
  const reading: CheckReading | undefined = alcohol
    ? d !== undefined &&
      aDensity(density) === null &&
      t !== undefined &&
      figureBetween(-10, 40, '°C')(temperature) === null
      ? { by: 'density', density: d, temperature: t }
      : undefined
    : step === null
      ? undefined
      : { by: 'strip', step: step as (typeof stripSteps)[number] };
  const tells =
    alcohol && reading?.by === 'density'
      ? strengthFromDensity(alcohol, reading.density, reading.temperature)
      : undefined;

  const fromMeter = async () => {
    const { data } = await readMeter();
    if (data) {
      setDensity(String(data.density));
      setTemperature(String(data.temperature));
    }
  };
  const fromStrip = async () => {
    const { data } = await readStrip();
    if (data) setStep(data.step);
  };
  const submit = () => {
    if (reading) void check({ id: batch.id, body: reading });
  };
  if (activeFacts[batch.active].family === 'vinegar')
    return <p className="small soft mt-4">{w.name('bench', 'itCleansAndClaimsNothing')}</p>;
  if (!isGeneric(batch.active))
    return <p className="small soft mt-4">{w.name('bench', 'itIsUsedAsSold')}</p>;
  return (
    <Form
      className="mt-5 max-w-[640px] border-t border-ink pt-3"
      onSubmit={submit}
      label={w.name('bench', 'checkTheBatch')}
    >
      <div className="flex items-baseline justify-between">
        <h2>{w.name('bench', 'checkIt')}</h2>
        <button
          type="button"
          className="btn btn--quiet"
          disabled={meter.isLoading || strip.isLoading}
          onClick={() => void (alcohol ? fromMeter() : fromStrip())}
        >
          {alcohol ? w.name('bench', 'readTheDensityMeter') : w.name('bench', 'readTheStrip')}
        </button>
      </div>
      {alcohol ? (
        <div className="mt-2 grid grid-cols-1 gap-3 sm:grid-cols-2">
          <TextField
            label={w.name('bench', 'densityKgMOrG')}
            value={density}
            onChange={setDensity}
            check={aDensity}
            figure
          />
          <TextField
            label={w.name('bench', 'temperatureC')}
            value={temperature}
            onChange={setTemperature}
            check={figureBetween(-10, 40, '°C')}
            figure
          />
        </div>
      ) : (
        <div className="mt-2 max-w-[300px]">
          <Choice
            label={w.name('bench', 'colourStepOfTheStrip')}
            value={step}
            onChange={setStep}
            options={stripSteps.map((one) => ({ value: one, name: percent(w, one) }))}
          />
        </div>
      )}
      {tells !== undefined && (
        <p className="small soft mt-2">
          {rich('bench.thatIsVVAt', {
            b: (text: ReactNode) => <b className="fig">{text}</b>,
            round: percent(w, Math.round(tells * 1000) / 1000),
            alcohol: percent(w, densityUncertainty[alcohol!]),
          })}
        </p>
      )}
      <WentWrong error={meter.error ?? strip.error ?? checking.error} />
      <p className="mt-3">
        <button
          className={`btn ${batch.status === 'unchecked' ? 'btn--main' : ''}`}
          disabled={!reading || checking.isLoading}
        >
          {batch.status === 'verified'
            ? w.name('bench', 'checkAgain')
            : w.name('bench', 'checkTheBatch')}
        </button>
      </p>
    </Form>
  );
};
