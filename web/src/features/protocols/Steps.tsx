import { stepOrders } from '@zymostat/contract';
import type { TreatedSurface } from '@zymostat/core';

/** What whoever has the bottle will be told, step by step. */
export const Steps = ({
  treated,
}: {
  treated: Pick<TreatedSurface, 'steps' | 'area' | 'treatment' | 'accepted'>;
}) => (
  <details className="steps mb-4">
    <summary className="small soft cursor-pointer">
      As it stands on the phone, {treated.steps.length} steps
    </summary>
    <ol className="small mt-1 grid list-decimal gap-0.5 pl-6">
      {stepOrders(treated.steps, treated).map(({ order }, i) => (
        <li key={i}>{order}</li>
      ))}
    </ol>
    {treated.accepted && <p className="small mt-1">Accepted because: {treated.accepted}</p>}
  </details>
);
