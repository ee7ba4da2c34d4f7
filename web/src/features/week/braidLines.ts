import type { Week } from '@zymostat/contract';
import { DAYS, inRoadOrder, type CheckedWeek, type LaidDay } from '@zymostat/core';

/** Measures of the chart, px. */
export const WIDTH = 860;
const DEPOT_X = 92;
const LAST_X = 740;
const HEAD = 74;
const CLOSED = 44;
const OPEN = 290;
const PAD = 8;
/** A stay is so wide, and people stand so far from each other. */
export const STAY = 8;
const APART = 9;
/** More columns than this cannot be told apart. */
const MOST_COLUMNS = 10;
/** A day is drawn from and to these at least, s since midnight. */
const [EARLY, LATE] = [8 * 3600, 17 * 3600];

export interface Column {
  id: string;
  x: number;
}
export interface DayRow {
  day: number;
  top: number;
  height: number;
  open: boolean;
}
export interface Stay {
  visit: string;
  x: number;
  top: number;
  bottom: number;
}
/** One person's day: the way as points, and where they stay. */
export interface Thread {
  key: string;
  person: string;
  open: boolean;
  points: string;
  stays: Stay[];
}

/** Homes that are visited, in the order of the road; those of one day where there are too many. */
const columnsOf = ({ visits, homes, roads }: Week, day: number): Column[] => {
  const there = new Set(homes.map(({ id }) => id));
  const all = [...new Set(visits.map(({ homeId }) => homeId))].filter((id) => there.has(id));
  const today = new Set(visits.filter((one) => one.day === day).map(({ homeId }) => homeId));
  const shown = all.length > MOST_COLUMNS ? all.filter((id) => today.has(id)) : all;
  const step = shown.length > 1 ? (LAST_X - DEPOT_X) / shown.length : 220;
  return inRoadOrder(shown, roads).map((id, k) => ({ id, x: DEPOT_X + step * (k + 1) }));
};

const rowsOf = ({ days }: CheckedWeek, chosen: number): DayRow[] => {
  const shown = Array.from({ length: DAYS }, (_, day) => day).filter(
    (day) => day < 5 || days[day]!.stops.length > 0 || day === chosen,
  );
  let top = HEAD;
  return shown.map((day) => {
    const height = day === chosen ? OPEN : CLOSED;
    const row = { day, top, height, open: day === chosen };
    top += height;
    return row;
  });
};

/** From when to when days are drawn, whole hours, s. */
const spanOf = ({ days }: CheckedWeek): [number, number] => {
  const routes = days.flatMap((one) => one.routes);
  const from = Math.min(EARLY, ...routes.map(({ leaves }) => leaves));
  const to = Math.max(LATE, ...routes.map(({ back }) => back));
  return [Math.floor(from / 3600) * 3600, Math.ceil(to / 3600) * 3600];
};

const yIn =
  ({ top, height }: DayRow, [from, to]: [number, number]) =>
  (at: number): number =>
    top + PAD + ((height - 2 * PAD) * (at - from)) / (to - from);

const threadsOf = (
  row: DayRow,
  { routes }: LaidDay,
  y: (at: number) => number,
  { columns, people }: { columns: Column[]; people: readonly string[] },
): Thread[] =>
  routes.map(({ person, leaves, stops, back }) => {
    const aside = APART * people.indexOf(person);
    const xOf = (homeId: string) => columns.find(({ id }) => id === homeId)?.x;
    const stays = stops.flatMap(({ visit, start, end }): Stay[] => {
      const x = xOf(visit.homeId);
      return x === undefined
        ? []
        : [{ visit: visit.id, x: x + aside, top: y(start), bottom: y(end) }];
    });
    const legs = stops.flatMap(({ visit, arrives, end }) => {
      const x = xOf(visit.homeId);
      return x === undefined
        ? []
        : [[x + aside, y(arrives)] as const, [x + aside, y(end)] as const];
    });
    const points = [[DEPOT_X, y(leaves)] as const, ...legs, [DEPOT_X, y(back)] as const];
    return {
      key: `${row.day} ${person}`,
      person,
      open: row.open,
      points: points.map(([x, at]) => `${x.toFixed(1)},${at.toFixed(1)}`).join(' '),
      stays,
    };
  });

/** A week as lines: homes across, days down, one of them open. */
export const braidLines = (week: Week, checked: CheckedWeek, chosen: number) => {
  const columns = columnsOf(week, chosen);
  const rows = rowsOf(checked, chosen);
  const span = spanOf(checked);
  const people = week.people.map(({ id }) => id);
  const open = rows.find((row) => row.open)!;
  const last = rows.at(-1)!;
  return {
    columns,
    rows,
    span,
    depotX: DEPOT_X,
    head: HEAD,
    height: last.top + last.height,
    openY: yIn(open, span),
    threads: rows.flatMap((row) =>
      threadsOf(row, checked.days[row.day]!, yIn(row, span), { columns, people }),
    ),
  };
};
export type Braid = ReturnType<typeof braidLines>;
