import type { Claim, Formula, FormulaVerdict } from '@zymostat/core';
import { percent, type KeyOf } from '@zymostat/words';
import { w } from '../../../words/words.ts';
import type { Made } from '../analysis.ts';

const part = (fraction: number) => {
  const places = fraction >= 0.0995 ? 1000 : 10_000;
  return percent(w, Math.round(fraction * places) / places);
};

const strengthsOf = ({ constituents }: Formula): string =>
  constituents
    .filter(({ component }) => component !== 'water')
    .slice(0, 3)
    .map(({ component, vv, wv }) => `${w.name('component', component)} ${part(vv ?? wv)}`)
    .join(', ') || w.name('component', 'water');

const purposeOf = ({ name }: FormulaVerdict, claim: Claim): string => {
  if (name === 'dangerous') return w.name('bench', 'mustNotBeMade');
  const cleaning = name === 'disinfecting' && claim !== 'disinfect';
  const is = w.say('bench.labelPurpose', {
    is: w.name('mixture', name),
    cleaning: cleaning ? 'yes' : 'no',
  });
  return `${is.charAt(0).toUpperCase()}${is.slice(1)}`;
};

interface Labelled {
  made: Made;
  verdict: FormulaVerdict;
  claim: Claim;
  name: string;
  company: string;
}

/** What the label of a mixture would have to say. */
export const labelOf = ({ made: { formula, label }, verdict, claim, name, company }: Labelled) => ({
  company,
  code: w.name('bench', 'preview'),
  title: name || w.name('bench', 'thisMixture'),
  strength: strengthsOf(formula),
  purpose: purposeOf(verdict, claim),
  ...(label.signal ? { signal: label.signal } : {}),
  pictograms: label.pictograms,
  statements: label.statements.map((code) => w.name('statement', code as KeyOf<'statement'>)),
  precautions: label.precautions.slice(0, 3).map((code) => w.name('precaution', code)),
  neverWith: w.name('bench', 'anyOtherProduct'),
  madeBy: '',
  emergency: '',
});
