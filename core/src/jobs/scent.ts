import type { Situation } from '../domain/situations.ts';
import type { JobRow } from '../reference/jobRows.ts';
import {
  ALCOHOL_DISSOLVES,
  MOST_SCENT,
  noScentWith,
  OIL_KEEPS,
  solubiliser as parts,
} from '../reference/scents.ts';
import { forbidden, type Reason } from '../verdict/reason.ts';
import { verdictOf, type Verdict } from '../verdict/verdict.ts';

/** Scent oil and solubiliser in a spray (m³), how much of it is alcohol, how old the oil is (s). */
export interface Scented {
  oil: number;
  solubiliser: number;
  total: number;
  alcohol: number;
  /** s since the oil was opened; nobody knows: null. */
  openedFor: number | null;
  situations: readonly Situation[];
}

export interface Scent extends Verdict {
  /** m³ of solubiliser that this much oil begins with; none where alcohol dissolves it. */
  wanted: number;
  share: number;
  rows: JobRow[];
}

const practice = 'common practice, no source';

/**
 * Whether scent in a spray stays clear, is little enough for those who live there, and not old.
 * What nobody knows of an oil's age counts as too old. Source: common practice, no source.
 */
export const judgeScent = (scented: Scented): Scent => {
  const { oil, solubiliser, total, alcohol, openedFor, situations } = scented;
  if (!(total > 0 && oil >= 0 && solubiliser >= 0 && oil + solubiliser <= total))
    throw new RangeError(`${oil} m³ of oil in ${total} m³: no more than there is is allowed`);
  if (oil === 0) return { ...verdictOf([]), wanted: 0, share: 0, rows: [] };
  const dissolved = alcohol > ALCOHOL_DISSOLVES;
  const share = oil / total;
  const ratio = solubiliser / oil;
  const reasons: Reason[] = [
    ...(!dissolved && ratio < parts.least
      ? [
          {
            code: 'solubiliser-short' as const,
            outcome: 'care' as const,
            figures: { parts: ratio, least: parts.least },
            source: practice,
          },
        ]
      : []),
    ...(share > MOST_SCENT * (1 + 1e-9)
      ? [forbidden('scent-too-much', practice, { share, most: MOST_SCENT })]
      : []),
    ...noScentWith
      .filter((one) => situations.includes(one))
      .map((situation) => forbidden('scent-with', practice, { situation })),
    ...(openedFor === null || openedFor > OIL_KEEPS
      ? [forbidden('oil-old', practice, { seconds: openedFor ?? -1, most: OIL_KEEPS })]
      : []),
  ];
  return {
    ...verdictOf(reasons),
    wanted: dissolved ? 0 : oil * parts.usual,
    share,
    rows: [
      'solubiliser',
      'scent-share',
      'oil-age',
      ...(dissolved ? (['alcohol-dissolves'] as const) : []),
    ],
  };
};
