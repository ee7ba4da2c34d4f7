import type { Level, Touched } from '../protocol/home.ts';
import type { MaterialId } from './materials.ts';
import type { Flame, Ventilation } from '../hazards/judgeSituations.ts';

/** What people call things in a home, and what such a thing most likely is. Source: common practice, no source; a person confirms it. */
export interface SurfaceKind {
  names: readonly string[];
  material: MaterialId;
  level: Level;
  /** m² */
  area: number;
  touched: Touched;
  food?: true;
  /** The thing says what it is made of, whatever word stands before it: a glass hob is a hob. */
  itself?: true;
}

type Row = [material: MaterialId, level: Level, area: number, touched: Touched, ...names: string[]];
const kind = (...[material, level, area, touched, ...names]: Row): SurfaceKind => ({ names, material, level, area, touched });
const foodKind = (...row: Row): SurfaceKind => ({ ...kind(...row), food: true });
const itself = (...row: Row): SurfaceKind => ({ ...kind(...row), itself: true });

export const surfaceKinds: readonly SurfaceKind[] = [
  kind('glazed-ceramic', 'eye', 3, 'daily', 'tiles', 'wall tiles', 'shower tiles'),
  kind('cement-grout', 'eye', 1, 'daily', 'grout', 'tile grout', 'shower grout'),
  kind('glass', 'eye', 1.8, 'daily', 'shower screen', 'shower door', 'screen', 'glass door'),
  kind('textile', 'eye', 3, 'daily', 'shower curtain'),
  kind('solid-surface-acrylic', 'knee', 0.8, 'daily', 'shower tray', 'tray'),
  kind('enamelled-cast-iron', 'knee', 1.6, 'daily', 'bath', 'bathtub', 'tub'),
  kind('porcelain', 'hand', 0.4, 'often', 'basin', 'washbasin', 'wash basin', 'handbasin'),
  kind('chrome-plate', 'hand', 0.05, 'often', 'tap', 'taps', 'basin tap', 'faucet', 'mixer', 'shower head'),
  itself('toilet-seat', 'toilet', 0.3, 'often', 'toilet seat', 'wc seat', 'seat and lid', 'toilet lid', 'loo seat'),
  itself('vitreous-china', 'toilet', 0.6, 'daily', 'toilet', 'wc', 'toilet bowl', 'bowl', 'loo'),
  itself('hard-plastic', 'toilet', 0.05, 'daily', 'toilet brush', 'loo brush', 'brush holder'),
  kind('chrome-plate', 'toilet', 0.01, 'often', 'flush button', 'flush handle', 'flush'),
  itself('mirror', 'mirror', 0.7, 'seldom', 'mirror', 'mirror cabinet'),
  kind('stainless-steel', 'eye', 0.1, 'often', 'grab rail', 'rail', 'towel rail', 'handrail'),
  itself('electronics', 'eye', 0.01, 'often', 'light switch', 'switch', 'switches', 'thermostat', 'socket', 'doorbell', 'intercom'),
  kind('stainless-steel', 'hand', 0.02, 'often', 'door handle', 'handle', 'door knob', 'window handle'),
  kind('painted-wall', 'eye', 1.6, 'daily', 'door', 'doors'),
  kind('painted-wall', 'eye', 4, 'seldom', 'wall', 'walls'),
  kind('glass', 'eye', 1.2, 'seldom', 'window', 'windows'),
  itself('blinds', 'eye', 1.5, 'seldom', 'blinds', 'venetian blinds', 'blind'),
  kind('limestone', 'hand', 0.4, 'seldom', 'window sill', 'sill'),
  kind('stainless-steel', 'above', 0.6, 'seldom', 'hood', 'extractor hood', 'cooker hood'),
  kind('laminate', 'eye', 3, 'daily', 'cabinets', 'cabinet fronts', 'cupboards', 'shelf', 'shelves'),
  kind('stainless-steel', 'eye', 0.1, 'often', 'cabinet handles', 'cupboard handles'),
  foodKind('laminate', 'hand', 1.6, 'often', 'worktop', 'counter', 'countertop', 'kitchen counter', 'work surface'),
  kind('glazed-ceramic', 'eye', 1.1, 'daily', 'splashback', 'backsplash'),
  foodKind('stainless-steel', 'hand', 0.5, 'often', 'sink', 'kitchen sink'),
  itself('glass-ceramic-hob', 'hand', 0.4, 'daily', 'glass-ceramic hob', 'ceramic hob', 'glass hob', 'induction hob'),
  itself('hot-surface', 'hand', 0.4, 'daily', 'hob', 'gas hob', 'stove', 'cooker', 'oven door'),
  kind('hard-plastic', 'hand', 0.03, 'often', 'fridge handle', 'oven handle', 'microwave handle'),
  kind('hard-plastic', 'eye', 1, 'daily', 'fridge', 'freezer', 'microwave', 'dishwasher'),
  kind('stainless-steel', 'hand', 0.15, 'daily', 'kettle'),
  { ...foodKind('wooden-board', 'hand', 0.12, 'often', 'wooden cutting board', 'wooden chopping board', 'wood cutting board', 'wood chopping board', 'bamboo cutting board'), itself: true },
  { ...foodKind('plastic-board', 'hand', 0.12, 'often', 'cutting board', 'chopping board', 'board'), itself: true },
  kind('hard-plastic', 'knee', 0.15, 'often', 'bin', 'bin lid'),
  foodKind('hard-plastic', 'hand', 0.2, 'often', 'high chair', 'high chair tray'),
  kind('sealed-wood', 'hand', 1, 'often', 'table', 'desk', 'bedside table', 'side table', 'dining table'),
  kind('sealed-wood', 'hand', 0.3, 'daily', 'chair', 'chairs', 'chair arms', 'armrests'),
  kind('upholstery', 'knee', 2, 'daily', 'sofa', 'couch', 'armchair', 'cushions'),
  itself('mattress', 'knee', 2, 'daily', 'mattress'),
  itself('textile', 'eye', 3, 'seldom', 'curtains', 'curtain', 'bedding', 'towels'),
  itself('plush', 'knee', 0.1, 'often', 'plush toy', 'plush toys', 'soft toy', 'soft toys', 'teddy', 'cuddly toy'),
  itself('electronics', 'hand', 0.02, 'often', 'remote', 'remote control', 'keyboard', 'phone', 'telephone', 'mouse', 'game controller'),
  itself('coated-screen', 'hand', 0.5, 'seldom', 'television', 'tv', 'monitor', 'tv screen'),
  itself('coated-screen', 'hand', 0.05, 'often', 'tablet', 'tablet screen', 'phone screen', 'laptop screen'),
  itself('coated-spectacles', 'hand', 0.01, 'often', 'spectacles', 'glasses'),
  itself('hot-surface', 'hand', 0.05, 'daily', 'lamp', 'reading lamp', 'radiator', 'heater'),
  kind('sealed-wood', 'hand', 0.4, 'often', 'cot', 'cot rail', 'banister', 'stair rail'),
  kind('hard-plastic', 'hand', 0.3, 'often', 'bed rail', 'changing mat', 'walker', 'commode'),
  itself('harness-straps', 'hand', 0.1, 'often', 'car seat straps', 'harness', 'pram straps'),
  itself('mouthed-toy', 'knee', 0.5, 'often', 'toys', 'toy', 'toy tray', 'plastic toys', 'plastic toy', 'wooden toys', 'dummy', 'teether'),
  { ...foodKind('hard-plastic', 'floor', 0.05, 'daily', 'cat bowl', 'dog bowl', 'pet bowl', 'food bowl') },
  itself('hard-plastic', 'floor', 0.2, 'daily', 'litter tray', 'litter box', 'cat litter tray'),
  itself('medical-breathing', 'hand', 0.05, 'daily', 'cpap', 'cpap machine', 'cpap mask', 'oxygen concentrator', 'concentrator', 'nebuliser', 'nebulizer', 'oxygen mask'),
  itself('paper', 'eye', 1, 'seldom', 'books', 'book shelf', 'papers'),
  itself('carpet', 'floor', 8, 'daily', 'carpet', 'rug'),
  kind('glazed-ceramic', 'floor', 4, 'daily', 'floor', 'tiled floor', 'floor tiles'),
];

/** Words in a name that say what it is made of; several words before one. */
export const materialHints: Record<string, MaterialId> = {
  'epoxy grout': 'sealed-grout', 'sealed grout': 'sealed-grout', 'stainless steel': 'stainless-steel', 'enamelled steel': 'enamelled-steel', 'anodised aluminium': 'anodised-aluminium', 'lacquered brass': 'lacquered-brass',
  'natural stone': 'other-stone', 'cement tile': 'cement-tile', 'encaustic tile': 'cement-tile', 'laminate floor': 'laminate-floor', 'resin floor': 'resin-floor', 'cast iron': 'cast-iron', 'engineered quartz': 'engineered-quartz',
  chrome: 'chrome-plate', steel: 'stainless-steel', nickel: 'nickel', brass: 'brass', bronze: 'brass', copper: 'copper', silver: 'silver', aluminium: 'aluminium', aluminum: 'aluminium', iron: 'cast-iron', marble: 'marble', limestone: 'limestone', travertine: 'limestone',
  slate: 'slate', quartzite: 'quartzite', granite: 'granite-sealed', quartz: 'engineered-quartz', terrazzo: 'terrazzo', terracotta: 'terracotta', concrete: 'concrete', plaster: 'plaster', grout: 'cement-grout', laminate: 'laminate', melamine: 'melamine', fibreglass: 'fibreglass', fiberglass: 'fibreglass',
  corian: 'solid-surface-acrylic', acrylic: 'acrylic-polycarbonate', polycarbonate: 'acrylic-polycarbonate', polystyrene: 'polystyrene', plastic: 'hard-plastic', painted: 'painted-wall', wooden: 'sealed-wood', wood: 'sealed-wood', oak: 'sealed-wood', hardwood: 'hardwood-floor', parquet: 'hardwood-floor',
  bamboo: 'bamboo-rattan', rattan: 'bamboo-rattan', wicker: 'bamboo-rattan', cork: 'cork', rubber: 'rubber', silicone: 'silicone', leather: 'leather', vinyl: 'vinyl-floor', lino: 'linoleum-waxed', linoleum: 'linoleum-waxed', glass: 'glass', ceramic: 'glazed-ceramic', tiled: 'glazed-ceramic',
  porcelain: 'porcelain', china: 'vitreous-china', enamel: 'enamelled-cast-iron', enamelled: 'enamelled-cast-iron', velvet: 'upholstery', fabric: 'upholstery',
};

/** Rooms to begin with, each with the surfaces that most such rooms have. Source: common practice, no source. */
export const roomTemplates = {
  Bathroom: { floorArea: 4.5, height: 2.4, ventilation: 'window' as Ventilation, flame: 'unknown' as Flame, surfaces: 'light switch, door handle, shower tiles, shower screen, basin, basin tap, toilet seat, toilet, mirror, floor' },
  Kitchen: { floorArea: 10, height: 2.5, ventilation: 'window' as Ventilation, flame: 'hob' as Flame, surfaces: 'extractor hood, cabinet handles, light switch, worktop, splashback, sink, tap, hob, fridge handle, bin lid, floor' },
  Hall: { floorArea: 5, height: 2.5, ventilation: 'none' as Ventilation, flame: 'unknown' as Flame, surfaces: 'light switch, door handle, banister, floor' },
  Bedroom: { floorArea: 12, height: 2.4, ventilation: 'window' as Ventilation, flame: 'unknown' as Flame, surfaces: 'light switch, door handle, bedside table, window sill, carpet' },
  'Living room': { floorArea: 20, height: 2.5, ventilation: 'window' as Ventilation, flame: 'unknown' as Flame, surfaces: 'light switch, door handle, table, remote control, sofa, carpet' },
} as const;
export type RoomTemplate = keyof typeof roomTemplates;
