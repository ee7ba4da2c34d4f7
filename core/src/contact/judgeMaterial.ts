import { families, type GenericFamily } from '../domain/families.ts';
import type { Goal } from '../domain/goals.ts';
import type { Outcome } from '../domain/outcome.ts';
import type { Bearing } from '../families/bearing.ts';
import { familyFacts } from '../families/index.ts';
import type { ProductLabel } from '../homes/label.ts';
import type { HouseRules } from '../reference/houseRules.ts';
import { materialOf, type MaterialId } from '../reference/materials.ts';
import type { MaterialCode, Reason } from '../verdict/reason.ts';

const source = 'common practice; makers’ care advice';

/** Weak vinegar, where a house tolerates it on sealed wood at all, w/v. Source: house rule. */
const WEAK_VINEGAR = 0.01;

const steppedUp: Record<Outcome, Outcome> = { use: 'care', care: 'never', never: 'never' };

const isSealedWood = (id: MaterialId): boolean => id === 'sealed-wood' || id === 'hardwood-floor';

/**
 * What a material bears of a family at that strength (fraction), as the house follows that school.
 */
const bearingOf = (
  id: MaterialId,
  family: GenericFamily,
  strength: number,
  rules: Pick<HouseRules, 'vinegarOnSealedWood'>,
): { bearing: Bearing; stronger: boolean } => {
  const { bears, bearsUpTo } = familyFacts[family];
  const listed = bears[id];
  const weak =
    family === 'vinegar' &&
    rules.vinegarOnSealedWood === 'weak' &&
    isSealedWood(id) &&
    strength <= WEAK_VINEGAR * (1 + 1e-9);
  if (weak) return { bearing: { outcome: 'care', rinse: true }, stronger: false };
  const stronger = strength > bearsUpTo * (1 + 1e-9) && listed.outcome !== 'never';
  return {
    bearing: stronger ? { ...listed, outcome: steppedUp[listed.outcome] } : listed,
    stronger,
  };
};

const plainly = {
  use: 'material-bears',
  care: 'material-care',
  never: 'material-barred',
} as const satisfies Record<Outcome, MaterialCode>;

/**
 * What a material says to a family at a strength: at least one reason. A porous material holds no
 * wet film, so it can be cleaned but never disinfected; stronger than the usual is one step worse.
 */
export const judgeMaterial = (
  id: MaterialId,
  { family, strength }: { family: GenericFamily; strength: number },
  goal: Goal,
  rules: Pick<HouseRules, 'vinegarOnSealedWood'>,
): Reason[] => {
  const { porous, mouthed, unknown } = materialOf(id);
  const { bearing, stronger } = bearingOf(id, family, strength, rules);
  const { outcome } = bearing;
  const figures = { material: id, family };
  const reasons: Reason[] = [];
  const say = (code: MaterialCode | 'porous', how: Outcome) =>
    reasons.push({ code, outcome: how, figures, source });
  if (porous && goal !== 'clean') say('porous', 'never');
  if (unknown) say('material-not-known', outcome === 'never' ? 'never' : 'care');
  else if (stronger) say('material-stronger', outcome);
  else if (bearing.untilCool) say('material-wait-until-cool', outcome);
  else if (bearing.cloth) say('cloth-only', outcome);
  else say(plainly[outcome], outcome);
  if (bearing.cloth && stronger) say('cloth-only', 'use');
  if (bearing.untilCool && stronger) say('material-wait-until-cool', 'use');
  if (bearing.rinse || mouthed) say('rinse-after', 'use');
  return reasons;
};

/**
 * What a registered product's label says to a material; what holds no film cannot be disinfected
 * with it either.
 */
export const judgeLabelSurface = (
  id: MaterialId,
  label: ProductLabel | null | undefined,
  goal: Goal,
): Reason[] => {
  const figures = { material: id, family: 'product' as const };
  const { porous, powered, unknown, mouthed } = materialOf(id);
  const reason = (
    code: MaterialCode | 'porous',
    outcome: Outcome,
    from = 'product label, as entered',
  ): Reason[] => [
    { code, outcome, figures, source: from },
    ...(mouthed
      ? [{ code: 'rinse-after' as const, outcome: 'use' as const, figures, source }]
      : []),
  ];
  if (porous && goal !== 'clean') return reason('porous', 'never', source);
  if (label?.notOn.includes(id)) return reason('label-bars-surface', 'never');
  // No label makes a switch or a screen bear spray: liquid gets in whatever it is.
  if (powered) return reason('cloth-only', 'care', source);
  if (families.every((family) => familyFacts[family].bears[id].outcome === 'never'))
    return reason('material-care', 'care', source);
  return unknown ? reason('material-not-known', 'care', source) : reason('material-bears', 'use');
};
