/** From room to room, s, where nobody has said. Source: common practice, no source. */
export const USUAL_WALK = 20;

/** A room that is only come into by way of another, and how long that takes on foot, s. */
export interface WayIn {
  by: string;
  seconds: number;
}
/** By room; what is not named lies beside all others that are not named. */
export type RoomWays = Readonly<Record<string, WayIn>>;

/** A room whose way in leads back to itself; nothing where every way comes to an end. */
export const circleIn = (ways: RoomWays): string | undefined =>
  Object.keys(ways).find((room) => {
    let at: string | undefined = room;
    for (let k = 0; at !== undefined && k <= Object.keys(ways).length; k += 1) at = ways[at]?.by;
    return at !== undefined;
  });

/** The rooms on the way out of a room, itself first, and how far each is, s. */
const wayOut = (ways: RoomWays, room: string): [string, number][] => {
  const way = ways[room];
  if (!way) return [[room, 0]];
  const rest = wayOut(ways, way.by);
  return [[room, 0], ...rest.map(([at, far]): [string, number] => [at, way.seconds + far])];
};

/**
 * Walking between any two of these rooms, s: out of the one as far as where the ways meet, and into
 * the other; `beside` between rooms that lie beside each other. The ways must not lead in a circle
 * (see `circleIn`); then it is the same there and back, and no detour is shorter.
 */
export const walksBetween = (
  rooms: readonly string[],
  beside: number,
  ways: RoomWays,
): Record<string, Record<string, number>> => {
  const out = new Map(rooms.map((room) => [room, wayOut(ways, room)]));
  const between = (a: string, b: string): number => {
    const from = new Map(out.get(a));
    const met = out.get(b)!.find(([room]) => from.has(room));
    if (met) return from.get(met[0])! + met[1];
    return out.get(a)!.at(-1)![1] + beside + out.get(b)!.at(-1)![1];
  };
  return Object.fromEntries(
    rooms.map((a) => [
      a,
      Object.fromEntries(rooms.filter((b) => b !== a).map((b) => [b, between(a, b)])),
    ]),
  );
};
