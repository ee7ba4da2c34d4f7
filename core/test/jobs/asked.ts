import {
  asTheTableSays,
  cautiousBook,
  cautiousRules,
  soilJob,
  usualAir,
  type BathAsked,
  type DescaleAsked,
  type HouseRules,
  type JarAsked,
  type Judging,
  type Loosening,
  type SoilAsked,
} from '../../src/index.ts';

export const now = Date.UTC(2026, 0, 5);
export const judging = (rules: Partial<HouseRules> = {}): Judging => ({
  rules: { ...cautiousRules, ...rules },
  book: cautiousBook,
  now,
});
export const by = judging();

/** A tap of chrome with a crust of lime, in a room with a window and no flame, but for what is said. */
export const soilOf = (
  asked: Partial<Omit<SoilAsked, 'loosening'>> & { set?: Partial<Loosening> },
): SoilAsked => ({
  thing: 'surface',
  soil: 'everyday',
  material: 'glazed-ceramic',
  area: 0.05,
  toilet: false,
  lifts: false,
  situations: [],
  flame: 'no',
  ventilation: 'window',
  keeps: [],
  ...asked,
  loosening: { ...asTheTableSays, ...asked.set },
});
export const jobOf = (asked: Parameters<typeof soilOf>[0], rules: Partial<HouseRules> = {}) =>
  soilJob(soilOf(asked), judging(rules));

/** A crust of lime on a tap of chrome, in vinegar. */
export const descaleOf = (asked: Partial<DescaleAsked> = {}): DescaleAsked => ({
  thing: 'tap',
  materials: ['chrome-plate'],
  area: 0.05,
  lime: { amount: 'crust' },
  acid: 'vinegar',
  strength: null,
  seconds: null,
  keeps: [],
  lifts: false,
  ...asked,
});

/** The worked jar: fifty cloths of thick towel, 20 × 20 cm, alcohol 70 %, a 1.5 L jar. */
export const jarOf = (asked: Partial<JarAsked> = {}): JarAsked => ({
  cloth: { kind: 'thick-paper-towel', length: 0.2, width: 0.2, weighed: null },
  count: 50,
  liquid: { active: '2-propanol', strength: 0.7, discardAfter: null },
  vessel: { kind: 'glass', volume: 1.5e-3, mouth: 0.0079 },
  seconds: 120,
  against: 'everyday',
  air: usualAir.window,
  opened: 12,
  ...asked,
});

/** Scissors in half a litre of 70 % 2-propanol, covered, in a room without a flame. */
export const bathOf = (asked: Partial<BathAsked> = {}): BathAsked => ({
  thing: 'hard-things',
  bath: { active: '2-propanol', strength: 0.7 },
  vessel: { volume: 0.5e-3, mouth: 0.008 },
  load: 0.02e-3,
  seconds: 300,
  covered: true,
  room: { ventilation: 'window', flame: 'no', floorArea: 10, height: 2.4, air: usualAir.window },
  situations: [],
  holds: [],
  ...asked,
});
export const peroxide = { active: 'hydrogen peroxide', strength: 0.03 } as const;
export const vinegar = (strength: number) => ({ active: 'acetic acid', strength }) as const;
