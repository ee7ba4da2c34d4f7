import { w } from '../../words/words.ts';
import type { ChartProps } from './chartProps.ts';

/** What the chart's marks mean. */
export const Legend = ({ cleaners }: Pick<ChartProps, 'cleaners'>) => (
  <p className="visit-read">
    {cleaners.map(({ id, name }, c) => (
      <span key={id}>
        <i className={`visit-step visit-step--${c % 4}`} />
        {w.say('visitPlan.legendWorks', { who: name })}
      </span>
    ))}
    <span>
      <i className="visit-read__thread" />
      {w.name('visitPlan', 'legendWalks')}
    </span>
    <span>
      <i className="visit-band fill" data-family="peroxide" />
      {w.name('visitPlan', 'legendWet')}
    </span>
    <span>
      <i className="visit-read__notch" />
      {w.name('visitPlan', 'legendMet')}
    </span>
    <span>
      <i className="visit-step visit-step--rewet" />
      {w.name('visitPlan', 'legendRewet')}
    </span>
  </p>
);
