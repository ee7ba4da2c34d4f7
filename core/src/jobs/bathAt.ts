import { usualAir } from '../reference/roomAir.ts';
import type { BathAsked } from './bath.ts';

/** A bath as somebody tells it at the bench: where it stands, in the usual air of such a room. */
export type BathTold = Pick<
  BathAsked,
  'thing' | 'vessel' | 'load' | 'seconds' | 'covered' | 'holds'
> &
  Omit<BathAsked['room'], 'air'>;

/** What is asked of a bath of the bench. Who lives there is not asked: nobody does. */
export const bathAt = (
  { thing, vessel, load, seconds, covered, holds, ...told }: BathTold,
  { active, strength }: BathAsked['bath'],
): BathAsked => {
  const { ventilation, flame, floorArea, height } = told;
  return {
    thing,
    bath: { active, strength },
    vessel,
    load,
    seconds,
    covered,
    room: { ventilation, flame, floorArea, height, air: usualAir[ventilation] },
    situations: [],
    holds,
  };
};
