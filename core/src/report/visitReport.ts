import type { Active } from '../domain/families.ts';
import type { Soil } from '../domain/soils.ts';
import type { Cleaner } from '../reference/soilRows.ts';
import { treatmentOf, type TreatedRoom, type TreatedSurface } from '../protocol/buildProtocol.ts';
import type { CoatHolds } from '../round/coatHolds.ts';
import { secondsBetween } from '../round/stretch.ts';
import type { LayOutcome, Stretch, SurfaceClock } from '../round/surfaceClock.ts';
import { withoutTakenBack } from '../round/takenBack.ts';
import { foldClock } from '../round/wetClock.ts';
import type { SkipReason, WetEvent } from '../round/wetEvents.ts';

/** What a visit came to at a surface, as a client is told. */
export const reportCames = [
  'met',
  'not-met',
  'not-shown',
  'cleaned',
  'loosened',
  'off-early',
  'left-too-long',
  'left-out',
  'not-done',
] as const;
export type ReportCame = (typeof reportCames)[number];

/** One stretch of wetness, or a surface that was only cleaned or not done. Times in s, `to` in ms. */
export interface ReportLine {
  surfaceId: string;
  surface: string;
  use: { active: Active; strength: number } | null;
  /** What worked by itself on it, and the longest that it might, s. */
  loosened: { cleaner: Cleaner; soil: Soil; most: number | null } | null;
  required: number;
  held: number | null;
  shown: number | null;
  /** When coats after the first went on, from the beginning of the stretch. */
  rewets: number[];
  came: ReportCame;
  dry: boolean;
  to: number | null;
  why: SkipReason | null;
}

export interface ReportRoom {
  room: string;
  lines: ReportLine[];
}

/** Something told in a round: what was done, or that it was taken back. */
export type ReportEvent = WetEvent & { id: string; takesBack?: string; why?: SkipReason };

const lineOfStretch = (
  base: ReportLine,
  { from, to, heldSeconds, shownSeconds, coats, ended, outcome }: Stretch,
): ReportLine => ({
  ...base,
  held: heldSeconds,
  shown: shownSeconds,
  rewets: coats.slice(1).map((at) => secondsBetween(from, at)),
  came: outcome,
  dry: ended === 'found-dry',
  to,
});

const cameOfLay = {
  'in-time': 'loosened',
  'too-short': 'off-early',
  'too-long': 'left-too-long',
} as const satisfies Record<LayOutcome, ReportCame>;

/** What worked by itself on it before: a bag, a paste, a bath. It claims no disinfecting. */
const lineOfLay = (
  { loosening }: TreatedSurface,
  base: ReportLine,
  { lay }: SurfaceClock,
): ReportLine[] => {
  const last = loosening?.cleaners.at(-1);
  if (!lay || !loosening?.lies || !last) return [];
  const { least, most } = loosening.lies;
  return [
    {
      ...base,
      use: null,
      loosened: { cleaner: last.cleaner, soil: loosening.soil, most },
      required: least,
      held: lay.longestSeconds,
      came: cameOfLay[lay.outcome],
      to: lay.to,
    },
  ];
};

const linesOf = (
  surface: TreatedSurface,
  events: readonly ReportEvent[],
  coatHolds: number,
): ReportLine[] => {
  const asked = treatmentOf(surface, coatHolds);
  const clock = foldClock(events, asked);
  const use = asked.use && { active: asked.use.active, strength: asked.use.strength };
  const base: ReportLine = {
    surfaceId: surface.id,
    surface: surface.name,
    use,
    loosened: null,
    required: asked.seconds,
    held: null,
    shown: null,
    rewets: [],
    came: 'not-done',
    dry: false,
    to: clock.lastAt,
    why: null,
  };
  const why = events.findLast(({ kind }) => kind === 'skipped')?.why ?? null;
  const stretches =
    asked.seconds > 0 ? clock.stretches.map((stretch) => lineOfStretch(base, stretch)) : [];
  const lines = [...lineOfLay(surface, base, clock), ...stretches];
  if (clock.skipped) return [...lines, { ...base, came: 'left-out', why }];
  if (stretches.length > 0) return lines;
  return [...lines, { ...base, came: clock.done ? 'cleaned' : 'not-done' }];
};

/**
 * What a visit came to, surface by surface in working order: folded from what was told in its round
 * by the same rules as on the phone and the server. A surface treated again has a line for each time.
 */
export const visitReport = (
  rooms: readonly TreatedRoom[],
  told: readonly ReportEvent[],
  holds: CoatHolds,
): ReportRoom[] => {
  const events = withoutTakenBack(told).toSorted((a, b) => a.at - b.at);
  return rooms.map(({ name: room, surfaces }) => ({
    room,
    lines: surfaces.flatMap((surface) =>
      linesOf(
        surface,
        events.filter(({ surfaceId }) => surfaceId === surface.id),
        holds[surface.id] ?? 0,
      ),
    ),
  }));
};

/** How many surfaces came to what in the end: of several times at one surface the last counts. */
export const countReport = (rooms: readonly ReportRoom[]): Record<ReportCame, number> => {
  const count = Object.fromEntries(reportCames.map((came) => [came, 0])) as Record<
    ReportCame,
    number
  >;
  for (const { lines } of rooms)
    for (const [i, { surfaceId, came }] of lines.entries())
      if (lines[i + 1]?.surfaceId !== surfaceId) count[came] += 1;
  return count;
};
