import type { RoomRow } from '@zymostat/contract';
import {
  airChanges,
  dryingCurve,
  filmFloor,
  judgeAir,
  rewetsFor,
  usualAir,
  vapourCurve,
  type Against,
  type Airing,
  type Drying,
  type Film,
  type GenericActive,
  type HouseRules,
  type Prediction,
  type RoomAir,
} from '@zymostat/core';

/** What is put on where: the coat that is looked at. */
export interface Coat {
  title: string;
  active: GenericActive;
  strength: number;
  /** Seconds that it must stay wet. */
  seconds: number;
  against: Against;
  application: Prediction['application'];
  /** m² */
  area: number;
  room: RoomRow;
  rules: HouseRules;
}

/** What can be moved to see how it dries: all as the sliders have it. */
export interface Conditions {
  /** µm of the coat, °C, % and m/s. */
  microns: number;
  temperature: number;
  humidity: number;
  draught: number;
  airing: Airing;
}

/** m³ */
export const volumeOf = ({ floorArea, height }: RoomRow): number => floorArea * height;

/** Seconds for which a coat gives off vapour at least, before it is wiped. */
const LEAST_WET = 120;

/** The first part of a drying curve: what comes after is wiped off. */
const upTo = (curve: Drying, seconds: number) => {
  const cut = curve.times.findIndex((t) => t > seconds);
  const end = cut < 0 ? undefined : Math.max(2, cut + 1);
  return { times: curve.times.slice(0, end), gone: curve.gone.slice(0, end) };
};

/** How a coat dries under such conditions, how often it is re-wet, and what is then in the air. */
export const dryingOf = (coat: Coat, conditions: Conditions) => {
  const { active, strength, seconds, against, area, room, rules } = coat;
  const { microns, temperature, humidity, draught, airing } = conditions;
  const film: Film = { active, strength, thickness: microns * 1e-6 };
  const { length } = usualAir[room.ventilation];
  const air: RoomAir = { temperature, humidity: humidity / 100, airSpeed: draught, length };
  const floor = filmFloor(active, against, rules);
  const drying = dryingCurve(film, air, floor);
  const rewets = rewetsFor(Math.floor(drying.aboveFloorUntil), seconds);
  const wiped = upTo(drying, Math.max(seconds, LEAST_WET));
  const sources = [0, ...rewets.at].map((at) => ({ area, at, drying: wiped }));
  const vapour = vapourCurve(active, sources, volumeOf(room), airChanges[airing]);
  return { film, air, floor, drying, rewets, vapour, breathing: judgeAir(active, vapour) };
};
export type DryingThere = ReturnType<typeof dryingOf>;
