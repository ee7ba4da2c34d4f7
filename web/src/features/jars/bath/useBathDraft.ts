import type { BatchRow, Body } from '@zymostat/contract';
import {
  isGeneric,
  parseFigure,
  soakBath,
  soakFor,
  usualAir,
  type Bath,
  type Flame,
  type Judging,
  type SoakedThing,
  type Ventilation,
} from '@zymostat/core';
import { useState } from 'react';
import { v7 as newId } from 'uuid';

/** A bath as it is typed: l, cm, ml, minutes, m². */
export interface BathLines {
  thing: SoakedThing;
  batchId: string | null;
  litres: string;
  mouth: string;
  load: string;
  minutes: string;
  covered: boolean;
  place: string;
  ventilation: Ventilation;
  flame: Flame;
  floorArea: string;
}

const usual: BathLines = {
  thing: 'toilet-brush',
  batchId: null,
  litres: '0.5',
  mouth: '12',
  load: '50',
  minutes: '30',
  covered: true,
  place: '',
  ventilation: 'window',
  flame: 'unknown',
  floorArea: '8',
};

const figure = (text: string): number => parseFigure(text) ?? NaN;
/** m that a room is high where nobody has said: rather low. */
const HEIGHT = 2.3;

type Sent = Omit<Body<'beginBath'>, 'id' | 'batchId'>;
const sentOf = (lines: BathLines): Sent => ({
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
  holds: [],
});

const workedOut = (sent: Sent, batch: BatchRow | undefined, judging: Judging): Bath | null => {
  if (!batch || !isGeneric(batch.active)) return null;
  const { thing, vessel, load, seconds, covered, ventilation, flame, floorArea, height } = sent;
  const { active, strength } = batch;
  const room = { ventilation, flame, floorArea, height, air: usualAir[ventilation] };
  try {
    return soakBath(
      {
        thing,
        bath: { active, strength },
        vessel,
        load,
        seconds,
        covered,
        room,
        situations: [],
        holds: [],
      },
      judging,
    );
  } catch (error) {
    if (error instanceof RangeError) return null;
    throw error;
  }
};

/** The usual minutes of a thing in a batch. */
const minutesFor = (thing: SoakedThing, batch: BatchRow | undefined): string | undefined => {
  if (!batch || !isGeneric(batch.active)) return undefined;
  const soak = soakFor(thing, { active: batch.active });
  return soak && String((soak.least || (soak.most ?? 0)) / 60);
};

/** A bath that is being set up: as it is typed, what it would be, and what is sent. */
export const useBathDraft = (batches: readonly BatchRow[], judging: Judging) => {
  const [lines, setLines] = useState<BathLines>(() => ({
    ...usual,
    batchId: batches[0]?.id ?? null,
  }));
  const [id] = useState(() => newId());
  const batch = batches.find((one) => one.id === lines.batchId);
  const sent = sentOf(lines);
  const set = (to: Partial<BathLines>) => {
    const next = { ...lines, ...to };
    const other = 'thing' in to || 'batchId' in to;
    const minutes = other
      ? minutesFor(
          next.thing,
          batches.find((one) => one.id === next.batchId),
        )
      : undefined;
    setLines(minutes === undefined ? next : { ...next, minutes });
  };
  return {
    lines,
    set,
    bath: workedOut(sent, batch, judging),
    batch,
    sent: batch ? { id, batchId: batch.id, ...sent } : null,
  };
};
