import { judgeMaterial } from '../contact/judgeMaterial.ts';
import type { Thing } from '../domain/things.ts';
import {
  BRIEFLY,
  descalings,
  isTimed,
  longestOn,
  plainDescaling,
  metalForMinutes,
} from '../reference/descaling.ts';
import type { HouseRules } from '../reference/houseRules.ts';
import type { MaterialId } from '../reference/materials.ts';
import type { Reason } from '../verdict/reason.ts';
import { verdictOf, type Verdict } from '../verdict/verdict.ts';

const practice = 'common practice, no source';

/**
 * What one material says to acid that stays on it. Where a time is named it is borne for that time;
 * some metals bear it for minutes, with care.
 */
export const judgeAcidOn = (
  material: MaterialId,
  strength: number,
  rules: HouseRules,
): Reason[] => {
  if (metalForMinutes.includes(material)) {
    const figures = { material, most: longestOn(material) };
    return [{ code: 'acid-for-minutes', outcome: 'care', figures, source: practice }];
  }
  const reasons = judgeMaterial(material, { family: 'vinegar', strength }, 'clean', rules);
  if (!isTimed(material)) return reasons;
  return reasons.map((reason) =>
    reason.code === 'material-care'
      ? { ...reason, code: 'material-bears', outcome: 'use' }
      : reason,
  );
};

/** The longest that acid may stay (s), with why; 0 where it must not come on at all. */
export interface Longest extends Verdict {
  seconds: number;
}

/**
 * How long acid of a strength may stay on a thing of these materials: the shortest of what the
 * thing and each of them bears, so that one more never lengthens it. A material that nobody has
 * said bears ten minutes, with care. Source: common practice, no source.
 */
export const longestContact = (
  thing: Thing,
  materials: readonly MaterialId[],
  strength: number,
  rules: HouseRules,
): Longest => {
  const { most } = descalings[thing] ?? plainDescaling;
  const verdict = verdictOf(materials.flatMap((one) => judgeAcidOn(one, strength, rules)));
  if (verdict.outcome === 'never') return { ...verdict, seconds: 0 };
  const each = materials.map(longestOn);
  return { ...verdict, seconds: Math.min(most, ...(each.length > 0 ? each : [BRIEFLY])) };
};
