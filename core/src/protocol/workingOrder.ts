import { levels, type Level } from '../domain/levels.ts';

/** Surfaces of a room in the order they are worked. Source: common practice, no source. */
export const workingOrder = <S extends { level: Level; name: string }>(
  surfaces: readonly S[],
): S[] => [...surfaces].sort((a, b) => levels.indexOf(a.level) - levels.indexOf(b.level));
