import type { HomeDetail, RoomSetting } from '@zymostat/contract';
import { surfaceIdOf, visitProblem, type VisitProblem } from '@zymostat/core';
import { useMemo, useState } from 'react';
import { useRoundAheadQuery, useVisitOfQuery } from '../rounds/api.ts';
import { useVisitTeamQuery } from './api.ts';
import { roomSettingOf, typedOf, type TypedRooms } from './visitSettings.ts';

/** The longest that a visit may take, s. */
const DAY = 28_800;
const HALF_HOUR = 1_800_000;

/** What somebody has set of a visit, and what counts where nobody has. */
const useSettings = () => {
  const [who, setWho] = useState<string[]>();
  const [typed, setTyped] = useState<TypedRooms>();
  const [startsAt, setStartsAt] = useState<number>();
  const [soon] = useState(() => Math.ceil(Date.now() / HALF_HOUR) * HALF_HOUR);
  return { who, setWho, typed, setTyped, startsAt, setStartsAt, soon };
};

/** What a visit is planned from: the approved protocol, who goes, from when, how far it is. */
export const useVisit = (home: HomeDetail) => {
  const { data: ahead, error } = useRoundAheadQuery(home.id, { skip: home.versions.length === 0 });
  const { data: team, error: noTeam } = useVisitTeamQuery();
  const { data: given, error: noneGiven } = useVisitOfQuery(home.id);
  const set = useSettings();
  const who =
    set.who ?? given?.people.map(({ id }) => id) ?? team?.slice(0, 2).map(({ id }) => id) ?? [];
  // The client's hours do not end with one visit.
  const typed = set.typed ?? typedOf(given?.setting);
  const rooms = roomSettingOf(typed);
  // What cannot be read is not taken to be what is usual.
  const key = rooms && JSON.stringify({ who, rooms });
  const setting = useMemo(() => {
    if (key === undefined) return undefined;
    const read = JSON.parse(key) as { who: string[]; rooms: RoomSetting };
    return { team: read.who.map((id) => ({ id, from: 0, to: DAY })), rooms: read.rooms };
  }, [key]);
  const known = given !== undefined && team !== undefined;
  const problem = useMemo((): VisitProblem | undefined => {
    if (!ahead || !known || !setting || setting.team.length === 0) return undefined;
    const { holds, took, version } = ahead;
    const { team: goes, rooms: set } = setting;
    return visitProblem({ ...set, rooms: version.protocol.rooms, holds, took, team: goes });
  }, [ahead, known, setting]);
  const surfaces = new Map(
    ahead?.version.protocol.rooms.flatMap((room) =>
      room.surfaces.map(({ id, name }) => [id, name]),
    ),
  );
  const names = new Map(team?.map(({ id, name }) => [id, name]));
  return {
    ...set,
    typed,
    error: error ?? noTeam ?? noneGiven,
    // Nothing is set before it is known what was: it would count as all that is set.
    version: known ? ahead?.version : undefined,
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
