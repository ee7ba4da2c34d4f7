import type { Level } from '../domain/levels.ts';
import type { JobRow } from '../reference/jobRows.ts';
import type { MaterialId } from '../reference/materials.ts';
import {
  CLOTH_WASHES,
  GLASS_CLOTHS,
  mostWashes,
  washAt,
  zones,
  type Zone,
} from '../reference/clothCare.ts';
import type { Book } from '../reference/neverCombine.ts';
import { products, type ProductId } from '../reference/products.ts';
import { forbidden, type Reason } from '../verdict/reason.ts';
import { verdictOf, type Verdict } from '../verdict/verdict.ts';
import { meetsAbout } from './meetsAbout.ts';

/** What of a surface says which cloth it gets. */
export interface Clothed {
  level: Level;
  material: MaterialId;
  area: number;
  food: boolean;
  /** Which solution disinfects it, if any: surfaces of one room with the same share a group. */
  disinfectedWith: string | null;
  /** The room's own zone, as it was said. */
  zone: Exclude<Zone, 'toilet' | 'glass'>;
  roomId: string;
}

/** Toilet before all, then glass, then food, then the room's own. */
export const zoneOf = ({ level, material, food, zone }: Clothed): Zone => {
  if (level === 'toilet') return 'toilet';
  if (material === 'mirror' || material === 'glass') return 'glass';
  return food ? 'kitchen' : zone;
};

export type ClothCount = Record<Zone, number>;

/**
 * Clean cloths that a visit needs by zone: one for every 2 m² washed, one for each group that is
 * disinfected, two for glass. Never from toilet to basin. Source: common practice, no source.
 */
export const clothsFor = (surfaces: readonly Clothed[]): { count: ClothCount; rows: JobRow[] } => {
  const count = Object.fromEntries(zones.map((zone) => [zone, 0])) as ClothCount;
  for (const zone of zones) {
    const own = surfaces.filter((one) => zoneOf(one) === zone);
    if (own.length === 0) continue;
    const area = own.reduce((sum, one) => sum + one.area, 0);
    const groups = new Set(
      own.flatMap(({ disinfectedWith, roomId }) =>
        disinfectedWith === null ? [] : `${roomId} ${disinfectedWith}`,
      ),
    ).size;
    const washing = zone === 'glass' ? GLASS_CLOTHS : Math.ceil(area / CLOTH_WASHES - 1e-9);
    count[zone] = Math.max(zone === 'glass' ? GLASS_CLOTHS : 1, washing) + groups;
  }
  return { count, rows: ['cloth-colours', 'cloth-count'] };
};

/** How cloths or mop heads are washed. */
export interface Wash {
  of: 'microfibre' | 'other' | 'mop-heads';
  /** °C */
  temperature: number;
  softener: boolean;
  /** What is in the drawer besides detergent. */
  drawer: readonly ProductId[];
  /** They were wetted with alcohol or another solvent. */
  solvent: boolean;
  /** How often they were washed before. */
  washes: number;
}

const practice = 'common practice, no source';

/** What in one drawer must not meet: it all runs into the same water. */
const drawerReasons = (drawer: readonly ProductId[], book: Book): Reason[] =>
  drawer.flatMap((one, i) =>
    meetsAbout(products[one], { at: 'machine', keeps: drawer.slice(i + 1), lifts: false }, book),
  );

/** Whether a wash makes cloths fit for the next home. Source: CDC-2008, from memory; practice. */
export const judgeWash = (wash: Wash, book: Book): Verdict & { rows: JobRow[] } => {
  const { of, temperature, softener, drawer, solvent, washes } = wash;
  const most = of === 'microfibre' ? mostWashes.microfibre : mostWashes.other;
  const reasons: Reason[] = [
    ...(temperature < washAt.home
      ? [forbidden('wash-too-cold', 'CDC-2008', { temperature, least: washAt.home })]
      : []),
    ...(softener && of !== 'mop-heads' ? [forbidden('softener-clogs', practice)] : []),
    ...(solvent ? [forbidden('solvent-cloths-burn', practice)] : []),
    ...(washes >= most
      ? [
          {
            code: 'worn-out' as const,
            outcome: 'care' as const,
            figures: { washes, most },
            source: practice,
          },
        ]
      : []),
    ...drawerReasons(drawer, book),
  ];
  return {
    ...verdictOf(reasons),
    rows: [
      'cloth-wash',
      ...(of === 'mop-heads' ? (['mop-heads'] as const) : []),
      ...(solvent ? (['soaked-cloths'] as const) : []),
    ],
  };
};
