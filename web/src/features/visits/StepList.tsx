import { duration } from '@zymostat/words';
import { w } from '../../words/words.ts';
import type { ChartProps } from './chartProps.ts';

/** How far one press moves a step, s. */
const BY = [-60, -15, 15, 60];

interface Props extends Pick<ChartProps, 'drawn' | 'cleaners' | 'onMove'> {
  name: string;
  treatments: readonly string[];
}

/** The steps of one surface, to be moved by pressing: earlier, later, or to somebody else. */
export const StepList = ({ name, treatments, drawn, cleaners, onMove }: Props) => {
  const own = drawn.filter(({ step }) => treatments.includes(step.treatment));
  return (
    <section aria-label={name}>
      <h2>{w.say('visitPlan.stepsOf', { what: name })}</h2>
      <ul>
        {own.map(({ step, at, says }) => (
          <li key={at} className="flex flex-wrap items-center gap-x-3 gap-y-1 py-1">
            <span className="min-w-80">{says}</span>
            {BY.map((by) => (
              <button
                key={by}
                className="btn btn--quiet"
                onClick={() =>
                  onMove(at, { cleaner: step.cleaner, start: Math.max(0, step.start + by) })
                }
              >
                {w.say(by < 0 ? 'visitPlan.earlier' : 'visitPlan.later', {
                  time: duration(w, Math.abs(by)),
                })}
              </button>
            ))}
            {cleaners
              .filter(({ id }) => id !== step.cleaner)
              .map(({ id, name: other }) => (
                <button
                  key={id}
                  className="btn btn--quiet"
                  onClick={() => onMove(at, { cleaner: id, start: step.start })}
                >
                  {w.say('visitPlan.toOther', { who: other })}
                </button>
              ))}
          </li>
        ))}
      </ul>
    </section>
  );
};
