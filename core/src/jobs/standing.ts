import type { SoakClaim } from '../reference/soaks.ts';
import { forbidden, type Reason } from '../verdict/reason.ts';

/** What is done with a jar: cloths taken or put in; it no longer wets; it is thrown away. */
export const jarActs = ['taken', 'topped', 'dry', 'discarded'] as const;
export type JarAct = (typeof jarActs)[number];

/** How a jar stands: cloths left; times in ms since 1970. */
export interface JarStanding {
  left: number;
  readyAt: number;
  awayAt: number;
  endedAt: number | null;
}

const SAYS = 'the jar’s label';

/** What speaks against an act: it still soaks, is past its day, has too few cloths, or is gone. */
export const judgeJarAct = (
  { left, readyAt, awayAt, endedAt }: JarStanding,
  { did, count, now }: { did: JarAct; count: number; now: number },
): Reason[] => {
  if (endedAt !== null) return [forbidden('vessel-ended', 'the record')];
  if (did === 'discarded' || did === 'dry') return [];
  if (now >= awayAt) return [forbidden('jar-past', SAYS, { awayAt })];
  if (did === 'topped') return [];
  return [
    ...(now < readyAt ? [forbidden('jar-not-ready', SAYS, { readyAt })] : []),
    ...(count > left ? [forbidden('jar-short', 'the record', { left, wanted: count })] : []),
  ];
};

/** How it stands after an act that nothing speaks against. */
export const afterJarAct = (
  jar: JarStanding,
  { did, count, now }: { did: JarAct; count: number; now: number },
): JarStanding => {
  if (did === 'taken') return { ...jar, left: jar.left - count };
  if (did === 'topped') return { ...jar, left: jar.left + count };
  return { ...jar, endedAt: now };
};

/** What a bath came to once it is over, and what it may then be called. */
export interface BathCame {
  seconds: number;
  outcome: 'in-time' | 'too-short' | 'too-long';
  claim: SoakClaim;
}

/** How long something lay in a bath, and what came of it; times in ms since 1970. */
export const bathCame = (
  {
    begunAt,
    least,
    most,
    claim,
  }: {
    begunAt: number;
    least: number;
    most: number | null;
    claim: SoakClaim;
  },
  endedAt: number,
): BathCame => {
  const seconds = Math.max(0, Math.floor((endedAt - begunAt) / 1000));
  if (most !== null && seconds > most) return { seconds, outcome: 'too-long', claim };
  return seconds < least
    ? { seconds, outcome: 'too-short', claim: 'nothing' }
    : { seconds, outcome: 'in-time', claim };
};

/** What is done with clean cloths of a zone. */
export const clothActs = ['counted', 'taken', 'washed', 'thrown'] as const;
export type ClothAct = (typeof clothActs)[number];

/** Clean cloths of a zone after an act; never under none, whatever was counted before. */
export const clothsAfter = (
  clean: number,
  { did, count }: { did: ClothAct; count: number },
): number => {
  if (did === 'counted') return count;
  return did === 'washed' ? clean + count : Math.max(0, clean - count);
};
