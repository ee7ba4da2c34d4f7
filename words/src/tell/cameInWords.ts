import type { FactBody } from '@zymostat/contract';
import { cames } from '@zymostat/core';
import type { Words } from '../words.ts';

/** What was left open or out, not met or not shown, by name. */
export const cameInWords = (words: Words, { named = [] }: FactBody<'round-finished'>): string =>
  cames
    .flatMap((came) => {
      const of = named.filter((one) => one.came === came);
      if (of.length === 0) return [];
      const surfaces = of.map(({ roomName, surfaceName }) => `${roomName}, ${surfaceName}`);
      return [`${words.name('came', came)}: ${surfaces.join('; ')}`];
    })
    .join('. ');
