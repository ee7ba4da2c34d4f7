import type { TreatedRoom, TreatedSurface } from './buildProtocol.ts';

/** How one version of a protocol differs from another, surface by surface. */
export interface Difference {
  surfaceId: string;
  surfaceName: string;
  roomName: string;
  kind: 'added' | 'removed' | 'changed';
  before?: TreatedSurface;
  after?: TreatedSurface;
}

const all = (rooms: readonly TreatedRoom[]) =>
  new Map(
    rooms.flatMap((room) =>
      room.surfaces.map((surface) => [surface.id, { surface, roomName: room.name }] as const),
    ),
  );

/**
 * What a person would do differently: goal, solution, strength, time, steps, or the reason it was
 * accepted for. Field by field, since a database gives an object's fields back in an order of its
 * own.
 */
const works = (treated: TreatedSurface): string => {
  const { goal, against, treatment, accepted, steps, material, loosening } = treated;
  const put = treatment && [
    treatment.stockId,
    treatment.active,
    treatment.strength,
    treatment.seconds,
    treatment.application,
  ];
  const soil = loosening && [
    loosening.soil,
    loosening.cleaners.map(({ cleaner, ratio }) => [cleaner, ratio]),
    loosening.lies && [loosening.lies.least, loosening.lies.most],
    loosening.steps.map(({ code }) => code),
  ];
  return JSON.stringify([goal, against, put, accepted, steps, material, soil]);
};

export const diffVersions = (
  before: readonly TreatedRoom[],
  after: readonly TreatedRoom[],
): Difference[] => {
  const [old, next] = [all(before), all(after)];
  const ids = [...new Set([...next.keys(), ...old.keys()])];
  return ids.flatMap((surfaceId): Difference[] => {
    const [was, is] = [old.get(surfaceId), next.get(surfaceId)];
    const { surface, roomName } = (is ?? was)!;
    const common = { surfaceId, surfaceName: surface.name, roomName };
    if (!was) return [{ ...common, kind: 'added', after: is!.surface }];
    if (!is) return [{ ...common, kind: 'removed', before: was.surface }];
    return works(was.surface) === works(is.surface)
      ? []
      : [{ ...common, kind: 'changed', before: was.surface, after: is.surface }];
  });
};
