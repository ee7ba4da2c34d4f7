import { levels } from '../domain/levels.ts';
import type { TreatedRoom, TreatedSurface } from '../protocol/buildProtocol.ts';
import type { Step } from '../protocol/steps.ts';
import type { CoatHolds } from '../round/coatHolds.ts';
import { applySeconds, rinseSeconds, washSeconds, wipeSeconds } from './handsOn.ts';
import { walksBetween, type RoomWays } from './roomWays.ts';
import type { Took } from './took.ts';
import {
  visitProblemFormat,
  type HoldStep,
  type VisitCleaner,
  type VisitProblem,
  type VisitRoom,
  type VisitStep,
  type VisitTreatment,
} from './problem.ts';

/** Of what nobody knows how it dries, somebody looks at it so often, s. Source: house rule. */
export const LOOK_EVERY = 120;
/** A look with the bottle in hand, s. Source: common practice, no source. */
const LOOK = 10;
/** What must be aired between two things that must not meet in the air, s. Source: house rule. */
const AIRED = 600;

/** What a visit's problem is made of. Times in s. */
export interface VisitAsk {
  /** An approved protocol's rooms. */
  rooms: readonly TreatedRoom[];
  /** For how long a coat is known to hold there, by surface; what is missing or 0 nobody knows. */
  holds: CoatHolds;
  /** How long hands were on by rounds on record; by the table where nobody knows. */
  took: Took;
  team: readonly VisitCleaner[];
  /** On foot from one room to another beside it. */
  walk: number;
  /** Rooms that are come into by way of another; they must not lead in a circle. */
  ways: RoomWays;
  /** When a room may be worked in, by its id; all day where nothing is said. */
  hours: Readonly<Record<string, readonly (readonly [number, number])[]>>;
}

const SOIL = '+soil';

/** What is done to a surface before its treatment so that its soil comes off has an id of its own. */
export const soilIdOf = (surfaceId: string): string => surfaceId + SOIL;
/** Whether a treatment only lifts soil. */
export const liftsSoil = (treatmentId: string): boolean => treatmentId.endsWith(SOIL);
export const surfaceIdOf = (treatmentId: string): string =>
  liftsSoil(treatmentId) ? treatmentId.slice(0, -SOIL.length) : treatmentId;

const has = (surface: Pick<TreatedSurface, 'steps'>, ...steps: Step[]): boolean =>
  surface.steps.some((step) => steps.includes(step));

const washOf = ({ id, area, level, loosening }: TreatedSurface, took: Took): number =>
  took[id]?.clean ??
  washSeconds(area, level === 'floor' ? 'floor' : 'other', loosening?.soil ?? null);

const holdFor = (surface: TreatedSurface, holds: CoatHolds): HoldStep => {
  const { seconds, application } = surface.treatment!;
  const coat = holds[surface.id] ?? 0;
  if (seconds === 0 || coat >= seconds) return { kind: 'hold', wet: seconds };
  if (coat === 0) return { kind: 'hold', wet: seconds, rewetEvery: LOOK_EVERY, rewetWork: LOOK };
  const rewetWork = applySeconds(application, surface.area);
  return { kind: 'hold', wet: seconds, rewetEvery: coat, rewetWork };
};

const treatedSteps = (
  surface: TreatedSurface,
  { holds, took }: VisitAsk,
  washed: boolean,
): VisitStep[] => {
  const { id, area, treatment } = surface;
  const own = took[id] ?? {};
  if (!treatment) return [{ kind: 'clean', work: washOf(surface, took) }];
  const steps: VisitStep[] = washed ? [] : [{ kind: 'clean', work: washOf(surface, took) }];
  const apply = own.apply ?? applySeconds(treatment.application, area);
  steps.push({ kind: 'apply', work: apply });
  steps.push(holdFor(surface, holds));
  if (has(surface, 'wipe')) steps.push({ kind: 'wipe', work: own.wipe ?? wipeSeconds(area) });
  if (has(surface, 'rinse', 'rinse-drinking'))
    steps.push({ kind: 'rinse', work: own.rinse ?? rinseSeconds(area) });
  return steps;
};

/** What works by itself on soil, is looked at when it is through, and must not stay longer. */
const soilSteps = (surface: TreatedSurface): VisitStep[] => {
  const { least, most } = surface.loosening!.lies!;
  return [
    { kind: 'apply', work: applySeconds('cloth', surface.area) },
    { kind: 'hold', wet: least },
    {
      kind: 'wipe',
      work: washOf(surface, {}),
      ...(most === null ? {} : { within: Math.max(0, most - least) }),
    },
  ];
};

const treatmentsOf = (surface: TreatedSurface, room: string, ask: VisitAsk): VisitTreatment[] => {
  const { id, loosening, treatment } = surface;
  if (!loosening?.lies) return [{ id, room, steps: treatedSteps(surface, ask, false) }];
  if (!treatment) return [{ id, room, steps: soilSteps(surface) }];
  return [
    { id: soilIdOf(id), room, steps: soilSteps(surface) },
    { id, room, steps: treatedSteps(surface, ask, true) },
  ];
};

/**
 * Each level of a room before the next: high to low, and the floor by closing the room. What works
 * by itself for long may begin at any time.
 */
const descent = (surfaces: readonly TreatedSurface[]): [string, string][] => {
  const steps = levels
    .filter((level) => level !== 'floor')
    .map((level) => surfaces.filter((one) => one.level === level && !one.loosening?.lies))
    .filter((own) => own.length > 0);
  return steps
    .slice(1)
    .flatMap((lower, k) =>
      steps[k]!.flatMap((a) => lower.map((b): [string, string] => [a.id, b.id])),
    );
};

const between: readonly Step[] = ['rinse-between', 'dry-between', 'flush-drain', 'air-between'];

/**
 * What the protocol lets follow only after something was done between stays in its order, and is
 * not wet together with anything that was put on before it.
 */
const apartFrom = (surfaces: readonly TreatedSurface[]) =>
  surfaces.flatMap((later, k) => {
    if (!later.treatment || !has(later, ...between)) return [];
    return surfaces
      .slice(0, k)
      .filter(({ treatment }) => treatment && treatment.active !== later.treatment!.active)
      .map((sooner) => ({
        a: sooner.id,
        b: later.id,
        gap: has(later, 'air-between') ? AIRED : 0,
      }));
  });

const soilFirst = (surfaces: readonly TreatedSurface[]) =>
  surfaces
    .filter(({ loosening, treatment }) => loosening?.lies && treatment)
    .map(({ id }) => ({ a: soilIdOf(id), b: id, gap: 0 }));

/** The floor that closes a room: the last that is worked. */
const floorOf = ({ surfaces }: TreatedRoom): TreatedSurface | undefined =>
  surfaces.filter(({ level }) => level === 'floor').at(-1);

const roomsOf = ({ rooms, team, walk, ways, hours }: VisitAsk): VisitRoom[] => {
  const end = Math.max(0, ...team.map(({ to }) => to));
  const walks = walksBetween(
    rooms.map(({ id }) => id),
    walk,
    ways,
  );
  return rooms.map(({ id }) => ({
    id,
    open: (hours[id] ?? [[0, end]]).map(([from, to]) => [from, to] as const),
    walk: walks[id]!,
  }));
};

/**
 * The problem of one visit: every surface of an approved protocol as a treatment, hands-on times by
 * area, re-wets by how long a coat is known to hold, high before low, what must not meet apart, and
 * the floor of each room last. Rooms without surfaces are left out.
 */
export const visitProblem = (ask: VisitAsk): VisitProblem => {
  const rooms = ask.rooms.filter(({ surfaces }) => surfaces.length > 0);
  const apart = rooms.flatMap(({ surfaces }) => [...apartFrom(surfaces), ...soilFirst(surfaces)]);
  const ordered = rooms.flatMap(({ surfaces }) => descent(surfaces));
  return {
    format: visitProblemFormat,
    cleaners: ask.team.map((one) => ({ ...one })),
    rooms: roomsOf({ ...ask, rooms }),
    treatments: rooms.flatMap((room) =>
      room.surfaces.flatMap((surface) => treatmentsOf(surface, room.id, ask)),
    ),
    before: [...ordered, ...apart.map(({ a, b }): [string, string] => [a, b])],
    apart,
    closes: rooms.flatMap((room) => floorOf(room)?.id ?? []),
  };
};
