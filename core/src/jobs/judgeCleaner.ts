import type { Product } from '../apart/judgeCombination.ts';
import { judgeMaterial } from '../contact/judgeMaterial.ts';
import { materialOf, type MaterialId } from '../reference/materials.ts';
import { products } from '../reference/products.ts';
import {
  alkaliWithCare,
  cleanerProducts,
  noAlkali,
  noSolvent,
  type Cleaner,
} from '../reference/soilRows.ts';
import type { Judging } from '../verdict/judging.ts';
import { forbidden, type Reason } from '../verdict/reason.ts';
import { judgeAcidOn } from './longestContact.ts';
import type { SoilAsked } from './soil.ts';

const practice = 'common practice, no source';

/** What a material says to a cleaner. */
export const judgeCleanerOn = (
  material: MaterialId,
  { cleaner, ratio }: { cleaner: Cleaner; ratio: number },
  { rules }: Judging,
): Reason[] => {
  switch (cleaner) {
    case 'vinegar':
    case 'citric':
      return judgeAcidOn(material, ratio, rules);
    case 'vinegar-and-washing-up-liquid':
      return judgeAcidOn(material, 0.05, rules);
    case 'alcohol':
      if (noSolvent.includes(material))
        return [forbidden('solvent-barred', practice, { material })];
      return judgeMaterial(material, { family: 'alcohol', strength: ratio }, 'clean', rules);
    case 'peroxide':
      return judgeMaterial(material, { family: 'peroxide', strength: ratio }, 'clean', rules);
    case 'washing-soda':
    case 'soda-paste': {
      if (noAlkali.includes(material)) return [forbidden('alkali-barred', practice, { material })];
      const { unknown } = materialOf(material);
      return unknown || alkaliWithCare.includes(material)
        ? [{ code: 'alkali-care', outcome: 'care', figures: { material }, source: practice }]
        : [];
    }
    default:
      return [];
  }
};

export const isAcid = (cleaner: Cleaner): cleaner is 'vinegar' | 'citric' =>
  cleaner === 'vinegar' || cleaner === 'citric';

/** What a cleaner is in the book. */
export const putsOf = (cleaner: Cleaner): Product[] =>
  cleaner === 'water' ? [] : cleanerProducts[cleaner].map((id) => products[id]);

/** A flame where a solvent is used, as it is where alcohol is put on. */
export const flameReasons = (
  { flame, situations }: Pick<SoilAsked, 'flame' | 'situations'>,
  cleaners: readonly Cleaner[],
): Reason[] => {
  if (!cleaners.includes('alcohol')) return [];
  const source = 'NIOSH; common practice';
  const figures = { family: 'alcohol' as const };
  const oxygen = situations.includes('home-oxygen')
    ? [forbidden('home-oxygen', source, figures)]
    : [];
  if (flame === 'no') return oxygen;
  if (flame === 'hob') return [...oxygen, { code: 'hob-off', outcome: 'care', figures, source }];
  return [
    ...oxygen,
    forbidden(flame === 'flame' ? 'flame-in-room' : 'flame-not-asked', source, figures),
  ];
};
