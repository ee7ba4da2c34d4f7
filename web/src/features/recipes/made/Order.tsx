import { ingredientName } from '@zymostat/core';
import { w } from '../../../words/words.ts';
import { spoilt, type Analysis, type Made } from '../analysis.ts';

/** No order is given for what must not be made, splits, or is not understood. */
const mayBePoured = ({ name, reasons }: Analysis['verdict']) =>
  name !== 'dangerous' && name !== 'not known yet' && !reasons.some(({ code }) => spoilt.has(code));

/** Why it comes then: what it waits for, or what waits for it. */
const whyThen = (order: Made['order'], at: number): string => {
  if (!order.ok) return '';
  const waits = order.arrows.findLast(({ after }) => after === at);
  if (waits) return w.name('pouredAfter', waits.because);
  const waited = order.arrows.find(({ before }) => before === at);
  return waited ? w.name('pouredBefore', waited.because) : w.name('bench', 'asItComes');
};

const Steps = ({ order, portions }: Made) =>
  order.ok && (
    <ol className="pour">
      {order.steps.map((at, i) => {
        const { ingredient, mass } = portions[at]!;
        return (
          <li key={at}>
            <b className="fig">{i + 1}</b>
            <span>{ingredientName(ingredient, w.language)}</span>
            <span className="fig">
              {w.say('bench.g', { mass: (mass * 1000).toFixed(mass < 0.01 ? 1 : 0) })}
            </span>
            <span className="soft">{whyThen(order, at)}</span>
          </li>
        );
      })}
    </ol>
  );

interface Props {
  made: Made;
  verdict: Analysis['verdict'];
}

/** In what order its portions are poured, and why. */
export const Order = ({ made, verdict }: Props) => {
  const may = mayBePoured(verdict);
  return (
    <section className="mt-4" aria-label={w.name('bench', 'orderOfPouring')}>
      <div className="mb-1 flex items-baseline justify-between">
        <h2>{w.name('bench', 'orderOfPouring')}</h2>
        <span className="small soft">
          {may ? w.name('bench', 'soThatItNeitherFoams') : w.name('bench', 'noneNotToBeMade')}
        </span>
      </div>
      {may && <Steps {...made} />}
    </section>
  );
};
