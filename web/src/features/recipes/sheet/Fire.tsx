import { fireOf, type Masses } from '@zymostat/core';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import type { Made } from '../analysis.ts';

/** Whether it burns: its class and flash point, or that nobody has worked it out. */
export const Fire = ({ made: { label, formula, portions } }: { made: Made }) => {
  const flammable = label.classes.find((one) => one.startsWith('flammable'));
  const named = flammable ? w.name('hazard', flammable) : '';
  const b = (text: React.ReactNode) => <b>{text}</b>;
  if (label.flashPoint !== undefined)
    return rich('bench.flashPointAboutCEstimate', {
      b,
      flashPoint: label.flashPoint.toFixed(0),
      named: named || 'none',
    });
  if (named) return rich('bench.named', { b, named });
  const masses = Object.fromEntries(
    formula.constituents.map(({ component, mass }) => [component, mass]),
  ) as Masses;
  return fireOf(portions, masses) === 'not-known'
    ? w.name('bench', 'notWorkedOutForWhat')
    : w.name('bench', 'whatRisesFromItDoes');
};
