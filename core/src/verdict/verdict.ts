import { rank, worse, type Outcome } from '../domain/outcome.ts';

/**
 * Stable codes: records, tests and translations rest on them. Words are made from them elsewhere,
 * in one place.
 */
export type ReasonCode =
  // strength and contact time
  | 'contact-by-evidence'
  | 'contact-by-house-rule'
  | 'below-floor'
  | 'above-evidence'
  | 'stronger-than-stock'
  | 'not-a-disinfectant'
  | 'cleaning-needs-no-wait'
  | 'needs-registered'
  | 'needs-licensed'
  | 'needs-authority'
  | 'not-for-colds'
  | 'not-for-reducing'
  | 'reduces-everyday-only'
  | 'reduces-only'
  | 'washing-removes-it'
  | 'not-for-mildew'
  | 'mildew-too-large'
  | 'not-on-label'
  | 'label-time'
  | 'label-bars-surface'
  | 'not-as-sold'
  // whether it holds
  | 'one-coat-holds'
  | 'rewets-needed'
  | 'dries-too-fast'
  // the air
  | 'air-fits'
  | 'air-near-limit'
  | 'air-over-stricter'
  | 'air-over-limit'
  | 'air-together-over-limit'
  // materials
  | 'material-bears'
  | 'material-care'
  | 'material-barred'
  | 'material-stronger'
  | 'material-not-known'
  | 'material-wait-until-cool'
  | 'porous'
  | 'cloth-only'
  | 'rinse-after'
  // situations of the home and the room
  | 'home-oxygen'
  | 'flame-in-room'
  | 'flame-not-asked'
  | 'hob-off'
  | 'breathing-device'
  | 'rinse-for-food'
  | 'infant-rinse'
  | 'toddler-rinse'
  | 'cat-rinse'
  | 'cat-no-oils'
  | 'dog-rinse'
  | 'bird-out'
  | 'cover-tank'
  | 'asthma-cloth'
  | 'asthma-barred'
  | 'pregnancy-ventilate'
  | 'locked-away'
  | 'weak-immunity-strength'
  // what must not meet
  | 'must-not-meet'
  | 'meets-in-bowl'
  | 'taken-out-first'
  | 'flush-first'
  | 'not-taken-out'
  | 'meets-in-visit'
  | 'not-with-water'
  | 'not-carried-together'
  | 'not-side-by-side'
  // a mixture
  | 'in-strength'
  | 'must-not-share-a-bottle'
  | 'no-active'
  | 'not-carried'
  | 'above-cleaning-top'
  | 'must-not-be-used'
  | 'solvent-burns'
  | 'asked-first'
  | 'not-read'
  | 'used-up'
  | 'soap-split'
  | 'no-acid-left'
  | 'cleans-nothing'
  | 'counts-for-nothing'
  // a bottle to be filled
  | 'old-label'
  | 'like-refill'
  | 'batch-used-up'
  | 'held-before'
  | 'needs-opaque'
  | 'needs-glass-or-hdpe'
  // a batch in hand
  | 'batch-expired'
  | 'weighed-off'
  | 'batch-set-aside'
  | 'batch-not-verified'
  | 'batch-of-other-family'
  | 'batch-of-other-product'
  | 'batch-of-other-strength'
  | 'not-cleaned-first'
  | 'not-wet'
  | 'already-wet'
  | 'wet-in-another-round'
  | 'out-of-order'
  | 'nothing-to-do'
  | 'not-in-the-protocol'
  | 'stock-missing'
  | 'stock-expired'
  | 'care-not-accepted'
  | 'refused-on-the-phone';

/** One reason of a verdict: its figures are SI or fractions; `source` names what it rests on. */
export interface Reason {
  code: ReasonCode;
  outcome: Outcome;
  figures?: Record<string, number | string>;
  source: string;
}

export interface Verdict {
  outcome: Outcome;
  reasons: Reason[];
}

/** A verdict is as bad as its worst reason; the worst reasons come first, all are kept. */
export const verdictOf = (reasons: Reason[]): Verdict => ({
  outcome: reasons.map((reason) => reason.outcome).reduce(worse, 'use'),
  reasons: [...reasons].sort((a, b) => rank[b.outcome] - rank[a.outcome]),
});
