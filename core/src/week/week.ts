/** Days of a week, from Monday; times of a day in s since midnight, where the company is. */
export const DAYS = 7;

/** Where everybody sets out and comes back to. */
export const DEPOT = 'depot';

/** A road that nobody has measured counts as this long, s. Source: house rule, the worst reading. */
export const UNKNOWN_ROAD = 3600;

export interface WeekPerson {
  id: string;
  /** When they work, by day; nothing where they are off. */
  hours: readonly (readonly [number, number] | null)[];
  /** Most s of a week that were agreed, the road counted in. */
  most: number;
  skills: readonly string[];
  /** Whether they have signed the book as it stands. */
  signed: boolean;
}

export interface WeekHome {
  id: string;
  /** How long a visit lasts with one, two, ... people, s. With more, as with the last. */
  lasts: readonly number[];
  /** Who has worked there before. */
  knownTo: readonly string[];
}

/** A visit on a day: begun no sooner than `from`, no later than `by`, by so many people. */
export interface WeekVisit {
  id: string;
  homeId: string;
  day: number;
  from: number;
  by: number;
  people: number;
  /** What those who go must be able to do: one of them for each. */
  needs: readonly string[];
  crew: readonly string[];
  /** Its turn in the day: visits are worked in the order of this. */
  at: number;
  /** Who goes was said by hand: no search changes it. */
  held: boolean;
}

export interface Road {
  a: string;
  b: string;
  seconds: number;
}

export interface WeekProblem {
  people: readonly WeekPerson[];
  homes: readonly WeekHome[];
  visits: readonly WeekVisit[];
  roads: readonly Road[];
}

/** How long a visit lasts with so many people, s. */
export const lastsWith = ({ lasts }: WeekHome, people: number): number =>
  lasts[Math.min(Math.max(people, 1), lasts.length) - 1] ?? 0;

/** What can be judged: visits to homes that are worked in, by people who are here. */
export const stillHere = ({ people, homes, roads, visits }: WeekProblem): WeekProblem => {
  const [here, there] = [new Set(people.map(({ id }) => id)), new Set(homes.map(({ id }) => id))];
  return {
    people,
    homes,
    roads,
    visits: visits
      .filter(({ homeId }) => there.has(homeId))
      .map((one) => ({ ...one, crew: one.crew.filter((id) => here.has(id)) })),
  };
};
