import { activeFacts, familyFacts } from '../families/index.ts';
import { isGeneric } from '../domain/families.ts';
import { capacityOf } from '../jobs/cloth.ts';
import { filmNeeded } from '../jobs/filmNeeded.ts';
import { liquidDensity } from '../jobs/liquidDensity.ts';
import { wipesFor } from '../jobs/wipeJar.ts';
import { usualAir } from '../reference/roomAir.ts';
import { given, jarFill, usualWipe } from '../reference/wipes.ts';
import type { HouseRules } from '../reference/houseRules.ts';
import type { TreatedRoom, TreatedSurface } from './buildProtocol.ts';

/** A surface that takes more wipes than this is wetted from a bottle. Common practice, no source. */
const MOST_WIPES = 4;

/** Wipes of one strength that a visit takes along, and the surfaces they are for. */
export interface VisitWipes {
  active: NonNullable<TreatedSurface['treatment']>['active'];
  /** Fraction. */
  strength: number;
  count: number;
  surfaces: string[];
}

/** m² that a usual wipe keeps wet for so long, in moving air: no room dries it sooner. */
const keepsWet = (
  { against }: TreatedSurface,
  { active, strength, seconds }: NonNullable<TreatedSurface['treatment']>,
  rules: HouseRules,
): { usual: number; least: number; last: null } | null => {
  if (!isGeneric(active)) return null;
  const { family } = activeFacts[active];
  const floor = familyFacts[family].filmFloor(against, rules);
  const film = filmNeeded({ active, strength, floor, seconds }, usualAir.fan);
  if (film === null) return null;
  const holds = capacityOf(usualWipe, liquidDensity(active, strength)).takesUp * jarFill.usual;
  return { usual: (holds * given.usual) / film, least: (holds * given.least) / film, last: null };
};

/**
 * The wipes of a visit: for small surfaces that alcohol is put on, one wipe one area, each kept
 * wet for its whole time. Of a size and a cloth as is usual; a jar of one's own says it better.
 * Source: common practice, no source; the film by the drying model.
 */
export const visitWipes = (rooms: readonly TreatedRoom[], rules: HouseRules): VisitWipes[] => {
  const found = new Map<string, VisitWipes>();
  for (const surface of rooms.flatMap(({ surfaces }) => surfaces)) {
    const { treatment, area, name } = surface;
    if (!treatment || activeFacts[treatment.active].family !== 'alcohol') continue;
    const wipes = wipesFor(area, { keepsWet: keepsWet(surface, treatment, rules) });
    if (wipes === null || wipes > MOST_WIPES) continue;
    const { active, strength } = treatment;
    const key = `${active} ${strength}`;
    const before = found.get(key) ?? { active, strength, count: 0, surfaces: [] };
    found.set(key, {
      ...before,
      count: before.count + wipes,
      surfaces: [...before.surfaces, name],
    });
  }
  return [...found.values()];
};
