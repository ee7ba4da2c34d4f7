import type { HomeDetail } from '@zymostat/contract';
import { surfaceIdOf, visitProblem, type VisitProblem } from '@zymostat/core';
import { useMemo, useState } from 'react';
import { useRoundAheadQuery, useVisitOfQuery } from '../rounds/api.ts';
import { useVisitTeamQuery } from './api.ts';
import { hoursOf, walkOf, type Hours } from './visitSettings.ts';

/** The longest that a visit may take, s. */
const DAY = 28_800;
const HALF_HOUR = 1_800_000;
/** From one room to the next, s, where nobody has said. Source: common practice, no source. */
const USUAL_WALK = '20';

/** What somebody has set of a visit, and what counts where nobody has. */
const useSettings = () => {
  const [who, setWho] = useState<string[]>();
  const [walk, setWalk] = useState(USUAL_WALK);
  const [hours, setHours] = useState<Hours>({});
  const [startsAt, setStartsAt] = useState<number>();
  const [soon] = useState(() => Math.ceil(Date.now() / HALF_HOUR) * HALF_HOUR);
  return { who, setWho, walk, setWalk, hours, setHours, startsAt, setStartsAt, soon };
};

/** What a visit is planned from: the approved protocol, who goes, from when, how far it is. */
export const useVisit = (home: HomeDetail) => {
  const { data: ahead, error } = useRoundAheadQuery(home.id, { skip: home.versions.length === 0 });
  const { data: team } = useVisitTeamQuery();
  const { data: given } = useVisitOfQuery(home.id);
  const set = useSettings();
  const who =
    set.who ?? given?.people.map(({ id }) => id) ?? team?.slice(0, 2).map(({ id }) => id) ?? [];
  const [walk, hours] = [walkOf(set.walk), hoursOf(set.hours)];
  // What cannot be read is not taken to be what is usual.
  const key =
    walk === undefined || hours === undefined ? undefined : JSON.stringify({ who, walk, hours });
  const setting = useMemo(() => {
    if (key === undefined) return undefined;
    const read = JSON.parse(key) as {
      who: string[];
      walk: number;
      hours: Record<string, [number, number][]>;
    };
    const goes = read.who.map((id) => ({ id, from: 0, to: DAY }));
    return { team: goes, walk: read.walk, hours: read.hours };
  }, [key]);
  const known = given !== undefined && team !== undefined;
  const problem = useMemo((): VisitProblem | undefined => {
    if (!ahead || !known || !setting || setting.team.length === 0) return undefined;
    const { rooms } = ahead.version.protocol;
    return visitProblem({ rooms, holds: ahead.holds, took: ahead.took, ...setting });
  }, [ahead, known, setting]);
  const surfaces = new Map(
    ahead?.version.protocol.rooms.flatMap((room) =>
      room.surfaces.map(({ id, name }) => [id, name]),
    ),
  );
  const names = new Map(team?.map(({ id, name }) => [id, name]));
  return {
    ...set,
    error,
    version: ahead?.version,
    took: ahead?.took ?? {},
    team: team ?? [],
    given: given ?? undefined,
    who,
    startsAt: set.startsAt ?? given?.startsAt ?? set.soon,
    setting,
    problem,
    key: `${ahead?.version.id} ${key}`,
    nameOf: (id: string): string => names.get(id) ?? id,
    surfaceName: (treatment: string): string => surfaces.get(surfaceIdOf(treatment)) ?? treatment,
  };
};
export type Visit = ReturnType<typeof useVisit>;
