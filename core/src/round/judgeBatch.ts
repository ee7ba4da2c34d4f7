import { judgeBowl } from '../apart/judgeBowl.ts';
import { figuresOfBite, judgeCombination, productOf } from '../apart/judgeCombination.ts';
import { activeFacts, factsOfFamily } from '../families/index.ts';
import { ALCOHOL_TOP } from '../reference/contactTimes.ts';
import { forbidden, type Reason } from '../verdict/reason.ts';
import type { AroundEvent, Batch, Treatment } from './around.ts';
import { liesNear } from './judgeLaid.ts';
import type { SurfaceClock } from './surfaceClock.ts';

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
    (factsOfFamily(activeFacts[active].family)?.alikeInSpan === true &&
      strength > wanted &&
      strength <= ALCOHOL_TOP)
  );
};

/** What is still on the surface and must not meet the batch in hand. */
const meetingReasons = (
  batch: Batch,
  clock: SurfaceClock,
  { batches, book, elsewhere }: AroundEvent,
): Reason[] => {
  const left = [...new Set([...clock.on, ...(elsewhere?.on ?? [])])];
  return left.flatMap((id): Reason[] => {
    const other = batches.get(id);
    if (id === batch.id) return [];
    if (!other) return [forbidden('on-unknown', 'the record')];
    const meeting = { route: 'surface' } as const;
    const { bites } = judgeCombination(productOf(other), productOf(batch), meeting, book);
    return bites
      .filter(({ severity }) => severity !== 'care')
      .map((bite) =>
        forbidden('must-not-meet', bite.source, {
          ...figuresOfBite(bite),
          on: activeFacts[other.active].family,
          onBatch: other.id,
          hand: activeFacts[batch.active].family,
          handBatch: batch.id,
        }),
      );
  });
};

/** They may run together, or meet in the air of the room. */
const NEAR_ROUTES = ['surface', 'air'] as const;

/** What is wet in the same room and could hurt somebody if the batch in hand ran into it: it waits. */
export const waitsFor = (
  batch: Batch,
  { nearby, batches, book }: Pick<AroundEvent, 'nearby' | 'batches' | 'book'>,
): Reason[] =>
  nearby.flatMap(({ name, on }): Reason[] => {
    const bites = on.flatMap((id) => {
      const other = batches.get(id);
      if (!other) return [];
      return NEAR_ROUTES.flatMap((route) =>
        judgeCombination(productOf(other), productOf(batch), { route }, book).bites.map((bite) => ({
          bite,
          other,
        })),
      );
    });
    const worst = bites.find(({ bite }) => bite.severity === 'never');
    const unknown = on.some((id) => !batches.has(id));
    if (!worst)
      return unknown ? [forbidden('nearby-unknown', 'the record', { surface: name })] : [];
    const { bite, other } = worst;
    const families = {
      on: activeFacts[other.active].family,
      hand: activeFacts[batch.active].family,
    };
    const figures = { ...figuresOfBite(bite), ...families, surface: name };
    return [forbidden('waits-for', bite.source, figures)];
  });

/** Whether the batch is still what its label says, and known to be so where that counts. */
const batchReasons = (batch: Batch, { seconds, use }: Treatment, at: number): Reason[] => {
  const { discardAfter, status, active } = batch;
  const reasons: Reason[] = [];
  if (discardAfter <= at)
    reasons.push(forbidden('batch-expired', 'the batch’s label', { discardAfter }));
  if (status === 'set-aside') reasons.push(forbidden('batch-set-aside', 'the check of this batch'));
  // Cleaning waits for nothing and claims nothing; what is held wet to disinfect must be known to
  // be in strength.
  const disinfects =
    seconds > 0 && use !== null && activeFacts[use.active].family === activeFacts[active].family;
  if (status === 'unchecked' && disinfects && active !== 'registered product')
    reasons.push(forbidden('batch-not-verified', 'house rule'));
  return reasons;
};

const APPROVED = 'the approved protocol';

/** Whether it is what the approved protocol sets there. */
const protocolReasons = (batch: Batch, { use }: Treatment): Reason[] => {
  const hand = activeFacts[batch.active].family;
  if (!use) return [forbidden('not-in-the-protocol', APPROVED, { hand })];
  const wanted = activeFacts[use.active].family;
  if (wanted !== hand) return [forbidden('batch-of-other-family', APPROVED, { hand, wanted })];
  // Two products may share nothing but that they are registered: each goes by its own label.
  if (use.active === 'registered product' && batch.stockId !== use.stockId)
    return [forbidden('batch-of-other-product', APPROVED)];
  if (isStrengthFor(batch, use.strength)) return [];
  const figures = { strength: batch.strength, wanted: use.strength, active: use.active };
  return [forbidden('batch-of-other-strength', APPROVED, figures)];
};

/** Everything that speaks against putting this batch on this surface now, ms since 1970. */
export const judgeBatch = (
  batch: Batch | undefined,
  treatment: Treatment,
  { clock, at }: { clock: SurfaceClock; at: number },
  around: AroundEvent,
): Reason[] => {
  if (!batch) return [forbidden('stock-missing', 'the bench')];
  const { clientKeeps, book } = around;
  const inBowl = treatment.toilet
    ? judgeBowl(productOf(batch), clientKeeps, treatment.lifts, book)
    : [];
  return [
    ...meetingReasons(batch, clock, around),
    ...waitsFor(batch, around),
    ...liesNear(productOf(batch), around),
    ...inBowl.filter(({ outcome }) => outcome === 'never'),
    ...batchReasons(batch, treatment, at),
    ...protocolReasons(batch, treatment),
  ];
};
