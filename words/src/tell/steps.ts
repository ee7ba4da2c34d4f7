import { coats, type Application, type Step, type TreatedSurface } from '@zymostat/core';
import { duration, strengthOf } from '../figures.ts';
import type { KeyOf, Words } from '../words.ts';

/** One trigger stroke is about a millilitre. Source: common practice, no source. */
const STROKE = 1e-6;
const strokes = (area: number, application: Application): number =>
  Math.max(1, Math.round((area * coats[application]) / STROKE));

type Treated = Pick<TreatedSurface, 'area' | 'treatment'>;

/** A step as an order to whoever does it, with how much and how long. */
const orderOf = (words: Words, step: Step, { area, treatment }: Treated): string => {
  const { say, name } = words;
  if (step === 'hold') return say('order.hold', { time: duration(words, treatment?.seconds ?? 0) });
  if (step !== 'spray' && step !== 'on-cloth') return name('order', step);
  if (!treatment) return '';
  const { active, strength, application } = treatment;
  const what =
    active === 'registered product'
      ? name('order', 'product')
      : `${strengthOf(words, active, strength)} ${name('active', active)}`;
  return say(`order.${step}`, { what, count: strokes(area, application) });
};

/** The steps at a surface as orders, one sentence each. */
export const stepOrders = (
  words: Words,
  steps: readonly Step[],
  of: Treated,
): { step: Step; order: string }[] =>
  steps.map((step, i) => ({
    step,
    order:
      step === 'flush' && steps[i - 1] === 'flush'
        ? words.name('order', 'flush-again')
        : orderOf(words, step, of),
  }));

/** The steps in one line, for a headline: what differs from the ordinary comes first. */
export const stepLine = ({ name }: Words, steps: readonly Step[]): string =>
  [...new Set(steps)]
    .filter((step) => step !== 'gloves' && step !== 'look')
    .map((step) => name('step', step))
    .join(', ');

const cleanings: readonly KeyOf<'cleaned'>[] = [
  'wash',
  'damp-wipe',
  'dry-wipe',
  'vacuum',
  'launder',
  'maker-only',
];
/** Which of the steps is the cleaning. */
export const cleanedStep = (steps: readonly Step[]): KeyOf<'cleaned'> =>
  cleanings.find((step) => steps.includes(step)) ?? 'wash';
