import { activeFacts, type Active } from '../reference/families.ts';
import { rules, type Book, type Group } from '../reference/neverCombine.ts';
import { verdictOf, type Reason, type Verdict } from '../verdict.ts';
import { figuresOfBite, judgeCombination, productOf } from './judgeCombination.ts';

export const bottleMaterials = ['glass', 'HDPE', 'PET'] as const;
export type BottleMaterial = (typeof bottleMaterials)[number];

/** What a bottle holds or is to hold. */
export interface BottleContent {
  active: Active;
  strength: number;
  groups: readonly Group[];
}

/** A bottle as it stands: what it is, and what it last held if it has not been washed and relabelled since. */
export interface Bottle {
  material: BottleMaterial;
  opaque: boolean;
  heldSinceWash: BottleContent | null;
}

/**
 * Whether a bottle may be filled with a batch: never over an old label, nor over the rest of what must not meet it, until
 * it is washed and relabelled; with care into a bottle that light or solvent gets at. Source: OSHA; common practice.
 */
export const judgeBottle = (bottle: Bottle, content: BottleContent, book: Book = rules): Verdict => {
  const reasons: Reason[] = [];
  const { family } = activeFacts[content.active];
  const held = bottle.heldSinceWash;
  if (held) {
    const figures = { on: activeFacts[held.active].family, hand: family };
    for (const bite of judgeCombination(productOf(held), productOf(content), 'vessel', {}, book).bites) {
      if (bite.severity !== 'care') reasons.push({ code: 'held-before', outcome: 'never', figures: { ...figures, ...figuresOfBite(bite) }, source: bite.source });
    }
    reasons.push({ code: 'old-label', outcome: 'never', figures, source: 'OSHA; common practice (memory)' });
  }
  if (family === 'peroxide' && !bottle.opaque) reasons.push({ code: 'needs-opaque', outcome: 'care', source: 'common practice; USP (memory)' });
  if (family === 'alcohol' && bottle.material === 'PET') reasons.push({ code: 'needs-glass-or-hdpe', outcome: 'care', source: 'common practice, no source' });
  return verdictOf(reasons);
};
