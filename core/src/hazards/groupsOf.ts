import type { ProductLabel } from '../contact/labelContact.ts';
import { activeFacts, isGeneric, type Active } from '../reference/families.ts';
import type { Group } from '../reference/groups.ts';

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
