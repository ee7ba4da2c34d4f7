import type { Home, Stock } from '../homes/home.ts';
import { buildProtocol, type TreatedRoom } from '../protocol/buildProtocol.ts';
import { coatHoldsIn } from '../round/coatHolds.ts';
import { bookWith, type CompanyRule } from '../reference/neverCombine.ts';
import type { Judging } from '../verdict/judging.ts';
import type { VisitProblem } from './problem.ts';
import { solutionChanges, type SolutionChange } from './solutionChanges.ts';
import { costOfAmounts, visitLoad, type PricedStock } from './visitLoad.ts';
import { visitProblem, type VisitAsk } from './visitProblem.ts';

/**
 * A home as it is set, what is on the shelf, and who goes; the company's own rules rather than the
 * book, so that all of it goes from thread to thread.
 */
export interface WaysAsked {
  home: Home;
  stocks: readonly (Stock & PricedStock)[];
  by: Omit<Judging, 'book'> & { own: readonly CompanyRule[] };
  setting: Pick<VisitAsk, 'team' | 'walk' | 'ways' | 'hours' | 'took'>;
}

/** One way to treat a home: as it is set where nothing is changed, or one family for another. */
export interface SolutionWay {
  change: Omit<SolutionChange, 'rooms'> | undefined;
  /** What its solutions cost, in the money the stock was paid in; null where one has no price. */
  liquid: number | null;
  problem: VisitProblem;
}

/** A visit as it is set, and with every other solution that holds by itself. */
export const solutionWays = ({
  home,
  stocks,
  by: { own, ...told },
  setting,
}: WaysAsked): SolutionWay[] => {
  const by: Judging = { ...told, book: bookWith(own, told.rules) };
  const wayOf = (rooms: TreatedRoom[], change: SolutionWay['change']): SolutionWay => {
    const holds = coatHoldsIn(rooms, home, by.rules, new Map());
    const { amounts } = visitLoad(rooms, holds, by.rules);
    const problem = visitProblem({ rooms, holds, ...setting });
    return { change, liquid: costOfAmounts(amounts, stocks), problem };
  };
  return [
    wayOf(buildProtocol(home, stocks, by), undefined),
    ...solutionChanges(home, stocks, by).map(({ rooms, ...change }) => wayOf(rooms, change)),
  ];
};
