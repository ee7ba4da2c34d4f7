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

export interface Material {
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

const cleaned = (how: Cleaning, more: Omit<Material, 'cleaned'> = {}): Material => ({
  cleaned: how,
  ...more,
});

/**
 * What people have in their homes, and how it is cleaned. What each bears of a family stands with
 * the family. Common practice and makers' usual care advice; none is a warranty, the maker's
 * instructions prevail.
 */
export const materials = {
  'glazed-ceramic': cleaned('wash'),
  porcelain: cleaned('wash'),
  'vitreous-china': cleaned('wash'),
  glass: cleaned('wash'),
  mirror: cleaned('damp-wipe'),
  'glass-ceramic-hob': cleaned('wash'),
  'stainless-steel': cleaned('wash'),
  'enamelled-steel': cleaned('wash'),
  'chrome-plate': cleaned('wash'),
  nickel: cleaned('wash'),
  'coloured-plate': cleaned('wash'),
  brass: cleaned('wash'),
  'lacquered-brass': cleaned('damp-wipe'),
  copper: cleaned('wash'),
  silver: cleaned('damp-wipe'),
  aluminium: cleaned('wash'),
  'anodised-aluminium': cleaned('wash'),
  'cast-iron': cleaned('damp-wipe'),
  'carbon-steel': cleaned('damp-wipe'),
  'enamelled-cast-iron': cleaned('wash'),
  'non-stick': cleaned('wash'),
  marble: cleaned('wash'),
  limestone: cleaned('wash'),
  slate: cleaned('wash'),
  quartzite: cleaned('wash'),
  'other-stone': cleaned('wash'),
  'granite-sealed': cleaned('wash'),
  'engineered-quartz': cleaned('wash'),
  terrazzo: cleaned('wash'),
  concrete: cleaned('wash'),
  'cement-tile': cleaned('wash'),
  terracotta: cleaned('damp-wipe', { porous: true }),
  plaster: cleaned('dry-wipe', { porous: true }),
  'cement-grout': cleaned('wash'),
  'sealed-grout': cleaned('wash'),
  laminate: cleaned('damp-wipe'),
  'laminate-floor': cleaned('damp-wipe'),
  'resin-floor': cleaned('wash'),
  'solid-surface-acrylic': cleaned('wash'),
  'composite-sink': cleaned('wash'),
  fibreglass: cleaned('wash'),
  melamine: cleaned('wash'),
  'acrylic-polycarbonate': cleaned('wash'),
  polystyrene: cleaned('wash'),
  'soft-pvc': cleaned('wash'),
  'hard-plastic': cleaned('wash'),
  'painted-wall': cleaned('damp-wipe'),
  'sealed-wood': cleaned('damp-wipe'),
  'hardwood-floor': cleaned('damp-wipe'),
  'unsealed-wood': cleaned('dry-wipe', { porous: true }),
  'bamboo-rattan': cleaned('dry-wipe', { porous: true }),
  cork: cleaned('damp-wipe', { porous: true }),
  'wooden-board': cleaned('wash', { porous: true }),
  'plastic-board': cleaned('wash'),
  rubber: cleaned('wash'),
  silicone: cleaned('wash'),
  'coated-screen': cleaned('dry-wipe', { powered: true }),
  'coated-spectacles': cleaned('damp-wipe'),
  electronics: cleaned('dry-wipe', { powered: true }),
  leather: cleaned('dry-wipe'),
  upholstery: cleaned('vacuum', { porous: true }),
  carpet: cleaned('vacuum', { porous: true }),
  textile: cleaned('launder', { porous: true }),
  plush: cleaned('launder', { porous: true }),
  'mattress-covered': cleaned('damp-wipe'),
  mattress: cleaned('vacuum', { porous: true }),
  'harness-straps': cleaned('maker-only', { porous: true }),
  blinds: cleaned('damp-wipe'),
  paper: cleaned('dry-wipe', { porous: true }),
  'vinyl-floor': cleaned('wash'),
  'linoleum-waxed': cleaned('damp-wipe'),
  wallpaper: cleaned('dry-wipe'),
  'car-paint': cleaned('wash'),
  'pearl-jewellery': cleaned('dry-wipe'),
  'hot-surface': cleaned('wash'),
  'mouthed-toy': cleaned('wash', { mouthed: true }),
  'toilet-seat': cleaned('wash'),
  'medical-breathing': cleaned('maker-only'),
  'something-porous': cleaned('dry-wipe', { porous: true, unknown: true }),
  'something-finished': cleaned('damp-wipe', { unknown: true }),
  'something-hard': cleaned('damp-wipe', { unknown: true }),
} as const satisfies Record<string, Material>;

export type MaterialId = keyof typeof materials;
export const materialIds = Object.keys(materials) as MaterialId[];
export const materialOf = (id: MaterialId): Material => materials[id];
