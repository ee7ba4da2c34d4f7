import type { Chance, HouseRules, Span } from '@zymostat/core';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import type { ChanceWorker } from '../../../workers/chance.worker.ts';
import { DRAWS, useWorkerDraws } from '../../../workers/useWorkerDraws.ts';
import { leading, spanFor, type Made } from '../analysis.ts';

const makeWorker = () =>
  new Worker(new URL('../../../workers/chance.worker.ts', import.meta.url), { type: 'module' });

/** What changes the strength most, as people measure. */
const leverOf = ({ lever }: Chance, made: Made): string => {
  const row = lever.row + 1;
  if (lever.by === 'stock') return w.say('bench.whatTheStockOfLine', { row });
  const portion = made.portions.find((one) => one.row === lever.row);
  return w.say('bench.theAmountOfLine', {
    row,
    portion: portion ? w.name('tool', portion.tool) : '',
  });
};

const Drawn = ({ chance, made }: { chance: Chance; made: Made }) => (
  <span role="status">
    {rich('bench.inStrengthTimesIn100', {
      b: (text) => <b className="fig">{text}</b>,
      round: Math.round((100 * chance.within) / chance.draws),
      by: leverOf(chance, made),
    })}
  </span>
);

interface DrawsProps {
  made: Made;
  strong: 'alcohol' | 'peroxide';
  span: Span;
}

const Draws = ({ made, strong, span }: DrawsProps) => {
  const { drawn, ask, cancel } = useWorkerDraws<ChanceWorker, Chance>(makeWorker);
  const start = () =>
    void ask((worker, tell) =>
      worker.draw({ portions: [...made.portions], strong, span, draws: DRAWS }, tell),
    );
  if (drawn.state === 'drawn') return <Drawn chance={drawn.result} made={made} />;
  if (drawn.state !== 'drawing')
    return (
      <button className="btn btn--quiet" onClick={start}>
        {w.name('bench', 'howSureAsPeopleMeasure')}
      </button>
    );
  return (
    <span role="status">
      {w.say('bench.measuringItOfTimes', {
        done: drawn.done.toLocaleString(w.locale),
        DRAWS: DRAWS.toLocaleString(w.locale),
      })}{' '}
      <button className="btn btn--quiet" onClick={cancel}>
        {w.name('bench', 'cancel')}
      </button>
    </span>
  );
};

/** How sure the strength is, as people measure; drawn in a worker, and can be stopped. */
export const HowSure = ({ made, rules }: { made: Made; rules: HouseRules }) => {
  const lead = leading(made.formula);
  const span = lead && spanFor(lead.active, rules);
  if (!span || (lead.family !== 'alcohol' && lead.family !== 'peroxide'))
    return w.name('bench', 'nothingInItHasA');
  return <Draws made={made} strong={lead.family} span={span} />;
};
