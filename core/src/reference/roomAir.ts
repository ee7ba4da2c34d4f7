import type { Application } from '../domain/applications.ts';
import type { Ventilation } from '../domain/situations.ts';

/** Air over a wet surface: °C, fraction of saturation, m/s, and the length it strokes in m. */
export interface RoomAir {
  temperature: number;
  humidity: number;
  airSpeed: number;
  length: number;
}

/** What a thermometer and a hygrometer in a room show: °C, and the fraction of saturation. */
export type MeasuredAir = Pick<RoomAir, 'temperature' | 'humidity'>;

/**
 * What household instruments may be wrong by. Source: common practice, no source.
 */
export const measuredWithin: MeasuredAir = { temperature: 1, humidity: 0.05 };

/** What may be measured in a room that somebody works in. */
export const measurableAir = {
  temperature: { least: 0, most: 45 },
  humidity: { least: 0.1, most: 0.95 },
} as const;

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
export const airings = Object.keys(airChanges) as Airing[];

/** What can be opened in a room is opened while something is wet in it. */
export const usualAiring: Record<Ventilation, Airing> = {
  none: 'closed',
  window: 'open',
  fan: 'fan',
};

/**
 * Film that one coat leaves, m. Source: common practice, no source: 40 to 60 mL a m², a damp cloth
 * 10 to 20, a wipe 5 to 15.
 */
export const coats: Record<Application, number> = { spray: 50e-6, cloth: 15e-6, wipe: 10e-6 };
