import type { Level, Touched } from '../protocol/home.ts';
import type { MaterialId } from './materials.ts';
import type { Ventilation } from '../hazards/judgeSituations.ts';

/** What people call things in a home, and what such a thing most likely is. Source: common practice, no source; a person confirms it. */
export interface SurfaceKind {
  names: readonly string[];
  material: MaterialId;
  level: Level;
  /** m² */
  area: number;
  touched: Touched;
  food?: true;
}

const kind = (material: MaterialId, level: Level, area: number, touched: Touched, ...names: string[]): SurfaceKind => ({ names, material, level, area, touched });
const foodKind = (...of: Parameters<typeof kind>): SurfaceKind => ({ ...kind(...of), food: true });

export const surfaceKinds: readonly SurfaceKind[] = [
  kind('glazed-ceramic', 'eye', 3, 'daily', 'tiles', 'wall tiles', 'shower tiles'),
  kind('glass', 'eye', 1.8, 'daily', 'shower screen', 'screen', 'glass door'),
  kind('solid-surface-acrylic', 'knee', 0.8, 'daily', 'shower tray', 'tray'),
  kind('enamelled-cast-iron', 'knee', 1.6, 'daily', 'bath', 'bathtub', 'tub'),
  kind('porcelain', 'hand', 0.4, 'often', 'basin', 'washbasin', 'wash basin'),
  kind('chrome-plate', 'hand', 0.05, 'often', 'tap', 'taps', 'basin tap', 'faucet', 'mixer', 'shower head'),
  kind('toilet-seat', 'toilet', 0.3, 'often', 'toilet seat', 'wc seat', 'seat and lid', 'toilet lid'),
  kind('vitreous-china', 'toilet', 0.6, 'daily', 'toilet', 'wc', 'toilet bowl', 'bowl'),
  kind('chrome-plate', 'toilet', 0.01, 'often', 'flush button', 'flush handle', 'flush'),
  kind('mirror', 'mirror', 0.7, 'seldom', 'mirror'),
  kind('stainless-steel', 'eye', 0.1, 'often', 'grab rail', 'rail', 'towel rail', 'handrail'),
  kind('electronics', 'eye', 0.01, 'often', 'light switch', 'switch', 'switches', 'thermostat'),
  kind('stainless-steel', 'hand', 0.02, 'often', 'door handle', 'handle', 'door knob', 'window handle'),
  kind('painted-wall', 'eye', 1.6, 'daily', 'door', 'doors'),
  kind('painted-wall', 'eye', 4, 'seldom', 'wall', 'walls'),
  kind('glass', 'eye', 1.2, 'seldom', 'window', 'windows'),
  kind('limestone', 'hand', 0.4, 'seldom', 'window sill', 'sill'),
  kind('stainless-steel', 'above', 0.6, 'seldom', 'hood', 'extractor hood', 'cooker hood'),
  kind('laminate', 'eye', 3, 'daily', 'cabinets', 'cabinet fronts', 'cupboards', 'shelf', 'shelves'),
  kind('stainless-steel', 'eye', 0.1, 'often', 'cabinet handles', 'cupboard handles'),
  foodKind('laminate', 'hand', 1.6, 'often', 'worktop', 'counter', 'countertop', 'kitchen counter'),
  kind('glazed-ceramic', 'eye', 1.1, 'daily', 'splashback', 'backsplash'),
  foodKind('stainless-steel', 'hand', 0.5, 'often', 'sink', 'kitchen sink'),
  kind('hot-surface', 'hand', 0.4, 'daily', 'hob', 'stove', 'cooker', 'oven door'),
  kind('hard-plastic', 'hand', 0.03, 'often', 'fridge handle', 'oven handle', 'microwave handle'),
  kind('hard-plastic', 'eye', 1, 'daily', 'fridge', 'freezer', 'microwave', 'dishwasher'),
  kind('stainless-steel', 'hand', 0.15, 'daily', 'kettle'),
  foodKind('plastic-board', 'hand', 0.12, 'often', 'cutting board', 'chopping board', 'board'),
  kind('hard-plastic', 'knee', 0.15, 'often', 'bin', 'bin lid'),
  foodKind('hard-plastic', 'hand', 0.2, 'often', 'high chair', 'high chair tray'),
  kind('sealed-wood', 'hand', 1, 'often', 'table', 'desk', 'bedside table', 'side table', 'dining table'),
  kind('sealed-wood', 'hand', 0.3, 'daily', 'chair', 'chairs', 'chair arms', 'armrests'),
  kind('upholstery', 'knee', 2, 'daily', 'sofa', 'couch', 'armchair', 'mattress', 'cushions', 'curtains'),
  kind('electronics', 'hand', 0.02, 'often', 'remote', 'remote control', 'keyboard', 'phone', 'telephone'),
  kind('coated-screen', 'hand', 0.5, 'seldom', 'television', 'tv', 'monitor', 'tablet'),
  kind('hot-surface', 'hand', 0.05, 'daily', 'lamp', 'reading lamp', 'radiator', 'heater'),
  kind('sealed-wood', 'hand', 0.4, 'often', 'cot', 'cot rail', 'banister', 'stair rail'),
  kind('hard-plastic', 'hand', 0.3, 'often', 'bed rail', 'changing mat', 'walker', 'commode'),
  kind('mouthed-toy', 'knee', 0.5, 'often', 'toys', 'toy tray'),
  kind('upholstery', 'floor', 8, 'daily', 'carpet', 'rug'),
  kind('glazed-ceramic', 'floor', 4, 'daily', 'floor', 'tiled floor', 'floor tiles'),
];

/** Words in a name that say what it is made of. */
export const materialHints: Record<string, MaterialId> = {
  chrome: 'chrome-plate', steel: 'stainless-steel', 'stainless steel': 'stainless-steel', brass: 'brass', bronze: 'brass', copper: 'copper', aluminium: 'aluminium', aluminum: 'aluminium', iron: 'cast-iron', marble: 'marble', limestone: 'limestone', travertine: 'limestone',
  granite: 'granite-sealed', quartz: 'engineered-quartz', terrazzo: 'terrazzo', concrete: 'concrete', grout: 'cement-grout', laminate: 'laminate', corian: 'solid-surface-acrylic', acrylic: 'acrylic-polycarbonate', polycarbonate: 'acrylic-polycarbonate', plastic: 'hard-plastic',
  painted: 'painted-wall', wooden: 'sealed-wood', wood: 'sealed-wood', oak: 'sealed-wood', hardwood: 'hardwood-floor', parquet: 'hardwood-floor', bamboo: 'unsealed-wood', cork: 'unsealed-wood', rubber: 'rubber', silicone: 'silicone', leather: 'leather', vinyl: 'vinyl-floor', lino: 'linoleum-waxed',
  linoleum: 'linoleum-waxed', glass: 'glass', ceramic: 'glazed-ceramic', tiled: 'glazed-ceramic', porcelain: 'porcelain', china: 'vitreous-china', enamel: 'enamelled-cast-iron', enamelled: 'enamelled-cast-iron',
};

/** Rooms to begin with, each with the surfaces that most such rooms have. Source: common practice, no source. */
export const roomTemplates = {
  Bathroom: { floorArea: 4.5, height: 2.4, ventilation: 'window' as Ventilation, flame: false, surfaces: 'light switch, door handle, shower tiles, shower screen, basin, basin tap, toilet seat, toilet, mirror, floor' },
  Kitchen: { floorArea: 10, height: 2.5, ventilation: 'window' as Ventilation, flame: false, surfaces: 'extractor hood, cabinet handles, light switch, worktop, splashback, sink, tap, hob, fridge handle, bin lid, floor' },
  Hall: { floorArea: 5, height: 2.5, ventilation: 'none' as Ventilation, flame: false, surfaces: 'light switch, door handle, banister, floor' },
  Bedroom: { floorArea: 12, height: 2.4, ventilation: 'window' as Ventilation, flame: false, surfaces: 'light switch, door handle, bedside table, window sill, carpet' },
  'Living room': { floorArea: 20, height: 2.5, ventilation: 'window' as Ventilation, flame: false, surfaces: 'light switch, door handle, table, remote control, sofa, carpet' },
} as const;
export type RoomTemplate = keyof typeof roomTemplates;
