import type { Outcome } from '../verdict.ts';
import type { GenericFamily } from './families.ts';

/** What a material bears of one family at working strength. */
export interface Bearing {
  outcome: Outcome;
  rinse?: true;
  /** On a damp cloth only, never sprayed. */
  cloth?: true;
  /** Not while the surface is hot. */
  untilCool?: true;
}

const U: Bearing = { outcome: 'use' };
const C: Bearing = { outcome: 'care' };
const N: Bearing = { outcome: 'never' };
const rinsed = (bearing: Bearing): Bearing => ({ ...bearing, rinse: true });
const byCloth: Bearing = { outcome: 'care', cloth: true };
const edgesDry: Bearing = { outcome: 'use', cloth: true };
const wait: Bearing = { outcome: 'care', untilCool: true };
const waitNever: Bearing = { outcome: 'never', untilCool: true };

export interface Material {
  bears: Record<GenericFamily, Bearing>;
  /** Cannot hold a wet film over a closed surface: no contact time can be promised. */
  porous?: true;
}

const bears = (peroxide: Bearing, alcohol: Bearing, vinegar: Bearing): Material => ({ bears: { peroxide, alcohol, vinegar } });
const porous = (...bearings: [Bearing, Bearing, Bearing]): Material => ({ ...bears(...bearings), porous: true });

/**
 * Peroxide 3 %, alcohol 70 %, vinegar 5 %, in that order. All rows: common practice and manufacturers' usual care
 * advice (memory); none is a warranty, the maker's instructions prevail.
 */
export const materials = {
  'glazed-ceramic': bears(U, U, U),
  porcelain: bears(U, U, U),
  'vitreous-china': bears(U, U, U),
  glass: bears(U, U, U),
  mirror: bears(edgesDry, edgesDry, edgesDry),
  'stainless-steel': bears(rinsed(U), U, rinsed(C)),
  'chrome-plate': bears(U, U, rinsed(C)),
  brass: bears(C, U, rinsed(C)),
  copper: bears(C, U, rinsed(C)),
  aluminium: bears(C, U, N),
  'cast-iron': bears(C, U, N),
  'enamelled-cast-iron': bears(C, U, N),
  marble: bears(C, U, N),
  limestone: bears(C, U, N),
  'granite-sealed': bears(C, U, N),
  'engineered-quartz': bears(C, C, N),
  terrazzo: bears(C, U, N),
  concrete: bears(C, U, N),
  'cement-grout': bears(U, U, rinsed(C)),
  'sealed-grout': bears(U, U, U),
  laminate: bears(U, U, C),
  'solid-surface-acrylic': bears(U, C, C),
  'acrylic-polycarbonate': bears(U, N, C),
  'hard-plastic': bears(U, U, U),
  'painted-wall': bears(C, C, C),
  'sealed-wood': bears(C, N, N),
  'hardwood-floor': bears(C, N, N),
  'unsealed-wood': porous(C, C, N),
  'wooden-board': porous(rinsed(C), C, C),
  'plastic-board': bears(rinsed(U), rinsed(U), rinsed(U)),
  rubber: bears(U, C, C),
  silicone: bears(U, U, U),
  'coated-screen': bears(N, byCloth, N),
  electronics: bears(N, byCloth, N),
  leather: bears(N, N, N),
  upholstery: porous(N, C, C),
  'vinyl-floor': bears(U, C, C),
  'linoleum-waxed': bears(C, N, N),
  wallpaper: bears(N, C, N),
  'car-paint': bears(N, C, N),
  'pearl-jewellery': bears(N, N, N),
  'hot-surface': bears(wait, waitNever, wait),
  'mouthed-toy': bears(rinsed(U), rinsed(U), rinsed(U)),
  'toilet-seat': bears(U, C, C),
} as const satisfies Record<string, Material>;

export type MaterialId = keyof typeof materials;
export const materialIds = Object.keys(materials) as MaterialId[];
