import { isGeneric, type Active } from '../domain/families.ts';
import type { Group } from '../domain/groups.ts';
import { activeFacts } from '../families/index.ts';
import type { ProductLabel } from '../homes/label.ts';

/**
 * The reactive groups of a stock: a product's by its label, of which nothing entered is unknown.
 */
export const groupsOf = ({
  active,
  label,
}: {
  active: Active;
  label?: ProductLabel | null;
}): readonly Group[] => {
  if (isGeneric(active)) return [activeFacts[active].group];
  return label && label.groups.length > 0 ? label.groups : ['unknown'];
};
