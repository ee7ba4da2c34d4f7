import { evidence } from '../reference/contactTimes.ts';

const series = evidence
  .flatMap((row) =>
    row.against === 'rhinovirus' && row.seconds !== undefined
      ? [{ ...row, seconds: row.seconds }]
      : [],
  )
  .sort((a, b) => a.from - b.from);

/**
 * Seconds that peroxide of `strength` (fraction w/v) needs, by Chick–Watson (c^n t = k) piecewise
 * through the published upper bounds (rhinovirus: 3 %, 1.5 %, 0.75 %). Stronger than 3 % takes as
 * long as 3 %; weaker than
 * 0.75 % is unpublished and gives nothing. Source: CDC-2008.
 */
export const peroxideSeconds = (strength: number): number | undefined => {
  const [weakest, strongest] = [series[0]!, series[series.length - 1]!];
  if (strength < weakest.from) return undefined;
  if (strength >= strongest.from) return strongest.seconds;
  const above = series.findIndex((row) => row.from > strength);
  const [low, high] = [series[above - 1]!, series[above]!];
  const n = Math.log(low.seconds / high.seconds) / Math.log(high.from / low.from);
  return high.seconds * (high.from / strength) ** n;
};
