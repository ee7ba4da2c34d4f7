import { roadsBetween } from './roads.ts';
import { DAYS, DEPOT, lastsWith, type WeekProblem } from './week.ts';

/** Most people that one visit can have. */
export const MOST_CREW = 4;

const days = (of: (day: number) => number): number[] =>
  Array.from({ length: DAYS }, (_, d) => of(d));

/** Skills beyond the thirtieth are not told apart by bits: nobody has so many. */
const bitsOf = (own: readonly string[], all: readonly string[]): number =>
  all.slice(0, 30).reduce((bits, skill, k) => bits | (own.includes(skill) ? 1 << k : 0), 0);

/** A week's problem as numbers: people, homes and visits by their place in the lists. */
export const weekArrays = (problem: WeekProblem) => {
  const { people, homes, visits, roads } = problem;
  const personAt = new Map(people.map(({ id }, p) => [id, p]));
  const homeAt = new Map(homes.map(({ id }, h) => [id, h]));
  const { counted } = roadsBetween(roads);
  const places = [...homes.map(({ id }) => id), DEPOT];
  const skills = [...new Set(visits.flatMap(({ needs }) => needs))];
  return {
    people: people.length,
    visits: visits.length,
    /** The depot's place among homes, and how many places there are. */
    depot: homes.length,
    places: places.length,
    road: Int32Array.from(places.flatMap((a) => places.map((b) => counted(a, b)))),
    /** By home and crew of 1 to MOST_CREW. */
    lasts: Int32Array.from(
      homes.flatMap((home) => Array.from({ length: MOST_CREW }, (_, k) => lastsWith(home, k + 1))),
    ),
    home: Int32Array.from(visits, ({ homeId }) => homeAt.get(homeId)!),
    from: Int32Array.from(visits, (visit) => visit.from),
    by: Int32Array.from(visits, (visit) => visit.by),
    day: Int32Array.from(visits, (visit) => visit.day),
    needed: Int32Array.from(visits, (visit) => Math.min(visit.people, MOST_CREW)),
    held: Uint8Array.from(visits, (visit) => (visit.held ? 1 : 0)),
    /** By person and day: when they begin and end; -1 where they are off. */
    begins: Int32Array.from(people.flatMap(({ hours }) => days((d) => hours[d]?.[0] ?? 0))),
    ends: Int32Array.from(people.flatMap(({ hours }) => days((d) => hours[d]?.[1] ?? -1))),
    most: Int32Array.from(people, (person) => person.most),
    signed: Uint8Array.from(people, (person) => (person.signed ? 1 : 0)),
    /** Skills as bits: of a person, and asked for by a visit. */
    can: Int32Array.from(people, (person) => bitsOf(person.skills, skills)),
    needs: Int32Array.from(visits, (visit) => bitsOf(visit.needs, skills)),
    /** By home and person. */
    known: Uint8Array.from(
      homes.flatMap(({ knownTo }) => people.map(({ id }) => (knownTo.includes(id) ? 1 : 0))),
    ),
    /** By visit, MOST_CREW of each; -1 where nobody goes. */
    crew: Int16Array.from(
      visits.flatMap(({ crew }) =>
        Array.from({ length: MOST_CREW }, (_, k) => personAt.get(crew[k] ?? '') ?? -1),
      ),
    ),
  };
};

export type WeekArrays = ReturnType<typeof weekArrays>;
