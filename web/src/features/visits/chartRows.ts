import {
  activeFacts,
  isHold,
  soilIdOf,
  type Family,
  type PlanStep,
  type TreatedRoom,
  type TreatedSurface,
  type VisitProblem,
  type VisitTreatment,
} from '@zymostat/core';

/** Rooms fold by themselves from so many surfaces up. */
export const FOLDS_FROM = 20;

/** A span in which something is wet and nobody is needed, s. */
export interface WetSpan {
  /** What lifts soil has the pattern of soap. */
  family: Family | 'soap';
  from: number;
  /** When the required time is met, and when it is wiped off or the time is met. */
  met: number;
  to: number;
}

/** One row of the chart: a surface, or a room that is folded. */
export interface ChartRow {
  key: string;
  room: string;
  roomName: string;
  /** The first row of its room. */
  first: boolean;
  /** Nothing where the row is a folded room. */
  name: string | undefined;
  family: Family | undefined;
  strength: number | undefined;
  wet: number;
  rewets: number;
  treatments: string[];
}

const familyOf = ({ treatment }: TreatedSurface): Family | undefined =>
  treatment ? activeFacts[treatment.active].family : undefined;

const rewetsOf = (steps: readonly PlanStep[], ids: string[]): number =>
  steps.filter(({ kind, treatment }) => kind === 'rewet' && ids.includes(treatment)).length;

const surfaceRow = (
  room: TreatedRoom,
  surface: TreatedSurface,
  steps: readonly PlanStep[],
): ChartRow => {
  const treatments = [soilIdOf(surface.id), surface.id];
  return {
    key: surface.id,
    room: room.id,
    roomName: room.name,
    first: surface === room.surfaces[0],
    name: surface.name,
    family: familyOf(surface),
    strength: surface.treatment?.strength,
    wet: surface.treatment?.seconds ?? 0,
    rewets: rewetsOf(steps, treatments),
    treatments,
  };
};

const foldedRow = (room: TreatedRoom, steps: readonly PlanStep[]): ChartRow => {
  const treatments = room.surfaces.flatMap(({ id }) => [soilIdOf(id), id]);
  return {
    key: room.id,
    room: room.id,
    roomName: room.name,
    first: true,
    name: undefined,
    family: undefined,
    strength: undefined,
    wet: 0,
    rewets: rewetsOf(steps, treatments),
    treatments,
  };
};

/** The rows of the chart from above: every surface in working order, rooms that are folded as one. */
export const chartRows = (
  rooms: readonly TreatedRoom[],
  steps: readonly PlanStep[],
  folded: ReadonlySet<string>,
): ChartRow[] =>
  rooms
    .filter(({ surfaces }) => surfaces.length > 0)
    .flatMap((room) =>
      folded.has(room.id)
        ? [foldedRow(room, steps)]
        : room.surfaces.map((surface) => surfaceRow(room, surface, steps)),
    );

const spanOf = (
  treatment: VisitTreatment,
  family: WetSpan['family'],
  own: PlanStep[],
): WetSpan[] => {
  const apply = own.find(({ kind }) => kind === 'apply');
  const hold = treatment.steps.find(isHold);
  if (!apply || !hold || hold.wet === 0) return [];
  const met = apply.end + hold.wet;
  const off = own.find(({ kind }) => kind === 'wipe' || kind === 'rinse');
  return [{ family, from: apply.end, met, to: Math.max(met, off?.start ?? met) }];
};

/** When what a row stands for is wet. */
export const wetSpans = (
  { treatments }: ChartRow,
  problem: VisitProblem,
  steps: readonly PlanStep[],
  familyOfTreatment: (id: string) => Family | undefined,
): WetSpan[] =>
  problem.treatments
    .filter(({ id }) => treatments.includes(id))
    .flatMap((treatment) => {
      const own = steps.filter((step) => step.treatment === treatment.id);
      return spanOf(treatment, familyOfTreatment(treatment.id) ?? 'soap', own);
    });

/** Seconds that somebody works and walks or waits, from their first step to their last. */
export const laneOf = (
  steps: readonly PlanStep[],
  cleaner: string,
): { works: number; rest: number } => {
  const own = steps.filter((step) => step.cleaner === cleaner);
  if (own.length === 0) return { works: 0, rest: 0 };
  const works = own.reduce((sum, { start, end }) => sum + end - start, 0);
  const from = Math.min(...own.map(({ start }) => start));
  const to = Math.max(...own.map(({ end }) => end));
  return { works, rest: to - from - works };
};

/** A whole number of minutes between marks, so that there are at most eight of them. */
export const marksOf = (axis: number): number[] => {
  const every = [60, 120, 300, 600, 900, 1800, 3600].find((step) => axis / step <= 8) ?? 7200;
  return Array.from({ length: Math.floor(axis / every) + 1 }, (_, k) => k * every);
};
