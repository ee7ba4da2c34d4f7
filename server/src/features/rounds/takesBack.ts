import { forbidden, isAtOnce, type Reason } from '@zymostat/core';
import { toldIn, type Timed } from './events.ts';
import type { Scene } from './scene.ts';
import type { Person } from '../people/service.ts';

const RULE = 'house rule';

/**
 * What speaks against taking something back, besides its place in the order of work: it was told in
 * this round at this surface, and whoever takes it back later says why. A finished round only a
 * supervisor corrects; what came to it late counts for nothing, and whoever told it may take it back.
 */
export const againstTakingBack = (
  { roundId, surfaceId, kind, takesBack, because, at, clock }: Timed,
  { known, finished, person }: { known: Scene['known']; finished: boolean; person: Person },
): Reason[] => {
  const fact = known.get(takesBack ?? '');
  const told = fact && toldIn(fact);
  const isIt =
    told?.roundId === roundId &&
    told.surfaceId === surfaceId &&
    told.kind === kind &&
    told.takesBack === undefined;
  if (!isIt) return [forbidden('nothing-to-take-back', RULE)];
  const counted = finished && fact?.kind !== 'late-event';
  if (counted && person.role !== 'supervisor') return [forbidden('corrected-by-supervisors', RULE)];
  const unsaid = because === undefined && (counted || !isAtOnce(told, { at, clock }));
  return unsaid ? [forbidden('say-why-not-so', RULE)] : [];
};
