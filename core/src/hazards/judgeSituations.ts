import type { Application } from '../reference/roomAir.ts';
import type { Family } from '../reference/families.ts';
import type { Group } from '../reference/groups.ts';
import type { MaterialId } from '../reference/materials.ts';
import type { Outcome, Reason, ReasonCode } from '../verdict.ts';

/** Who lives there, and what of the home bears on a treatment. */
export const situations = [
  'infant',
  'toddler',
  'cat',
  'dog',
  'bird',
  'fish',
  'asthma',
  'home-oxygen',
  'pregnancy',
  'weak-immunity',
  'dementia',
  'floor-heating',
] as const;
export type Situation = (typeof situations)[number];

export const ventilations = ['none', 'window', 'fan'] as const;
export type Ventilation = (typeof ventilations)[number];

/**
 * Whether anything in a room can light a vapour: `hob` a gas hob that can be turned off; `flame` a
 * pilot light, boiler, fire or smoker; `unknown` that nobody has asked yet, which counts as the
 * worst.
 */
export const flames = ['no', 'hob', 'flame', 'unknown'] as const;
export type Flame = (typeof flames)[number];

/** What of the home and the room bears on a verdict, besides the material. */
export interface Around {
  situations: readonly Situation[];
  flame: Flame;
  food: boolean;
  material: MaterialId;
}

/** What is put on there: its family, its reactive groups, how strong (fraction), and how. */
export interface PutOn {
  family: Family;
  groups: readonly Group[];
  strength: number;
  application: Application;
}

const practice = 'common practice, no source';

/**
 * Strengths that are never gone below where somebody's immunity is weak, w/v and v/v. Source:
 * CDC-2008.
 */
const LEAST_FOR_WEAK: Partial<Record<Family, number>> = { peroxide: 0.03, alcohol: 0.7 };

/** What lights, and what is near it. */
const flameReasons = (
  { groups }: PutOn,
  { situations: lives, flame }: Around,
): [ReasonCode, Outcome][] => {
  const reasons: [ReasonCode, Outcome][] = [];
  const burns = groups.includes('alcohol') || groups.includes('ketone');
  if (lives.includes('home-oxygen') && (burns || groups.includes('oil')))
    reasons.push(['home-oxygen', 'never']);
  if (!burns || flame === 'no') return reasons;
  if (flame === 'hob') return [...reasons, ['hob-off', 'care']];
  return [...reasons, [flame === 'unknown' ? 'flame-not-asked' : 'flame-in-room', 'never']];
};

/** What somebody breathes who cannot bear it. */
const airwayReasons = (
  { groups, application }: PutOn,
  { situations: lives }: Around,
): [ReasonCode, Outcome][] => {
  if (!lives.includes('asthma')) return [];
  if (groups.includes('hypochlorite') || groups.includes('ammonia'))
    return [['asthma-barred', 'never']];
  if (groups.includes('quat') && application === 'spray') return [['asthma-barred', 'never']];
  return [['asthma-cloth', groups.includes('acid') || groups.includes('quat') ? 'care' : 'use']];
};

/** Each situation that only asks for a step, and its reason. */
const asked: Partial<Record<Situation, ReasonCode>> = {
  infant: 'infant-rinse',
  toddler: 'toddler-rinse',
  cat: 'cat-rinse',
  dog: 'dog-rinse',
  bird: 'bird-out',
  fish: 'cover-tank',
  pregnancy: 'pregnancy-ventilate',
  dementia: 'locked-away',
};

/**
 * Every reason the surroundings add, each by itself. Source: common practice; NIOSH flash points.
 */
export const judgeSituations = (put: PutOn, around: Around): Reason[] => {
  const { family, groups, strength } = put;
  const reasons: [ReasonCode, Outcome][] = [
    ...flameReasons(put, around),
    ...airwayReasons(put, around),
  ];
  if (around.material === 'medical-breathing') reasons.push(['breathing-device', 'never']);
  if (around.food) reasons.push(['rinse-for-food', 'use']);
  for (const situation of around.situations) {
    const code = asked[situation];
    if (code) reasons.push([code, 'use']);
  }
  if (around.situations.includes('cat') && groups.includes('oil'))
    reasons.push(['cat-no-oils', 'never']);
  const least = LEAST_FOR_WEAK[family];
  if (
    around.situations.includes('weak-immunity') &&
    least !== undefined &&
    strength < least * (1 - 1e-9)
  ) {
    reasons.push(['weak-immunity-strength', 'never']);
  }
  return reasons.map(([code, outcome]): Reason => ({
    code,
    outcome,
    figures: { family },
    source:
      code === 'home-oxygen' || code.startsWith('flame') ? 'NIOSH; common practice' : practice,
  }));
};
