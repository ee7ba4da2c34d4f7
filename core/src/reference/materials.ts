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

/**
 * How a thing is cleaned before, and where nothing else is done: it is not everything that can be
 * washed and rinsed.
 */
export const cleanings = [
  'wash',
  'damp-wipe',
  'dry-wipe',
  'vacuum',
  'launder',
  'maker-only',
] as const;
export type Cleaning = (typeof cleanings)[number];

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
  cleaned: Cleaning;
  /** Cannot hold a wet film over a closed surface: no contact time can be promised. */
  porous?: true;
  /** Switched off and unplugged before anything wet comes near. */
  powered?: true;
  /** Goes into a mouth: rinsed whatever is put on. */
  mouthed?: true;
  /** Nobody has said what it is: never better than a Care. */
  unknown?: true;
}

type Bearings = [Bearing, Bearing, Bearing];
type More = Omit<Material, 'bears' | 'cleaned'>;
const made = (
  cleaned: Cleaning,
  [peroxide, alcohol, vinegar]: Bearings,
  more: More = {},
): Material => ({ bears: { peroxide, alcohol, vinegar }, cleaned, ...more });
/** Washed and rinsed. */
const washed = (...bearings: Bearings): Material => made('wash', bearings);
/** Only ever wiped with a wrung-out cloth: water gets in or swells it. */
const damp = (...bearings: Bearings): Material => made('damp-wipe', bearings);
const porous = (cleaned: Cleaning, ...bearings: Bearings): Material =>
  made(cleaned, bearings, { porous: true });

/**
 * Peroxide up to 3 %, alcohol 70 to 90 %, vinegar 5 to 6 %, in that order. All rows: common
 * practice and makers' usual care advice; none is a warranty, the maker's instructions prevail.
 */
export const materials = {
  'glazed-ceramic': washed(U, U, U),
  porcelain: washed(U, U, U),
  'vitreous-china': washed(U, U, U),
  glass: washed(U, U, U),
  mirror: damp(edgesDry, edgesDry, edgesDry),
  'glass-ceramic-hob': made('wash', [
    { ...C, rinse: true, untilCool: true },
    waitNever,
    { ...wait, rinse: true },
  ]),
  'stainless-steel': washed(rinsed(U), U, rinsed(C)),
  'enamelled-steel': washed(U, U, C),
  'chrome-plate': washed(U, U, rinsed(C)),
  nickel: washed(C, U, N),
  'coloured-plate': washed(C, C, N),
  brass: washed(C, U, rinsed(C)),
  'lacquered-brass': damp(C, C, N),
  copper: washed(C, U, rinsed(C)),
  silver: damp(N, C, N),
  aluminium: washed(C, U, N),
  'anodised-aluminium': washed(C, U, N),
  'cast-iron': damp(C, U, N),
  'carbon-steel': damp(C, U, N),
  'enamelled-cast-iron': washed(C, U, N),
  'non-stick': washed(C, C, C),
  marble: washed(C, U, N),
  limestone: washed(C, U, N),
  slate: washed(C, U, N),
  quartzite: washed(C, U, N),
  'other-stone': washed(C, U, N),
  'granite-sealed': washed(C, U, N),
  'engineered-quartz': washed(C, C, N),
  terrazzo: washed(C, U, N),
  concrete: washed(C, U, N),
  'cement-tile': washed(C, C, N),
  terracotta: porous('damp-wipe', C, C, N),
  plaster: porous('dry-wipe', N, C, N),
  'cement-grout': washed(U, U, rinsed(C)),
  'sealed-grout': washed(U, U, U),
  laminate: damp(U, U, C),
  'laminate-floor': damp(C, C, C),
  'resin-floor': washed(C, C, C),
  'solid-surface-acrylic': washed(U, C, C),
  'composite-sink': washed(C, U, C),
  fibreglass: washed(U, C, C),
  melamine: washed(U, U, C),
  'acrylic-polycarbonate': washed(U, N, C),
  polystyrene: washed(U, N, C),
  'soft-pvc': washed(U, C, C),
  'hard-plastic': washed(U, U, U),
  'painted-wall': damp(C, C, C),
  'sealed-wood': damp(C, N, N),
  'hardwood-floor': damp(C, N, N),
  'unsealed-wood': porous('dry-wipe', C, C, N),
  'bamboo-rattan': porous('dry-wipe', C, C, N),
  cork: porous('damp-wipe', C, C, N),
  'wooden-board': porous('wash', rinsed(C), C, C),
  'plastic-board': washed(rinsed(U), rinsed(U), rinsed(U)),
  rubber: washed(U, C, C),
  silicone: washed(U, U, U),
  'coated-screen': made('dry-wipe', [N, byCloth, N], { powered: true }),
  'coated-spectacles': damp(N, byCloth, N),
  electronics: made('dry-wipe', [N, byCloth, N], { powered: true }),
  leather: made('dry-wipe', [N, N, N]),
  upholstery: porous('vacuum', N, C, C),
  carpet: porous('vacuum', N, C, C),
  textile: porous('launder', N, N, N),
  plush: porous('launder', N, N, N),
  'mattress-covered': damp(byCloth, byCloth, N),
  mattress: porous('vacuum', N, C, N),
  'harness-straps': made('maker-only', [N, N, N], { porous: true }),
  blinds: damp(C, C, C),
  paper: made('dry-wipe', [N, N, N], { porous: true }),
  'vinyl-floor': washed(U, C, C),
  'linoleum-waxed': damp(C, N, N),
  wallpaper: made('dry-wipe', [N, C, N]),
  'car-paint': washed(N, C, N),
  'pearl-jewellery': made('dry-wipe', [N, N, N]),
  'hot-surface': made('wash', [wait, waitNever, wait]),
  'mouthed-toy': made('wash', [rinsed(U), rinsed(U), rinsed(U)], { mouthed: true }),
  'toilet-seat': washed(U, C, C),
  'medical-breathing': made('maker-only', [N, N, N]),
  'something-porous': made('dry-wipe', [C, C, N], { porous: true, unknown: true }),
  'something-finished': made('damp-wipe', [C, N, N], { unknown: true }),
  'something-hard': made('damp-wipe', [C, C, C], { unknown: true }),
} as const satisfies Record<string, Material>;

export type MaterialId = keyof typeof materials;
export const materialIds = Object.keys(materials) as MaterialId[];
export const materialOf = (id: MaterialId): Material => materials[id];

/**
 * What strength a material's verdict holds up to: beyond it, inside what may be used at all, it is
 * one step worse.
 */
export const bearsUpTo: Record<GenericFamily, number> = {
  peroxide: 0.03,
  alcohol: 0.9,
  vinegar: 0.06,
};
