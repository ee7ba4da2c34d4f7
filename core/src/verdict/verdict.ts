import { rank, worse, type Outcome } from '../domain/outcome.ts';
import type { Reason } from './reason.ts';

export interface Verdict {
  outcome: Outcome;
  reasons: Reason[];
}

/** A verdict is as bad as its worst reason; the worst reasons come first, all are kept. */
export const verdictOf = (reasons: Reason[]): Verdict => ({
  outcome: reasons.map((reason) => reason.outcome).reduce(worse, 'use'),
  reasons: [...reasons].sort((a, b) => rank[b.outcome] - rank[a.outcome]),
});
