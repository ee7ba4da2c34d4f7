import type { Level, Touched } from '../domain/levels.ts';
import type { Flame, Ventilation } from '../domain/situations.ts';
import type { Thing } from '../domain/things.ts';
import type { MaterialId } from './materials.ts';

/**
 * What a thing in a home most likely is; what people call it stands in the tables of each language.
 * Source: common practice, no source; a person confirms it.
 */
export interface SurfaceKind {
  material: MaterialId;
  level: Level;
  /** m² */
  area: number;
  touched: Touched;
  food?: true;
  /** The thing says what it is made of, whatever word stands before it: a glass hob is a hob. */
  itself?: true;
  /** What it is, where that decides how it is descaled, soaked or steamed. */
  thing?: Thing;
}

type Row = [material: MaterialId, level: Level, area: number, touched: Touched];
const kind = (...[material, level, area, touched]: Row): SurfaceKind => ({
  material,
  level,
  area,
  touched,
});
const foodKind = (...row: Row): SurfaceKind => ({ ...kind(...row), food: true });
const as = (thing: Thing, one: SurfaceKind): SurfaceKind => ({ ...one, thing });
const itself = (...row: Row): SurfaceKind => ({ ...kind(...row), itself: true });

export const surfaceKinds = {
  tiles: kind('glazed-ceramic', 'eye', 3, 'daily'),
  grout: kind('cement-grout', 'eye', 1, 'daily'),
  'shower-screen': as('shower-screen', kind('glass', 'eye', 1.8, 'daily')),
  'shower-head': as('shower-head', kind('chrome-plate', 'above', 0.03, 'daily')),
  'shower-curtain': kind('textile', 'eye', 3, 'daily'),
  'shower-tray': kind('solid-surface-acrylic', 'knee', 0.8, 'daily'),
  bath: kind('enamelled-cast-iron', 'knee', 1.6, 'daily'),
  basin: kind('porcelain', 'hand', 0.4, 'often'),
  tap: as('tap', kind('chrome-plate', 'hand', 0.05, 'often')),
  'toilet-seat': itself('toilet-seat', 'toilet', 0.3, 'often'),
  toilet: as('toilet-bowl', itself('vitreous-china', 'toilet', 0.6, 'daily')),
  'toilet-brush': as('toilet-brush', itself('hard-plastic', 'toilet', 0.05, 'daily')),
  plunger: as('plunger', itself('rubber', 'toilet', 0.05, 'seldom')),
  'flush-button': kind('chrome-plate', 'toilet', 0.01, 'often'),
  mirror: as('glass', itself('mirror', 'mirror', 0.7, 'seldom')),
  'grab-rail': kind('stainless-steel', 'eye', 0.1, 'often'),
  'light-switch': itself('electronics', 'eye', 0.01, 'often'),
  'door-handle': kind('stainless-steel', 'hand', 0.02, 'often'),
  door: kind('painted-wall', 'eye', 1.6, 'daily'),
  wall: kind('painted-wall', 'eye', 4, 'seldom'),
  window: as('glass', kind('glass', 'eye', 1.2, 'seldom')),
  blinds: itself('blinds', 'eye', 1.5, 'seldom'),
  'window-sill': kind('limestone', 'hand', 0.4, 'seldom'),
  hood: kind('stainless-steel', 'above', 0.6, 'seldom'),
  cabinets: kind('laminate', 'eye', 3, 'daily'),
  'cabinet-handles': kind('stainless-steel', 'eye', 0.1, 'often'),
  worktop: foodKind('laminate', 'hand', 1.6, 'often'),
  splashback: kind('glazed-ceramic', 'eye', 1.1, 'daily'),
  sink: foodKind('stainless-steel', 'hand', 0.5, 'often'),
  'glass-ceramic-hob': itself('glass-ceramic-hob', 'hand', 0.4, 'daily'),
  hob: itself('hot-surface', 'hand', 0.4, 'daily'),
  'fridge-handle': kind('hard-plastic', 'hand', 0.03, 'often'),
  fridge: as('fridge', kind('hard-plastic', 'eye', 1, 'daily')),
  microwave: as('microwave', kind('enamelled-steel', 'eye', 0.6, 'daily')),
  dishwasher: as('dishwasher', kind('stainless-steel', 'knee', 1, 'daily')),
  'washing-machine': as('washing-machine', kind('stainless-steel', 'knee', 1, 'daily')),
  kettle: as('kettle', kind('stainless-steel', 'hand', 0.08, 'daily')),
  'drip-coffee': as('drip-coffee', kind('hard-plastic', 'hand', 0.1, 'daily')),
  'coffee-machine': as('pressure-coffee', kind('hard-plastic', 'hand', 0.1, 'daily')),
  drain: as('drain', kind('stainless-steel', 'hand', 0.02, 'daily')),
  sponge: as('sponge', itself('something-porous', 'hand', 0.02, 'often')),
  cloths: as('coloured-cloths', itself('textile', 'hand', 0.5, 'often')),
  'white-cloths': as('white-cloths', itself('textile', 'hand', 0.5, 'often')),
  scissors: as('hard-things', itself('stainless-steel', 'hand', 0.02, 'often')),
  cutlery: as('cutlery', itself('stainless-steel', 'hand', 0.2, 'often')),
  'bath-tools': as('bath-tools', itself('hard-plastic', 'hand', 0.05, 'daily')),
  loofah: as('sponge', itself('something-porous', 'hand', 0.05, 'daily')),
  'wooden-cutting-board': { ...foodKind('wooden-board', 'hand', 0.12, 'often'), itself: true },
  'cutting-board': { ...foodKind('plastic-board', 'hand', 0.12, 'often'), itself: true },
  bin: kind('hard-plastic', 'knee', 0.15, 'often'),
  'high-chair': foodKind('hard-plastic', 'hand', 0.2, 'often'),
  table: kind('sealed-wood', 'hand', 1, 'often'),
  chair: kind('sealed-wood', 'hand', 0.3, 'daily'),
  sofa: kind('upholstery', 'knee', 2, 'daily'),
  mattress: itself('mattress', 'knee', 2, 'daily'),
  curtains: itself('textile', 'eye', 3, 'seldom'),
  'plush-toy': itself('plush', 'knee', 0.1, 'often'),
  remote: itself('electronics', 'hand', 0.02, 'often'),
  television: itself('coated-screen', 'hand', 0.5, 'seldom'),
  tablet: itself('coated-screen', 'hand', 0.05, 'often'),
  spectacles: itself('coated-spectacles', 'hand', 0.01, 'often'),
  lamp: itself('hot-surface', 'hand', 0.05, 'daily'),
  cot: kind('sealed-wood', 'hand', 0.4, 'often'),
  'bed-rail': kind('hard-plastic', 'hand', 0.3, 'often'),
  'car-seat-straps': itself('harness-straps', 'hand', 0.1, 'often'),
  toys: itself('mouthed-toy', 'knee', 0.5, 'often'),
  'cat-bowl': foodKind('hard-plastic', 'floor', 0.05, 'daily'),
  'litter-tray': itself('hard-plastic', 'floor', 0.2, 'daily'),
  cpap: itself('medical-breathing', 'hand', 0.05, 'daily'),
  books: itself('paper', 'eye', 1, 'seldom'),
  carpet: itself('carpet', 'floor', 8, 'daily'),
  floor: kind('glazed-ceramic', 'floor', 4, 'daily'),
} as const satisfies Record<string, SurfaceKind>;
export type SurfaceKindId = keyof typeof surfaceKinds;

interface UsualRoom {
  floorArea: number;
  height: number;
  ventilation: Ventilation;
  flame: Flame;
}

/** Rooms to begin with, as most are. Source: common practice, no source. */
export const roomTemplates = {
  bathroom: { floorArea: 4.5, height: 2.4, ventilation: 'window', flame: 'unknown' },
  kitchen: { floorArea: 10, height: 2.5, ventilation: 'window', flame: 'hob' },
  hall: { floorArea: 5, height: 2.5, ventilation: 'none', flame: 'unknown' },
  bedroom: { floorArea: 12, height: 2.4, ventilation: 'window', flame: 'unknown' },
  'living-room': { floorArea: 20, height: 2.5, ventilation: 'window', flame: 'unknown' },
} as const satisfies Record<string, UsualRoom>;
export type RoomTemplate = keyof typeof roomTemplates;
