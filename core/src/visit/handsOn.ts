import type { Application } from '../domain/applications.ts';
import type { Soil } from '../domain/soils.ts';

/** How long hands are on a thing: to begin with, and for each m², s. */
interface Pace {
  least: number;
  perArea: number;
}

/**
 * Hands-on times by what is done. Source: common practice, no source; a company's own rounds say it
 * better.
 */
const paces = {
  wash: { least: 15, perArea: 60 },
  floor: { least: 30, perArea: 35 },
  spray: { least: 8, perArea: 20 },
  cloth: { least: 10, perArea: 40 },
  wipe: { least: 8, perArea: 30 },
  rinse: { least: 10, perArea: 40 },
} as const satisfies Record<string, Pace>;

const seconds = ({ least, perArea }: Pace, area: number): number =>
  Math.max(1, Math.round(least + perArea * area));

/** Stuck soil takes longer to wash off. Source: common practice, no source. */
const SOILED = 1.5;

export const washSeconds = (area: number, level: 'floor' | 'other', soil: Soil | null): number => {
  const clean = seconds(level === 'floor' ? paces.floor : paces.wash, area);
  return soil === null ? clean : Math.round(clean * SOILED);
};

export const applySeconds = (application: Application, area: number): number =>
  seconds(application === 'spray' ? paces.spray : paces.cloth, area);

export const wipeSeconds = (area: number): number => seconds(paces.wipe, area);
export const rinseSeconds = (area: number): number => seconds(paces.rinse, area);
