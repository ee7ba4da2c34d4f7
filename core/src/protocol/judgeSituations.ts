import type { Application } from '../domain/applications.ts';
import type { Family } from '../domain/families.ts';
import type { Group } from '../domain/groups.ts';
import type { Outcome } from '../domain/outcome.ts';
import type { Flame, Situation } from '../domain/situations.ts';
import { factsOfFamily } from '../families/index.ts';
import type { MaterialId } from '../reference/materials.ts';
import type { Reason, SituationCode } from '../verdict/reason.ts';

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

/** What lights, and what is near it. */
const flameReasons = (
  { groups }: PutOn,
  { situations: lives, flame }: Around,
): [SituationCode, Outcome][] => {
  const reasons: [SituationCode, Outcome][] = [];
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
): [SituationCode, Outcome][] => {
  if (!lives.includes('asthma')) return [];
  if (groups.includes('hypochlorite') || groups.includes('ammonia'))
    return [['asthma-barred', 'never']];
  if (groups.includes('quat') && application === 'spray') return [['asthma-barred', 'never']];
  return [['asthma-cloth', groups.includes('acid') || groups.includes('quat') ? 'care' : 'use']];
};

/** Each situation that only asks for a step, and its reason. */
const asked: Partial<Record<Situation, SituationCode>> = {
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
  const reasons: [SituationCode, Outcome][] = [
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
  const least = factsOfFamily(family)?.leastForWeak;
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
