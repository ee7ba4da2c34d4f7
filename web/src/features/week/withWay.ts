import type { WeekVisitRow } from '@zymostat/contract';
import type { WayOut } from '@zymostat/core';

/** The week with a visit as a way out has it. */
export const withWay = (visits: readonly WeekVisitRow[], { visit }: WayOut): WeekVisitRow[] =>
  visits.map((one) => (one.id === visit.id ? { ...one, crew: [...visit.crew], held: true } : one));
