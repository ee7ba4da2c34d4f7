import type { BatchRow, Body } from '@zymostat/contract';
import {
  bathAt,
  isGeneric,
  parseFigure,
  soakBath,
  soakFor,
  type Bath,
  type Flame,
  type Judging,
  type ProductId,
  type SoakedThing,
  type Ventilation,
} from '@zymostat/core';

export const RINSED = 'rinsed';

/** A bath as it is typed: l, cm, ml, minutes, m². */
export interface BathLines {
  thing: SoakedThing;
  batchId: string | null;
  litres: string;
  mouth: string;
  load: string;
  minutes: string;
  covered: boolean;
  /** What was in the vessel: nothing that is not rinsed out, or what. */
  held: typeof RINSED | ProductId;
  place: string;
  ventilation: Ventilation;
  flame: Flame;
  floorArea: string;
}

/** As a bath mostly is; what nobody has said counts as its worst. */
export const usualLines: BathLines = {
  thing: 'toilet-brush',
  batchId: null,
  litres: '0.5',
  mouth: '12',
  load: '50',
  minutes: '30',
  covered: true,
  held: 'unlabelled-bottle',
  place: '',
  ventilation: 'window',
  flame: 'unknown',
  floorArea: '8',
};

const figure = (text: string): number => parseFigure(text) ?? NaN;
/** m that a room is high where nobody has said: rather low. */
const HEIGHT = 2.3;

type Sent = Omit<Body<'beginBath'>, 'id' | 'batchId'>;
export const sentOf = (lines: BathLines): Sent => ({
  thing: lines.thing,
  vessel: {
    volume: figure(lines.litres) / 1000,
    mouth: (Math.PI * (figure(lines.mouth) / 100) ** 2) / 4,
  },
  load: figure(lines.load) / 1e6,
  seconds: Math.round(figure(lines.minutes) * 60),
  covered: lines.covered,
  place: lines.place.trim(),
  ventilation: lines.ventilation,
  flame: lines.flame,
  floorArea: figure(lines.floorArea),
  height: HEIGHT,
  holds: lines.held === RINSED ? [] : [lines.held],
});

export const workedOut = (
  sent: Sent,
  batch: BatchRow | undefined,
  judging: Judging,
): Bath | null => {
  if (!batch || !isGeneric(batch.active)) return null;
  const { active, strength } = batch;
  try {
    return soakBath(bathAt(sent, { active, strength }), judging);
  } catch (error) {
    if (error instanceof RangeError) return null;
    throw error;
  }
};

/** The usual minutes of a thing in a batch. */
export const minutesFor = (thing: SoakedThing, batch: BatchRow | undefined): string | undefined => {
  if (!batch || !isGeneric(batch.active)) return undefined;
  const soak = soakFor(thing, { active: batch.active });
  return soak && String((soak.least || (soak.most ?? 0)) / 60);
};
