import type { TreatedRoom, TreatedSurface } from '../../src/index.ts';

/** A basin as a protocol has it, or something else of it. */
export const surface = (id: string, more: Partial<TreatedSurface> = {}): TreatedSurface => ({
  id,
  name: id,
  material: 'porcelain',
  level: 'hand',
  area: 0.5,
  food: false,
  goal: 'disinfect',
  against: 'everyday',
  accepted: null,
  treatment: {
    stockId: 's',
    active: 'hydrogen peroxide',
    strength: 0.03,
    seconds: 600,
    application: 'spray',
  },
  steps: ['gloves', 'wash', 'spray', 'hold', 'wipe', 'rinse'],
  loosening: null,
  reasons: [],
  ...more,
});
/** One room of these. */
export const room = (...surfaces: TreatedSurface[]): TreatedRoom[] => [
  { id: 'bath', name: 'Bath', surfaces },
];
