import {
  asTheTableSays,
  cleanerRatios,
  lifters,
  limeAmounts,
  parseFigure,
  type Loosening as Loosened,
  type Soil,
  type SoilJob,
} from '@zymostat/core';
import { number, ratioInWords, upper } from '@zymostat/words';
import { useState } from 'react';
import { figureBetween } from '../../../ui/form/checks.ts';
import { TextField } from '../../../ui/form/Field.tsx';
import { Form } from '../../../ui/form/Form.tsx';
import { Slider } from '../../../ui/form/Slider.tsx';
import { Switches } from '../../../ui/form/Switches.tsx';
import { w } from '../../../words/words.ts';

interface PartProps {
  job: SoilJob;
  loosened: Loosened;
  onSet: (to: Partial<Loosened>) => void;
}

/** How much of it, between its ends, with what more of it does. */
const HowMuch = ({ job, onSet, onMove }: PartProps & { onMove: (ratio: number) => void }) => {
  const { cleaner, ratio } = job.cleaners.at(-1)!;
  const { least, most, more, unit } = cleanerRatios[cleaner];
  if (least === most) return null;
  const shown = unit === 'fraction' ? 100 : 1;
  return (
    <div>
      <Slider
        label={w.name('protocol', 'howMuch')}
        value={Number((ratio * shown).toFixed(2))}
        from={least * shown}
        to={most * shown}
        step={unit === 'fraction' ? 0.5 : 0.5}
        unit={ratioInWords(w, cleaner, ratio).replace(/^[\d.,]+\s*/u, '')}
        onChange={(value) => onMove(value / shown)}
        onDone={() => onSet({ ratio })}
      />
      <span className="small soft">{w.name('ratioMore', more)}</span>
    </div>
  );
};

/** Minutes that it is to stay, within what is borne; empty: as the table says. */
const Minutes = ({ job: { lies }, loosened, onSet }: PartProps) => {
  const given = loosened.seconds === null ? '' : String(loosened.seconds / 60);
  const [text, setText] = useState(given);
  if (!lies) return null;
  const check = (value: string) =>
    value.trim() === '' ? null : figureBetween(0, 1440, 'min')(value);
  const submit = () => {
    if (check(text)) return;
    onSet({ seconds: text.trim() === '' ? null : parseFigure(text)! * 60 });
  };
  const minutes = lies.least / 60;
  return (
    <Form className="flex items-end gap-2" onSubmit={submit}>
      <TextField
        className="w-36"
        label={w.name('protocol', 'minutesOn')}
        figure
        value={text}
        onChange={setText}
        check={check}
        hint={
          loosened.seconds === null
            ? w.say('protocol.minutesByTable', { minutes: number(w, minutes) })
            : undefined
        }
      />
      <button className="btn mb-1">{w.name('protocol', 'keep')}</button>
    </Form>
  );
};

interface ControlsProps extends PartProps {
  soil: Soil;
  onMove: (ratio: number) => void;
}

/** With what, how much, how long, how much lime: each saved as it is chosen. */
export const LooseningControls = (props: ControlsProps) => {
  const { job, loosened, soil, onSet } = props;
  const ways = lifters(soil);
  const last = job.cleaners.at(-1)!.cleaner;
  return (
    <div className="mb-3 flex flex-wrap items-end gap-x-6 gap-y-3">
      {ways.length > 1 && (
        <Switches
          label={w.name('protocol', 'looseWith')}
          value={last}
          options={ways.map((one) => ({ value: one, name: upper(w.name('cleaner', one)) }))}
          onChange={(cleaner) => onSet({ cleaner, ratio: null, seconds: null })}
        />
      )}
      <HowMuch {...props} />
      {soil === 'limescale' && (
        <Switches
          label={w.name('protocol', 'howMuchLime')}
          value={loosened.lime ?? 'crust'}
          options={limeAmounts.map((one) => ({ value: one, name: w.name('limeAmount', one) }))}
          onChange={(lime) => onSet({ lime })}
        />
      )}
      <Minutes key={`${last} ${loosened.seconds ?? ''}`} {...props} />
      {Object.values(loosened).some((one) => one !== null) && (
        <button className="btn btn--quiet mb-1" onClick={() => onSet(asTheTableSays)}>
          {w.name('protocol', 'asTheTable')}
        </button>
      )}
    </div>
  );
};
