import { jobOrders, stepOrders } from '@zymostat/words';
import { w } from '../../words/words.ts';
import type { TreatedSurface } from '@zymostat/core';

/** What whoever has the bottle will be told, step by step. */
export const Steps = ({
  treated,
}: {
  treated: Pick<TreatedSurface, 'steps' | 'area' | 'treatment' | 'accepted' | 'loosening'>;
}) => (
  <details className="steps mb-4">
    <summary className="small soft cursor-pointer">
      {w.say('protocol.asItStandsOnThe', {
        stepsCount: treated.steps.length + (treated.loosening?.steps.length ?? 0),
      })}
    </summary>
    <ol className="small mt-1 grid list-decimal gap-0.5 pl-6">
      {jobOrders(w, treated.loosening?.steps ?? []).map((order, i) => (
        <li key={`soil ${i}`}>{order}</li>
      ))}
      {stepOrders(w, treated.steps, treated).map(({ order }, i) => (
        <li key={i}>{order}</li>
      ))}
    </ol>
    {treated.accepted && (
      <p className="small mt-1">
        {w.say('protocol.acceptedBecause', { accepted: treated.accepted })}
      </p>
    )}
  </details>
);
