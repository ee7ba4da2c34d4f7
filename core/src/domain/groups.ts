/**
 * Reactive groups. A product belongs to one or more; some are kinds of another and hold its rules
 * too.
 */
export const groups = [
  'hypochlorite',
  'dry-chlorine',
  'calcium-hypochlorite',
  'isocyanurate',
  'acid',
  'strong-acid',
  'hydrofluoric',
  'rust-remover',
  'reducer',
  'ammonia',
  'urine',
  'peroxide',
  'alcohol',
  'ketone',
  'carbonate',
  'strong-alkali',
  'soap',
  'detergent',
  'quat',
  'borax',
  'metal',
  'aluminium',
  'oil',
  'water',
  'hot-water',
  'boiling-water',
  'unknown',
] as const;
export type Group = (typeof groups)[number];

/**
 * Water, whatever its warmth: what "anything" leaves out unless a rule says that it means water
 * too.
 */
export const waters: readonly Group[] = ['water', 'hot-water', 'boiling-water'];

/** Groups that are of the same kind as another: with these alone "anything" does not bite. */
export const kin: Partial<Record<Group, readonly Group[]>> = {
  'dry-chlorine': ['calcium-hypochlorite', 'isocyanurate'],
  'strong-acid': ['acid'],
};

/** What is always a kind of another group too, whether or not a label or a person has said so. */
const kindsOf: Partial<Record<Group, readonly Group[]>> = {
  'calcium-hypochlorite': ['dry-chlorine'],
  isocyanurate: ['dry-chlorine'],
  'strong-acid': ['acid'],
  hydrofluoric: ['acid'],
  'rust-remover': ['acid'],
  urine: ['ammonia'],
  'hot-water': ['water'],
  'boiling-water': ['hot-water', 'water'],
};

/** The groups of a product with all that they are kinds of. */
export const inFull = (own: readonly Group[]): readonly Group[] =>
  own.some((group) => kindsOf[group])
    ? [...new Set(own.flatMap((group) => [group, ...(kindsOf[group] ?? [])]))]
    : own;

/**
 * What a company may choose a group of its own rule from, and a label its groups: whole kinds only.
 */
export const mainGroups = groups.filter(
  (group) =>
    group !== 'calcium-hypochlorite' && group !== 'isocyanurate' && group !== 'boiling-water',
);
