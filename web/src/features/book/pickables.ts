import { type StockRow } from '@zymostat/contract';
import { w } from '../../words/words.ts';
import {
  activeFacts,
  groups,
  groupsOf,
  isGeneric,
  productIds,
  productOf,
  products,
  type ActiveContent,
  type Family,
  type Group,
  type Product,
  type ProductId,
} from '@zymostat/core';
import { useMemo } from 'react';
import { useShelf } from '../stock/useShelf.ts';

/**
 * Something that can be picked: our own stock by its container, a kind of thing met in homes, or a
 * whole reactive group.
 */
export interface Pickable {
  key: string;
  name: string;
  product: Product;
  family: Family | 'bleach' | 'soap' | undefined;
  /** What counts in it and how strong, where that is known. */
  content?: ActiveContent;
  own: boolean;
}

const familyOfGroups = (list: readonly Group[]): Pickable['family'] => {
  if (list.includes('hypochlorite') || list.includes('dry-chlorine')) return 'bleach';
  if (list.includes('peroxide')) return 'peroxide';
  if (list.includes('alcohol')) return 'alcohol';
  if (list.includes('acid') || list.includes('strong-acid')) return 'vinegar';
  return list.includes('soap') || list.includes('detergent') ? 'soap' : undefined;
};

const kind = (id: ProductId): Pickable => {
  const product: Product & { content?: ActiveContent } = products[id];
  return {
    key: id,
    name: w.name('product', id),
    product,
    family: familyOfGroups(product.groups),
    ...(product.content ? { content: product.content } : {}),
    own: false,
  };
};
export const kinds: Pickable[] = productIds.map(kind);

/** A group is as its usual product is sold. */
const usualOf: Partial<Record<Group, ProductId>> = {
  hypochlorite: 'chlorine-bleach',
  acid: 'vinegar',
  ammonia: 'ammonia',
  peroxide: 'peroxide-household',
  carbonate: 'baking-soda',
};
const upper = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
const wholeGroup = (group: Group): Pickable => {
  const usual = usualOf[group];
  return {
    ...(usual
      ? kind(usual)
      : { product: { groups: [group] }, family: familyOfGroups([group]), own: false }),
    key: `group ${group}`,
    name: upper(w.name('group', group)),
  };
};
export const wholeGroups: Pickable[] = groups.filter((group) => group !== 'water').map(wholeGroup);

export const ofStock = (stock: StockRow): Pickable => {
  const { id, name, code, active, strength } = stock;
  const own = groupsOf(stock);
  const counts = isGeneric(active) && activeFacts[active].basis === 'w/v';
  return {
    key: id,
    name: w.say('apart.ours2', { name, code }),
    family: isGeneric(active) ? activeFacts[active].family : (familyOfGroups(own) ?? 'product'),
    product: productOf({ active, strength, groups: own }),
    own: true,
    ...(counts ? { content: { component: active, strength } } : {}),
  };
};

/**
 * What is alike towards everything else: the same groups, and peroxide on the same side of 10 %.
 */
const signatureOf = ({ product: { groups: list, strength } }: Pickable) =>
  `${[...list].sort().join()} ${list.includes('peroxide') && (strength ?? 1) > 0.1}`;
/** Without the code of our own stock that stands behind it, in whatever language. */
export const shortName = (name: string) => name.replace(/ \([^()]*[A-Z]-\d+\)$/, '');

const nameTogether = (alike: readonly Pickable[]): string => {
  const [group, ...more] = alike[0]!.product.groups;
  return group !== undefined && more.length === 0
    ? w.say('apart.ours3', { group: upper(w.name('group', group)), alikeCount: alike.length })
    : alike.map(({ name }) => shortName(name)).join(', ');
};

/** One line of the matrix for all of ours that are alike. */
const together = (alike: readonly Pickable[]): Pickable => {
  const [first] = alike as [Pickable];
  return { ...first, name: alike.length === 1 ? shortName(first.name) : nameTogether(alike) };
};

/** Ours first, then the groups that we have nothing of. */
export const linesOf = (own: readonly Pickable[]): Pickable[] => {
  const ours = [...new Set(own.map(signatureOf))].map((signature) =>
    together(own.filter((one) => signatureOf(one) === signature)),
  );
  const covered = new Set(
    ours.flatMap(({ product }) => (product.groups.length === 1 ? product.groups : [])),
  );
  return [...ours, ...wholeGroups.filter(({ product }) => !covered.has(product.groups[0]!))];
};

export const usePickables = () => {
  const stocks = useShelf();
  return useMemo(() => {
    const own = (stocks ?? []).map(ofStock);
    const all = [...own, ...kinds, ...wholeGroups];
    return {
      ready: stocks !== undefined,
      own,
      all,
      lines: linesOf(own),
      find: (key: string | null) => all.find((one) => one.key === key),
    };
  }, [stocks]);
};
