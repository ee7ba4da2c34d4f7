import type { Home } from '../homes/home.ts';
import { RENEWED_AFTER } from '../film/rewets.ts';
import { filmFloor, predict, roomOfAir, type RoomOfAir } from '../protocol/predict.ts';
import type { TreatedSurface } from '../protocol/buildProtocol.ts';
import type { HouseRules } from '../reference/houseRules.ts';
import { measuredWithin, type MeasuredAir } from '../reference/roomAir.ts';

/** How long a coat holds on each surface, whole s, by its id. What is missing nobody knows. */
export type CoatHolds = Readonly<Record<string, number>>;

/** The air of rooms in which somebody measured it, by their id. */
export type MeasuredAirs = ReadonlyMap<string, MeasuredAir>;

/**
 * What the air may have been, by what the instruments may be wrong by; as usual where nobody
 * measured it. A film of water holds longer in moist air, one of alcohol thins sooner in it: both
 * ends are asked.
 */
const airsWithin = (measured: MeasuredAir | undefined): (MeasuredAir | undefined)[] => {
  if (!measured) return [undefined];
  const { temperature, humidity } = measured;
  return [-1, 1].flatMap((warmer) =>
    [-1, 1].map((moister) => ({
      temperature: temperature + warmer * measuredWithin.temperature,
      humidity: Math.min(1, Math.max(0, humidity + moister * measuredWithin.humidity)),
    })),
  );
};

/**
 * For how many whole seconds a coat of what is set on a surface is known to stay wet and strong
 * enough in a room: the part of the predicted time after which it is renewed. Nobody but its maker
 * knows how a registered product dries: 0.
 */
const coatHoldsOn = (
  { treatment, against }: Pick<TreatedSurface, 'treatment' | 'against'>,
  room: RoomOfAir,
  rules: HouseRules,
): number => {
  if (!treatment || treatment.active === 'registered product') return 0;
  const { active, strength, application, seconds } = treatment;
  const floor = filmFloor(active, against, rules);
  const { holds } = predict({ active, strength, application }, room, floor, seconds);
  return Math.floor(holds * RENEWED_AFTER);
};

/**
 * How long a coat holds on every surface of an approved protocol that is kept wet, in the home as it
 * is now; where the air of a room was measured, as long as it holds at the least in that air. Of a
 * surface whose room is gone nobody knows.
 */
export const coatHoldsIn = (
  rooms: readonly { id: string; surfaces: readonly TreatedSurface[] }[],
  home: Pick<Home, 'situations' | 'rooms'>,
  rules: HouseRules,
  measured: MeasuredAirs,
): CoatHolds =>
  Object.fromEntries(
    rooms.flatMap(({ id, surfaces }) => {
      const room = home.rooms.find((one) => one.id === id);
      if (!room) return [];
      const airs = airsWithin(measured.get(id)).map((air) => roomOfAir(room, home, air));
      return surfaces
        .filter(({ treatment }) => (treatment?.seconds ?? 0) > 0)
        .map((surface) => {
          const holds = airs.map((air) => coatHoldsOn(surface, air, rules));
          return [surface.id, Math.min(...holds)];
        });
    }),
  );
