/** One published row: an active at a strength span (fractions in the active's basis) against something, for a time in seconds. */
export interface Evidence {
  id: string;
  active: 'alcohol' | 'hydrogen peroxide' | 'acetic acid';
  from: number;
  to: number;
  against: 'rhinovirus' | 'coronavirus' | 'bacteria' | 'surfaces';
  seconds: number;
  source: string;
}

/** All recalled from the named source. Where a span of minutes is published, the upper bound stands. */
export const evidence: readonly Evidence[] = [
  { id: 'alcohol-optimum', active: 'alcohol', from: 0.6, to: 0.9, against: 'bacteria', seconds: 10, source: 'CDC-2008 (memory)' },
  { id: 'ethanol-coronavirus', active: 'alcohol', from: 0.62, to: 0.71, against: 'coronavirus', seconds: 60, source: 'Kampf-2020 (memory)' },
  { id: 'alcohol-surfaces', active: 'alcohol', from: 0.7, to: 0.9, against: 'surfaces', seconds: 60, source: 'WHO-2020 (memory)' },
  { id: 'peroxide-3', active: 'hydrogen peroxide', from: 0.03, to: 0.03, against: 'rhinovirus', seconds: 480, source: 'CDC-2008 (memory)' },
  { id: 'peroxide-1.5', active: 'hydrogen peroxide', from: 0.015, to: 0.015, against: 'rhinovirus', seconds: 1200, source: 'CDC-2008 (memory)' },
  { id: 'peroxide-0.75', active: 'hydrogen peroxide', from: 0.0075, to: 0.0075, against: 'rhinovirus', seconds: 3600, source: 'CDC-2008 (memory)' },
];

/** Strongest alcohol the surface evidence covers, v/v. Source: CDC-2008 and WHO-2020 (memory). */
export const ALCOHOL_TOP = 0.9;

/** Strongest peroxide that is in use on household surfaces, w/v: beyond it CLP has it damage eyes. Source: CLP Annex VI (memory). */
export const PEROXIDE_TOP = 0.08;
