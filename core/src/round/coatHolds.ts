import type { Home } from '../homes/home.ts';
import { RENEWED_AFTER } from '../film/rewets.ts';
import { filmFloor, predict, roomOfAir } from '../protocol/predict.ts';
import type { TreatedSurface } from '../protocol/buildProtocol.ts';
import type { HouseRules } from '../reference/houseRules.ts';

/** How long a coat holds on each surface, whole s, by its id. What is missing nobody knows. */
export type CoatHolds = Readonly<Record<string, number>>;

/**
 * For how many whole seconds a coat of what is set on a surface is known to stay wet and strong
 * enough in a room of the home: the part of the predicted time after which it is renewed. Nobody
 * but its maker knows how a registered product dries: 0.
 */
const coatHoldsOn = (
  { treatment, against }: Pick<TreatedSurface, 'treatment' | 'against'>,
  room: Home['rooms'][number],
  home: Pick<Home, 'situations'>,
  rules: HouseRules,
): number => {
  if (!treatment || treatment.active === 'registered product') return 0;
  const { active, strength, application, seconds } = treatment;
  const floor = filmFloor(active, against, rules);
  const { holds } = predict(
    { active, strength, application },
    roomOfAir(room, home),
    floor,
    seconds,
  );
  return Math.floor(holds * RENEWED_AFTER);
};

/**
 * How long a coat holds on every surface of an approved protocol that is kept wet, in the home as it
 * is now. Of a surface whose room is gone nobody knows.
 */
export const coatHoldsIn = (
  rooms: readonly { id: string; surfaces: readonly TreatedSurface[] }[],
  home: Pick<Home, 'situations' | 'rooms'>,
  rules: HouseRules,
): CoatHolds =>
  Object.fromEntries(
    rooms.flatMap(({ id, surfaces }) => {
      const room = home.rooms.find((one) => one.id === id);
      if (!room) return [];
      return surfaces
        .filter(({ treatment }) => (treatment?.seconds ?? 0) > 0)
        .map((surface) => [surface.id, coatHoldsOn(surface, room, home, rules)]);
    }),
  );
