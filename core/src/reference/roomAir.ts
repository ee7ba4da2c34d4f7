import type { Ventilation } from '../hazards/judgeSituations.ts';
import type { GenericActive } from './families.ts';

/** Air over a wet surface: °C, fraction of saturation, m/s, and the length it strokes in m. */
export interface RoomAir {
  temperature: number;
  humidity: number;
  airSpeed: number;
  length: number;
}

/**
 * What a lived-in room is like where nobody has measured it. Source: common practice, no source.
 */
export const usualAir: Record<Ventilation, RoomAir> = {
  none: { temperature: 21, humidity: 0.5, airSpeed: 0.08, length: 0.3 },
  window: { temperature: 21, humidity: 0.5, airSpeed: 0.12, length: 0.3 },
  fan: { temperature: 21, humidity: 0.5, airSpeed: 0.2, length: 0.3 },
};

/** Room air exchanged an hour. Source: common practice, no source. */
export const airChanges = { closed: 0.3, ajar: 1.5, open: 4, fan: 6 } as const;
export type Airing = keyof typeof airChanges;

/** What can be opened in a room is opened while something is wet in it. */
export const usualAiring: Record<Ventilation, Airing> = {
  none: 'closed',
  window: 'open',
  fan: 'fan',
};

export const applications = ['spray', 'cloth', 'wipe'] as const;
export type Application = (typeof applications)[number];
/**
 * Film that one coat leaves, m. Source: common practice, no source: 40 to 60 mL a m², a damp cloth
 * 10 to 20, a wipe 5 to 15.
 */
export const coats: Record<Application, number> = { spray: 50e-6, cloth: 15e-6, wipe: 10e-6 };

/**
 * Limits in ppm: short-term or ceiling where one is published, over a working day, immediately
 * dangerous; lower explosive limit as a fraction. `stricter` are others' lower figures for the same
 * spans. Source: NIOSH; EH40 for peroxide over a quarter of an hour; stricter ones ACGIH.
 */
export const airLimits = {
  ethanol: {
    shortTerm: null,
    day: 1000,
    dangerous: 3300,
    explosive: 0.033,
    stricter: { shortTerm: 1000, day: 1000 },
  },
  '2-propanol': {
    shortTerm: 500,
    day: 400,
    dangerous: 2000,
    explosive: 0.02,
    stricter: { shortTerm: 400, day: 200 },
  },
  'acetic acid': { shortTerm: 15, day: 10, dangerous: 50, explosive: 0.04, stricter: null },
  'hydrogen peroxide': { shortTerm: 2, day: 1, dangerous: 75, explosive: 1, stricter: null },
} as const satisfies Record<GenericActive, AirLimit>;

export interface AirLimit {
  shortTerm: number | null;
  day: number;
  dangerous: number;
  explosive: number;
  stricter: { shortTerm: number; day: number } | null;
}

/** Diffusivity in air at 25 °C, m²/s. Source: Lugg-1968; Incropera; peroxide scaled from 60 °C. */
export const diffusivity = {
  water: 2.5e-5,
  ethanol: 1.18e-5,
  '2-propanol': 1.01e-5,
  'acetic acid': 1.23e-5,
  'hydrogen peroxide': 1.55e-5,
} as const;

/** J/mol taken up on evaporating. Source: Perry. */
export const vaporisation = {
  water: 44_000,
  ethanol: 42_300,
  '2-propanol': 45_400,
  'acetic acid': 51_600,
  'hydrogen peroxide': 51_600,
} as const;
