import { groupsOf } from '../apart/groupsOf.ts';
import { isGeneric, type GenericActive } from '../domain/families.ts';
import type { Against } from '../domain/goals.ts';
import { activeFacts, familyFacts } from '../families/index.ts';
import type { JobRow } from '../reference/jobRows.ts';
import { given, JAR_SOAKS, jarFill, jarKeeps } from '../reference/wipes.ts';
import type { Judging } from '../verdict/judging.ts';
import { forbidden } from '../verdict/reason.ts';
import { verdictOf } from '../verdict/verdict.ts';
import { capacityOf } from './cloth.ts';
import { filmNeeded } from './filmNeeded.ts';
import type { Jar, JarAsked, JarLiquid } from './jar.ts';
import { jarStrength } from './jarStrength.ts';
import { liquidDensity } from './liquidDensity.ts';
import { liquidReasons, vesselReasons } from './jarReasons.ts';

/** Days that are looked ahead. */
const DAYS = 45;
const DAY = 86_400;
const densityOf = (liquid: JarLiquid): number => {
  if (liquid.active === null || !isGeneric(liquid.active)) return 998;
  return liquidDensity(liquid.active, liquid.strength);
};

/** Until when: by house rule, until it is too weak, or until its liquid goes. */
const keepsFor = (
  { liquid, vessel }: JarAsked,
  { now, rules }: Judging,
  strengths: readonly number[],
  floor: number,
): Jar['keeps'] => {
  const plain: Jar['keeps'] =
    rules.boiledWater === 'boiled'
      ? { seconds: jarKeeps.without, because: 'week' }
      : { seconds: jarKeeps.fromTap, because: 'tap-water' };
  if (liquid.active === null || !isGeneric(liquid.active)) return plain;
  const strong =
    activeFacts[liquid.active].family === 'alcohol' &&
    liquid.strength >= jarKeeps.from * (1 - 1e-9);
  const weakAt = strengths.findIndex((strength) => strength < floor);
  const ends: Jar['keeps'][] = [
    strong ? { seconds: jarKeeps.alcohol, because: 'month' } : plain,
    ...(weakAt >= 0 && vessel.mouth > 0
      ? [{ seconds: weakAt * DAY, because: 'weak' as const }]
      : []),
    ...(liquid.discardAfter === null
      ? []
      : [
          {
            seconds: Math.max(0, (liquid.discardAfter - now) / 1000),
            because: 'its-liquid' as const,
          },
        ]),
  ];
  return ends.reduce((a, b) => (b.seconds < a.seconds ? b : a));
};

/** Below which strength a wipe counts for nothing. */
const floorOf = (active: GenericActive, against: Against, { rules }: Judging): number =>
  familyFacts[activeFacts[active].family].filmFloor(against, rules);

const check = ({ count, vessel, seconds, opened }: JarAsked): void => {
  if (!(Number.isInteger(count) && count >= 1 && count <= 500))
    throw new RangeError(`${count} cloths: 1 to 500 are allowed`);
  if (!(vessel.volume > 0 && vessel.mouth >= 0))
    throw new RangeError(`a vessel of ${vessel.volume} m³: over 0 is allowed`);
  if (!(seconds >= 0 && seconds <= 3600))
    throw new RangeError(`${seconds} s: 0 to 3600 is allowed`);
  if (!(opened >= 0 && opened <= 200))
    throw new RangeError(`opened ${opened} times a day: 0 to 200 is allowed`);
};

const rowsOf = ({ liquid }: JarAsked, wets: boolean): JobRow[] => [
  'cloth-uptake',
  'cloth-weight',
  'jar-fill',
  'jar-gives',
  'jar-soaking',
  'jar-keeps',
  'jar-vessel',
  ...(liquid.active !== null && groupsOf(liquid).includes('quat')
    ? (['cotton-quats'] as const)
    : []),
  ...(wets ? (['one-wipe-one-area'] as const) : []),
];

/** Strength at the end of each day that is looked ahead; only alcohol goes off. */
const strengthsIn = ({ liquid, vessel, opened, air }: JarAsked, pour: number): number[] => {
  const { active } = liquid;
  if (active === null || !isGeneric(active) || activeFacts[active].family !== 'alcohol') return [];
  const standing = { ...vessel, vessel: vessel.volume, active, strength: liquid.strength };
  return jarStrength({ ...standing, liquid: pour }, { opened, taken: 0 }, air, DAYS).map(
    ({ strength }) => strength,
  );
};

/**
 * A jar of wipes: how much to pour over so many cloths, what each then gives and keeps wet for as
 * long as asked in that air, how long the jar keeps, and why. Throws a RangeError for figures
 * outside what is said. Source: common practice, no source; the film by the drying model.
 */
export const wipeJar = (asked: JarAsked, by: Judging): Jar => {
  check(asked);
  const { cloth, count, liquid, against, air } = asked;
  const { dry, takesUp, usual } = capacityOf(cloth, densityOf(liquid));
  const drips = takesUp * count;
  const pour = drips * jarFill.usual;
  const holds = pour / count;
  const gives = { usual: holds * given.usual, least: holds * given.least };
  const { reasons, seconds: required } = liquidReasons(asked, by);
  const generic = liquid.active !== null && isGeneric(liquid.active) ? liquid : null;
  const active = generic?.active as GenericActive | undefined;
  const disinfects = required > 0 && !reasons.some(({ outcome }) => outcome === 'never');
  const seconds = disinfects ? Math.max(required, asked.seconds) : 0;
  const floor = active ? floorOf(active, against, by) : 0;
  const film =
    disinfects && active
      ? filmNeeded({ active, strength: generic!.strength, floor, seconds }, air)
      : null;
  if (disinfects && film === null)
    reasons.push(forbidden('cloth-never-holds', 'drying model, an estimate', { seconds }));
  const strengths = strengthsIn(asked, pour);
  reasons.push(...vesselReasons(asked, { pour, dry: dry * count }));
  const keeps = keepsFor(asked, by, strengths, disinfects ? floor : 0);
  const lastDay = strengths[Math.max(0, Math.ceil(keeps.seconds / DAY) - 1)];
  const weakest =
    film === null || lastDay === undefined
      ? film
      : filmNeeded({ active: active!, strength: lastDay, floor, seconds }, air);
  return {
    ...verdictOf(reasons),
    dry: dry * count,
    takesUp: drips,
    pour,
    tooDry: drips * jarFill.dry,
    holds,
    gives,
    film,
    keepsWet:
      film === null
        ? null
        : {
            usual: gives.usual / film,
            least: gives.least / film,
            last: weakest === null ? null : gives.usual / weakest,
          },
    seconds,
    claim: disinfects && film !== null ? 'disinfects' : 'cleans',
    ready: JAR_SOAKS,
    keeps,
    strengths,
    usual,
    rows: rowsOf(asked, film !== null),
  };
};

/**
 * Cloths that it takes to keep an area wet; none where a cloth keeps nothing wet. One cloth, one
 * area: what is left in it is not counted twice. Source: common practice, no source.
 */
export const wipesFor = (area: number, { keepsWet }: Pick<Jar, 'keepsWet'>): number | null =>
  keepsWet === null ? null : Math.max(1, Math.ceil(area / keepsWet.usual - 1e-9));
