import type { Family } from '../reference/families.ts';
import type { Group } from '../reference/neverCombine.ts';
import type { Reason } from '../verdict.ts';

export const situations = ['infant', 'pets', 'birds-fish', 'home-oxygen', 'asthma', 'pregnancy'] as const;
export type Situation = (typeof situations)[number];

export const ventilations = ['none', 'window', 'fan'] as const;
export type Ventilation = (typeof ventilations)[number];

/** What of the home and the room bears on a verdict, besides the material. */
export interface Around {
  situations: readonly Situation[];
  /** A gas hob, a pilot light, a fireplace, a smoker: anything that can light a vapour. */
  flame: boolean;
  food: boolean;
}

/** Every reason the surroundings add, each by itself. Source: common practice; NIOSH flash points (memory). */
export const judgeSituations = (family: Family, around: Around, groups: readonly Group[]): Reason[] => {
  const reasons: Reason[] = [];
  const add = (code: Reason['code'], outcome: Reason['outcome'], source = 'common practice, no source') =>
    reasons.push({ code, outcome, figures: { family }, source });
  const [burns, stings] = [groups.includes('alcohol'), groups.includes('acid') || groups.includes('quat')];
  const lives = (situation: Situation) => around.situations.includes(situation);

  if (burns && lives('home-oxygen')) add('home-oxygen', 'never', 'flash points by NIOSH (memory); common practice');
  if (burns && around.flame) add('flame-in-room', 'never', 'flash points by NIOSH (memory); common practice');
  if (around.food) add('rinse-for-food', 'use');
  if (lives('infant')) add('infant-rinse', 'use');
  if (lives('pets')) add('pets-rinse', 'use');
  if (lives('birds-fish')) add('birds-and-fish', 'use');
  if (stings && lives('asthma')) add('asthma-cloth', 'care');
  if (lives('pregnancy')) add('pregnancy-ventilate', 'use');
  return reasons;
};
