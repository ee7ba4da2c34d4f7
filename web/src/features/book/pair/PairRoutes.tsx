import {
  isAgainst,
  routes,
  type Combination,
  type Route,
  type Severity as How,
} from '@zymostat/core';
import { remedyInWords } from '@zymostat/words';
import { Severity } from '../../../ui/parts.tsx';
import { w } from '../../../words/words.ts';
import type { PairVerdict } from './pairVerdict.ts';

const notAgainst = (severity: How, route: Route): string => {
  if (route === 'vessel') return w.name('apart', 'aBottleStillHoldsOne');
  return severity === 'fine'
    ? w.name('apart', 'theBookSaysThatThey2')
    : w.name('apart', 'oneAtATimeAnd');
};

/** One route: how bad, and what lifts it there. */
const RouteLine = ({ route, of: { severity, bites } }: { route: Route; of: Combination }) => (
  <li>
    <b>{w.name('route', route)}</b>
    <span>
      <Severity is={severity} />
    </span>
    <span>
      {isAgainst(severity) ? (
        <>
          {w.name('routeMeans', route)}.{' '}
          <span className="soft">{remedyInWords(w, bites[0]!.remedy)}</span>
        </>
      ) : (
        <span className="soft">{notAgainst(severity, route)}</span>
      )}
    </span>
  </li>
);

export const PairRoutes = ({ by }: Pick<PairVerdict, 'by'>) => (
  <ul className="routes">
    {routes.map((route) => (
      <RouteLine key={route} route={route} of={by.get(route)!} />
    ))}
  </ul>
);
