import { judgeBowl } from '../hazards/judgeBowl.ts';
import { figuresOfBite, judgeCombination, productOf } from '../hazards/judgeCombination.ts';
import { ALCOHOL_TOP } from '../reference/contactTimes.ts';
import { activeFacts, type Active } from '../reference/families.ts';
import type { Group } from '../reference/groups.ts';
import type { Book } from '../reference/neverCombine.ts';
import type { ProductId } from '../reference/products.ts';
import { verdictOf, type Reason, type Verdict } from '../verdict.ts';
import type { Asked, SurfaceClock, WetEvent } from './wetClock.ts';

/** Whether somebody has measured a batch, and what came of it. */
export type BatchStatus = 'unchecked' | 'verified' | 'set-aside';

/**
 * A bottle in hand: strength as a fraction in the active's basis, `discardAfter` in ms since 1970.
 */
export interface Batch {
  id: string;
  stockId: string;
  active: Active;
  strength: number;
  discardAfter: number;
  status: BatchStatus;
  /** Its reactive groups. */
  groups: readonly Group[];
}

/** What the approved protocol sets for a surface, or nothing where it is only washed. */
export interface Treatment extends Asked {
  /**
   * Something is taken out of the toilet's water first, or the bowl only flushed; and whether it is
   * a toilet at all.
   */
  lifts: boolean;
  flushes: boolean;
  toilet: boolean;
  use: { active: Active; strength: number; stockId: string } | null;
}

/** How far a batch may be from the protocol's strength, as a fraction of it. Source: house rule. */
const STRENGTH_TOLERANCE = 0.01;

/**
 * Alcohol of any strength from the protocol's up to what the evidence covers takes as long; others
 * are as they are set.
 */
const isStrengthFor = ({ active, strength }: Batch, wanted: number): boolean => {
  const near = Math.abs(strength - wanted) <= STRENGTH_TOLERANCE * wanted;
  return (
    near ||
    (activeFacts[active].family === 'alcohol' && strength > wanted && strength <= ALCOHOL_TOP)
  );
};

/** What else bears on an event: what the client keeps as of now, and the company's book. */
export interface AroundEvent {
  clientKeeps: readonly ProductId[];
  book: Book;
  /**
   * What other rounds of the same home have to do with the surface; a phone that knows of none
   * gives nothing.
   */
  elsewhere?: Elsewhere;
}

/** What other rounds have left on a surface, and whether it is wet by one of them. */
export interface Elsewhere {
  on: readonly string[];
  wet: boolean;
}

/** Everything that speaks against putting this batch on this surface now. */
export const judgeBatch = (
  batch: Batch | undefined,
  treatment: Treatment,
  clock: SurfaceClock,
  batches: ReadonlyMap<string, Batch>,
  at: number,
  { clientKeeps, book, elsewhere }: AroundEvent,
): Reason[] => {
  if (!batch) return [{ code: 'stock-missing', outcome: 'never', source: 'the bench' }];
  const reasons: Reason[] = [];
  const hand = activeFacts[batch.active].family;
  for (const id of new Set([...clock.on, ...(elsewhere?.on ?? [])])) {
    const other = batches.get(id);
    if (!other || id === batch.id) continue;
    for (const bite of judgeCombination(productOf(other), productOf(batch), 'surface', {}, book)
      .bites) {
      if (bite.severity === 'care') continue;
      const figures = {
        ...figuresOfBite(bite),
        on: activeFacts[other.active].family,
        onBatch: other.id,
        hand,
        handBatch: batch.id,
      };
      reasons.push({ code: 'must-not-meet', outcome: 'never', figures, source: bite.source });
    }
  }
  if (treatment.toilet)
    reasons.push(
      ...judgeBowl(productOf(batch), clientKeeps, treatment.lifts, book).filter(
        ({ outcome }) => outcome === 'never',
      ),
    );
  if (batch.discardAfter <= at) {
    reasons.push({
      code: 'batch-expired',
      outcome: 'never',
      figures: { discardAfter: batch.discardAfter },
      source: 'the batch’s label',
    });
  }
  if (batch.status === 'set-aside')
    reasons.push({ code: 'batch-set-aside', outcome: 'never', source: 'the check of this batch' });
  const { use } = treatment;
  // Cleaning waits for nothing and claims nothing; what is held wet to disinfect must be known to
  // be in strength.
  const disinfectsHere =
    treatment.seconds > 0 && use !== null && activeFacts[use.active].family === hand;
  if (batch.status === 'unchecked' && disinfectsHere && batch.active !== 'registered product')
    reasons.push({ code: 'batch-not-verified', outcome: 'never', source: 'house rule' });
  if (!use)
    reasons.push({
      code: 'not-in-the-protocol',
      outcome: 'never',
      figures: { hand },
      source: 'the approved protocol',
    });
  else if (activeFacts[use.active].family !== hand) {
    reasons.push({
      code: 'batch-of-other-family',
      outcome: 'never',
      figures: { hand, wanted: activeFacts[use.active].family },
      source: 'the approved protocol',
    });
  } else if (use.active === 'registered product' && batch.stockId !== use.stockId) {
    // Two products may share nothing but that they are registered: each goes by its own label.
    reasons.push({
      code: 'batch-of-other-product',
      outcome: 'never',
      source: 'the approved protocol',
    });
  } else if (!isStrengthFor(batch, use.strength)) {
    reasons.push({
      code: 'batch-of-other-strength',
      outcome: 'never',
      figures: { strength: batch.strength, wanted: use.strength, active: use.active },
      source: 'the approved protocol',
    });
  }
  return reasons;
};

/** Whether an event may happen next on a surface. Wiping early may: it is recorded as not met. */
export const judgeEvent = (
  event: WetEvent,
  treatment: Treatment,
  clock: SurfaceClock,
  batches: ReadonlyMap<string, Batch>,
  around: AroundEvent,
): Verdict => {
  const never = (code: Reason['code'], figures?: Reason['figures']): Reason => ({
    code,
    outcome: 'never',
    figures,
    source: 'order of work (common practice)',
  });
  const reasons: Reason[] = [];
  const wet = clock.wetSince !== null;
  const needsWet = event.kind === 'rewet' || event.kind === 'found-dry' || event.kind === 'wiped';

  if (clock.lastAt !== null && event.at < clock.lastAt)
    reasons.push(never('out-of-order', { at: event.at, lastAt: clock.lastAt }));
  if (needsWet && !wet) reasons.push(never('not-wet'));
  const touches = event.kind === 'applied' || event.kind === 'washed' || event.kind === 'rinsed';
  if (touches && wet) reasons.push(never('already-wet'));
  if (touches && around.elsewhere?.wet) reasons.push(never('wet-in-another-round'));
  if (event.kind === 'rinsed' && !wet && clock.on.length === 0)
    reasons.push(never('nothing-to-do'));
  const before = treatment.flushes && !clock.lifted;
  if (event.kind === 'lifted' && !treatment.flushes) reasons.push(never('nothing-to-do'));
  if ((event.kind === 'applied' || event.kind === 'rewet') && before)
    reasons.push(never('not-taken-out', { tablet: treatment.lifts ? 1 : 0 }));
  if (event.kind === 'applied' || event.kind === 'rewet') {
    if (!clock.washed) reasons.push(never('not-cleaned-first'));
    const batch = event.batchId === null ? undefined : batches.get(event.batchId);
    reasons.push(...judgeBatch(batch, treatment, clock, batches, event.at, around));
  }
  return verdictOf(reasons);
};
