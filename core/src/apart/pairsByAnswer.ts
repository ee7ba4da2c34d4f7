import {
  routes,
  severities,
  type Book,
  type Route,
  type Severity,
} from '../reference/neverCombine.ts';
import { judgeCombination, type Product } from './judgeCombination.ts';

/** How many pairs of these, each with itself too, get which answer by each route. */
export const pairsByAnswer = (
  things: readonly Product[],
  book: Book,
): Record<Route, Record<Severity, number>> => {
  const count = (route: Route): Record<Severity, number> => {
    const counts = Object.fromEntries(severities.map((one) => [one, 0])) as Record<
      Severity,
      number
    >;
    things.forEach((a, i) =>
      things.slice(i).forEach((b) => {
        counts[judgeCombination(a, b, { route: route }, book).severity] += 1;
      }),
    );
    return counts;
  };
  return Object.fromEntries(routes.map((route) => [route, count(route)])) as Record<
    Route,
    Record<Severity, number>
  >;
};
