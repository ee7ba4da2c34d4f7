import { airings } from '@zymostat/core';
import { Segments } from '../../ui/form/Choice.tsx';
import { Slider } from '../../ui/form/Slider.tsx';
import { w } from '../../words/words.ts';
import type { Conditions } from './coat.ts';

interface Props {
  conditions: Conditions;
  onChange: (to: Partial<Conditions>) => void;
}

/** Moves the coat and the air of the room. */
export const ConditionSliders = ({ conditions, onChange }: Props) => (
  <>
    <Slider
      label={w.name('wetPage', 'coat')}
      value={Math.round(conditions.microns)}
      from={5}
      to={120}
      step={5}
      unit={w.name('wetPage', 'm')}
      onChange={(microns) => onChange({ microns })}
    />
    <Slider
      label={w.name('wetPage', 'draughtOverIt')}
      value={conditions.draught}
      from={0.02}
      to={1}
      step={0.02}
      unit={w.name('wetPage', 'mS')}
      onChange={(draught) => onChange({ draught })}
    />
    <Slider
      label={w.name('wetPage', 'humidity')}
      value={Math.round(conditions.humidity)}
      from={10}
      to={95}
      step={5}
      unit="%"
      onChange={(humidity) => onChange({ humidity })}
    />
    <Slider
      label={w.name('wetPage', 'temperature')}
      value={conditions.temperature}
      from={8}
      to={34}
      step={1}
      unit={w.name('wetPage', 'c')}
      onChange={(temperature) => onChange({ temperature })}
    />
    <Segments
      label={w.name('wetPage', 'window')}
      value={conditions.airing}
      onChange={(airing) => onChange({ airing })}
      options={airings.map((one) => ({ value: one, name: w.name('airing', one) }))}
    />
  </>
);
