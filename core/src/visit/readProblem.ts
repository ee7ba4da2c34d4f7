import {
  visitProblemFormat,
  type VisitProblem,
  type VisitRoom,
  type VisitTreatment,
} from './problem.ts';
import { isObject, listAt, wholeAt, type Fault, type Json, type Report } from './faults.ts';
import { pairFaults } from './pairFaults.ts';
import { stepFaults } from './stepFaults.ts';

const idsOf = (items: unknown[], at: string, report: Report): Set<string> => {
  const ids = new Set<string>();
  items.forEach((item, i) => {
    if (!isObject(item)) return report('not-an-object', `${at}/${i}`, item);
    const { id } = item;
    if (typeof id !== 'string' || id === '') return report('not-text', `${at}/${i}/id`, id);
    if (ids.has(id)) report('doubled-id', `${at}/${i}/id`, id);
    ids.add(id);
  });
  return ids;
};

const spanFaults = ([from, to]: [unknown, unknown], at: [string, string], report: Report) => {
  const whole = [wholeAt(from, at[0], report), wholeAt(to, at[1], report)];
  if (whole.every(Boolean) && Number(from) > Number(to)) report('ends-before-it-begins', at[1], to);
};

const cleanerFaults = (cleaners: unknown[], report: Report) =>
  cleaners.filter(isObject).forEach(({ from, to }, i) => {
    spanFaults([from, to], [`/cleaners/${i}/from`, `/cleaners/${i}/to`], report);
  });

const openFaults = (room: Json, at: string, report: Report) =>
  listAt(room.open, `${at}/open`, report).forEach((span, k) => {
    const place = `${at}/open/${k}`;
    if (!Array.isArray(span) || span.length !== 2) return report('pair', place, span);
    spanFaults([span[0], span[1]], [`${place}/0`, `${place}/1`], report);
  });

/** A key as a part of a JSON Pointer. */
const token = (key: string) => key.replace(/~/g, '~0').replace(/\//g, '~1');

const walkFaults = (rooms: Json[], ids: Set<string>, report: Report) => {
  const byId = new Map(rooms.map((room) => [room.id, room]));
  rooms.forEach((room, i) => {
    const at = `/rooms/${i}/walk`;
    if (!isObject(room.walk)) return report('not-an-object', at, room.walk);
    for (const [other, seconds] of Object.entries(room.walk)) {
      const place = `${at}/${token(other)}`;
      if (!ids.has(other)) report('unknown-id', place, other);
      else if (!wholeAt(seconds, place, report)) continue;
      else if (other === room.id && seconds !== 0) report('walk-within', place, seconds);
      else {
        const back = byId.get(other)?.walk;
        if (isObject(back) && Object.hasOwn(back, room.id as string))
          if (back[room.id as string] !== seconds) report('walk-not-symmetric', place, seconds);
      }
    }
    for (const other of ids)
      if (other !== room.id && !Object.hasOwn(room.walk, other))
        report('walk-missing', `${at}/${token(other)}`, undefined);
  });
};

const roomFaults = (rooms: unknown[], ids: Set<string>, report: Report) => {
  rooms.forEach((room, i) => {
    if (!isObject(room)) return;
    openFaults(room, `/rooms/${i}`, report);
    if (room.atOnce !== undefined) wholeAt(room.atOnce, `/rooms/${i}/atOnce`, report);
  });
  walkFaults(rooms.filter(isObject), ids, report);
};

/** Absent lists of pairs are empty ones; anything else that is no list is a fault. */
const pairsAt = (problem: Json, name: 'before' | 'apart' | 'closes', report: Report): unknown[] =>
  problem[name] === undefined ? [] : listAt(problem[name], `/${name}`, report);

const typed = (problem: Json): VisitProblem => ({
  format: visitProblemFormat,
  cleaners: problem.cleaners as VisitProblem['cleaners'],
  rooms: problem.rooms as VisitRoom[],
  treatments: problem.treatments as VisitTreatment[],
  before: (problem.before ?? []) as VisitProblem['before'],
  apart: (problem.apart ?? []) as VisitProblem['apart'],
  closes: (problem.closes ?? []) as string[],
});

/**
 * A visit problem out of JSON, or every fault of it with its place. Fields that the definition
 * does not know are passed over.
 */
export const readVisitProblem = (
  json: unknown,
): { problem: VisitProblem; faults: [] } | { problem: undefined; faults: Fault[] } => {
  const faults: Fault[] = [];
  const report: Report = (code, at, found) =>
    void faults.push({ code, at, found: found === undefined ? '' : JSON.stringify(found) });
  if (!isObject(json)) {
    report('not-an-object', '', json);
    return { problem: undefined, faults };
  }
  if (json.format !== visitProblemFormat) report('format', '/format', json.format);
  const cleaners = listAt(json.cleaners, '/cleaners', report);
  const rooms = listAt(json.rooms, '/rooms', report);
  const treatments = listAt(json.treatments, '/treatments', report);
  idsOf(cleaners, '/cleaners', report);
  const roomIds = idsOf(rooms, '/rooms', report);
  idsOf(treatments, '/treatments', report);
  cleanerFaults(cleaners, report);
  roomFaults(rooms, roomIds, report);
  stepFaults(treatments, roomIds, report);
  pairFaults(
    {
      treatments: treatments.filter(isObject),
      before: pairsAt(json, 'before', report),
      apart: pairsAt(json, 'apart', report),
      closes: pairsAt(json, 'closes', report),
    },
    report,
  );
  if (faults.length > 0) return { problem: undefined, faults };
  return { problem: typed(json), faults: [] };
};
