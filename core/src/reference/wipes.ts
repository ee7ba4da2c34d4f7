/** What a cloth is made of, and with that how much it holds. */
export interface ClothFacts {
  /** mL of liquid a g of dry cloth takes up: usual, and the least and most that people find. */
  uptake: { usual: number; least: number; most: number };
  /** kg a m², dry. */
  weight: number;
  /** Cotton binds quats. */
  cotton?: true;
}

const holds = (usual: number, least: number, most: number): ClothFacts['uptake'] => ({
  usual,
  least,
  most,
});

/** Source: common practice, no source; a scale answers better. */
export const clothFacts = {
  'paper-towel': { uptake: holds(5, 4, 8), weight: 0.045 },
  'thick-paper-towel': { uptake: holds(5, 4, 8), weight: 0.06 },
  nonwoven: { uptake: holds(5, 4, 7), weight: 0.06 },
  // Nobody names what a t-shirt takes up: the least of the cottons.
  't-shirt': { uptake: holds(3, 3, 4), weight: 0.15, cotton: true },
  flannel: { uptake: holds(3, 3, 4), weight: 0.17, cotton: true },
  terry: { uptake: holds(3.5, 3, 4), weight: 0.35, cotton: true },
  microfibre: { uptake: holds(5, 4, 7), weight: 0.275 },
} as const satisfies Record<string, ClothFacts>;
export type ClothKind = keyof typeof clothFacts;
export const clothKinds = Object.keys(clothFacts) as ClothKind[];
export const clothOf = (kind: ClothKind): ClothFacts => clothFacts[kind];

/** A wipe as most jars hold it, m. Source: common practice, no source. */
export const usualWipe = {
  kind: 'thick-paper-towel',
  length: 0.2,
  width: 0.2,
  weighed: null,
} as const;

/**
 * A jar is filled to `usual` of what its stack takes up; at 1 it drips, under `dry` its cloths are
 * too dry. Source: common practice, no source.
 */
export const jarFill = { usual: 0.7, dry: 0.5 } as const;

/** Part of what a cloth holds that it gives under the hand. Source: common practice, no source. */
export const given = { usual: 0.45, least: 0.3, most: 0.6 } as const;

/** s that a jar soaks before it is used, turned once. Source: common practice, no source. */
export const JAR_SOAKS = 1800;

const DAY = 86_400;
/**
 * s that a jar keeps: strong alcohol under a tight lid, else a week; with water straight from the
 * tap, half of that. Source: common practice, no source; house rule for the tap.
 */
export const jarKeeps = {
  alcohol: 30 * DAY,
  without: 7 * DAY,
  fromTap: 3 * DAY,
  from: 0.6,
} as const;

/** s that a lid is off each time. Source: common practice, no source. */
export const LID_OFF = 10;

/**
 * What a jar may be: wide of mouth, tight of lid. Alcohol and oils craze clear plastic; a tub that
 * held bleach wipes has bleach in it until it was washed and relabelled. Source: common practice.
 */
export const vessels = [
  'glass',
  'hdpe',
  'clear-plastic',
  'bleach-tub',
  'bleach-tub-washed',
] as const;
export type VesselKind = (typeof vessels)[number];
