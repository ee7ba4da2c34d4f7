import type { HouseRules } from '../reference/houseRules.ts';
import { materials, type Bearing, type Material, type MaterialId } from '../reference/materials.ts';
import type { GenericFamily } from '../reference/families.ts';
import type { ProductLabel } from '../contact/labelContact.ts';
import type { Goal } from '../contact/requiredContact.ts';
import type { Reason } from '../verdict.ts';

const source = 'common practice and makers’ care advice (memory)';

/**
 * What a material says to a family at working strength: at least one reason. A porous material holds no wet
 * film, so it can be cleaned but never disinfected. Where the house follows that school, weak vinegar is a Care on sealed wood.
 */
export const judgeMaterial = (id: MaterialId, family: GenericFamily, goal: Goal, rules: Pick<HouseRules, 'vinegarOnSealedWood'>): Reason[] => {
  const material: Material = materials[id];
  const weak = family === 'vinegar' && rules.vinegarOnSealedWood === 'weak' && (id === 'sealed-wood' || id === 'hardwood-floor');
  const bearing: Bearing = weak ? { outcome: 'care', rinse: true } : material.bears[family];
  const figures = { material: id, family };
  const reasons: Reason[] = [];
  if (material.porous && goal !== 'clean') reasons.push({ code: 'porous', outcome: 'never', figures, source });
  if (bearing.untilCool) reasons.push({ code: 'material-wait-until-cool', outcome: bearing.outcome, figures, source });
  else if (bearing.cloth) reasons.push({ code: 'cloth-only', outcome: bearing.outcome, figures, source });
  else if (bearing.outcome === 'never') reasons.push({ code: 'material-barred', outcome: 'never', figures, source });
  else if (bearing.outcome === 'care') reasons.push({ code: 'material-care', outcome: 'care', figures, source });
  else reasons.push({ code: 'material-bears', outcome: 'use', figures, source });
  if (bearing.rinse) reasons.push({ code: 'rinse-after', outcome: 'use', figures, source });
  return reasons;
};

/** What a registered product's label says to a material; what holds no film cannot be disinfected with it either. */
export const judgeLabelSurface = (id: MaterialId, label: ProductLabel | null | undefined, goal: Goal): Reason[] => {
  const figures = { material: id, family: 'product' };
  if ((materials[id] as Material).porous && goal !== 'clean') return [{ code: 'porous', outcome: 'never', figures, source }];
  // No label makes a switch or a screen bear spray: liquid gets in whatever it is.
  if (!label?.notOn.includes(id) && (id === 'electronics' || id === 'coated-screen')) return [{ code: 'cloth-only', outcome: 'care', figures, source }];
  return label?.notOn.includes(id) ? [{ code: 'label-bars-surface', outcome: 'never', figures, source: 'product label, as entered' }] : [{ code: 'material-bears', outcome: 'use', figures, source: 'product label, as entered' }];
};
