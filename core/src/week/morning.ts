import { activeFacts, shelfLife } from '../families/index.ts';
import type { ClothCount } from '../jobs/cloths.ts';
import type { LaidDay } from './layDay.ts';
import { addUp, type SolutionAmount, type VisitLoad } from '../visit/visitLoad.ts';

/** How much is poured over what is needed. Source: house rule, 15 %. */
export const OVER = 1.15;

/** What one caddy takes along in a morning: whose it is, and for which homes. */
export interface Caddy {
  person: string;
  homes: string[];
  amounts: SolutionAmount[];
  wipes: VisitLoad['wipes'];
  cloths: ClothCount;
}

/** What is to be mixed of one solution for a day, and how early at the earliest. */
export interface ToPour extends SolutionAmount {
  /** s since midnight of that day; less than 0: the day before. Nothing where it need not be mixed. */
  notBefore: number | null;
  /** For how long it keeps then, s. */
  keeps: number | null;
}

const addCloths = (a: ClothCount, b: ClothCount): ClothCount => {
  const zones = [...new Set([...Object.keys(a), ...Object.keys(b)])] as (keyof ClothCount)[];
  return Object.fromEntries(
    zones.map((zone) => [zone, (a[zone] ?? 0) + (b[zone] ?? 0)]),
  ) as ClothCount;
};

const addWipes = (a: VisitLoad['wipes'], b: VisitLoad['wipes']): VisitLoad['wipes'] => {
  const sums = a.map((one) => ({ ...one }));
  for (const one of b) {
    const known = sums.find(
      ({ active, strength }) => active === one.active && strength === one.strength,
    );
    if (known) known.count += one.count;
    else sums.push({ ...one });
  }
  return sums;
};

/**
 * The caddies of a day: whoever is named first of those who go carries what the home takes. Amounts
 * are with 15 % over. Throws an Error where a home has no load.
 */
export const caddiesOf = (
  { stops }: LaidDay,
  loadOf: (homeId: string) => VisitLoad | undefined,
): Caddy[] => {
  const caddies = new Map<string, Caddy>();
  for (const { visit } of stops) {
    const [person] = visit.crew;
    if (person === undefined) continue;
    const load = loadOf(visit.homeId);
    if (!load) throw new Error(`no load of ${visit.homeId}`);
    const own = caddies.get(person);
    const over = load.amounts.map((one) => ({ ...one, volume: one.volume * OVER }));
    caddies.set(person, {
      person,
      homes: [...(own?.homes ?? []), visit.homeId],
      amounts: addUp([...(own?.amounts ?? []), ...over]),
      wipes: addWipes(own?.wipes ?? [], load.wipes),
      cloths: own ? addCloths(own.cloths, load.cloths) : load.cloths,
    });
  }
  return [...caddies.values()];
};

/** What of each solution is poured for a day in all, and from when it keeps until it is used. */
export const toPour = (
  caddies: readonly Caddy[],
  day: LaidDay,
  isDiluted: (amount: SolutionAmount) => boolean,
): ToPour[] => {
  const lastUse = (amount: SolutionAmount): number => {
    const carriers = caddies.filter(({ amounts }) =>
      amounts.some((one) => one.stockId === amount.stockId && one.strength === amount.strength),
    );
    const routes = day.routes.filter(({ person }) => carriers.some((one) => one.person === person));
    return Math.max(0, ...routes.map(({ stops }) => stops.at(-1)!.end));
  };
  return addUp(caddies.flatMap(({ amounts }) => amounts)).map((amount) => {
    if (!isDiluted(amount)) return { ...amount, notBefore: null, keeps: null };
    const { seconds } = shelfLife(activeFacts[amount.active].family, amount.strength, true);
    return { ...amount, notBefore: lastUse(amount) - seconds, keeps: seconds };
  });
};
