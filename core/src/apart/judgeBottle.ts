import type { Active } from '../domain/families.ts';
import type { Group } from '../domain/groups.ts';
import { activeFacts, factsOfFamily } from '../families/index.ts';
import type { Book } from '../reference/neverCombine.ts';
import type { Reason } from '../verdict/reason.ts';
import { verdictOf, type Verdict } from '../verdict/verdict.ts';
import { figuresOfBite, judgeCombination, productOf } from './judgeCombination.ts';

export const bottleMaterials = ['glass', 'HDPE', 'PET'] as const;
export type BottleMaterial = (typeof bottleMaterials)[number];

/** What a bottle holds or is to hold. */
export interface BottleContent {
  active: Active;
  strength: number;
  groups: readonly Group[];
}

/**
 * A bottle as it stands: what it is, and what it last held if it has not been washed and relabelled
 * since.
 */
export interface Bottle {
  material: BottleMaterial;
  opaque: boolean;
  heldSinceWash: BottleContent | null;
}

/**
 * How far two strengths may be apart and still be the same solution, as a fraction. Source: house
 * rule.
 */
const LIKE = 0.01;

/**
 * Whether a bottle may be filled with a batch: never over an old label, nor over the rest of what
 * must not meet it, until it is washed and relabelled; with care into a bottle that light or
 * solvent gets at. Source: OSHA; common practice.
 */
export const judgeBottle = (bottle: Bottle, content: BottleContent, book: Book): Verdict => {
  const reasons: Reason[] = [];
  const { family } = activeFacts[content.active];
  const held = bottle.heldSinceWash;
  if (held) {
    const figures = { on: activeFacts[held.active].family, hand: family };
    for (const bite of judgeCombination(
      productOf(held),
      productOf(content),
      { route: 'vessel' },
      book,
    ).bites) {
      if (bite.severity !== 'care')
        reasons.push({
          code: 'held-before',
          outcome: 'never',
          figures: { ...figures, ...figuresOfBite(bite) },
          source: bite.source,
        });
    }
    const alike =
      held.active === content.active &&
      Math.abs(held.strength - content.strength) <= LIKE * content.strength &&
      held.groups.join() === content.groups.join();
    // The same again only wants the rest poured out and a label with the new date; anything else
    // wants washing first.
    reasons.push({
      code: alike ? 'like-refill' : 'old-label',
      outcome: alike ? 'care' : 'never',
      figures,
      source: 'OSHA; common practice',
    });
  }
  const wants = factsOfFamily(family)?.bottle ?? {};
  if (wants.opaque && !bottle.opaque)
    reasons.push({ code: 'needs-opaque', outcome: 'care', source: 'common practice; USP' });
  if (wants.notPet && bottle.material === 'PET')
    reasons.push({
      code: 'needs-glass-or-hdpe',
      outcome: 'care',
      source: 'common practice, no source',
    });
  return verdictOf(reasons);
};
