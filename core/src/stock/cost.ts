import type { Application } from '../domain/applications.ts';
import { coats } from '../reference/roomAir.ts';

/** Litres in a m³. */
const LITRES = 1000;

/** What a litre of a solution costs: its share of stock, in the money the stock was paid in. */
export const costPerLitre = (
  pricePerLitre: number,
  { stockVolume, volume }: { stockVolume: number; volume: number },
): number => (pricePerLitre * stockVolume) / volume;

/** What a coat on so many m² costs at so much a litre. */
export const costOfCoat = (
  perLitre: number,
  { area, application }: { area: number; application: Application },
): number => perLitre * LITRES * coats[application] * area;

/** Money for time: minutes at so much an hour. */
export const costOfMinutes = (minutes: number, perHour: number): number => (minutes / 60) * perHour;
