import type { WetNow } from '@zymostat/contract';
import { activeFacts, layDue, secondsBetween, wetDue } from '@zymostat/core';
import { familyOfCleaner } from '../../ui/cleanerFamily.ts';

/** One thing that is left alone right now: kept wet, or something works there by itself. */
type Alone = WetNow[number];

/** What is due there: at a coat, at what lies; and by when, ms since 1970. */
export interface Due {
  what: 'rewet' | 'look' | 'wipe' | 'loose' | 'off';
  at: number;
}

/** What lies is timed by the server here: no clock of a phone comes into it. */
const byServer = { opening: '', uncertain: 0 };

export const dueOf = ({ wet, lying }: Alone, now: number): Due => {
  if (wet) return wetDue(wet, wet, now)!;
  const { what, at } = layDue({ lying: { since: lying!.since, by: byServer } }, lying!, now)!;
  return { what: what === 'look' ? 'loose' : 'off', at };
};

/** Since when, ms; for how many s it must be and the most that it may, if any. */
export const spanOf = ({ wet, lying }: Alone) =>
  wet
    ? {
        since: wet.wetSince,
        least: wet.seconds,
        most: null,
        family: activeFacts[wet.active].family,
      }
    : {
        since: lying!.since,
        least: lying!.least,
        most: lying!.most,
        family: familyOfCleaner(lying!.cleaner),
      };

/** How long it has been so, s; and to where its band is drawn. */
export const lengthOf = (one: Alone, now: number) => {
  const { since, least, most } = spanOf(one);
  return { gone: secondsBetween(since, now), all: most ?? least };
};
