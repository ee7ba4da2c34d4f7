import { roomFields, type RoomFields, type RoomRow } from '@zymostat/contract';
import {
  roomTemplates,
  roomToBeginWith,
  type Flame,
  type RoomTemplate,
  type Ventilation,
} from '@zymostat/core';
import * as v from 'valibot';
import { figureLine, textLine } from '../../../ui/form/lines.ts';
import { w } from '../../../words/words.ts';

export interface RoomLines {
  name: string;
  floorArea: string;
  height: string;
  ventilation: Ventilation;
  flame: Flame;
  /** A new room comes with the usual surfaces of such a one. */
  withSurfaces: RoomTemplate | null;
}

const { floorArea, height, ventilation, flame } = roomFields.entries;

/** A room as it is filled in. */
export const roomForm = v.object({
  name: textLine,
  floorArea: figureLine(floorArea, 'm²'),
  height: figureLine(height, 'm'),
  ventilation,
  flame,
  withSurfaces: v.nullable(v.custom<RoomTemplate>((one) => typeof one === 'string')),
});
export type RoomRead = RoomFields & Pick<RoomLines, 'withSurfaces'>;

const usualHeight = 2.4;

export const roomLines = (room?: RoomRow): RoomLines => ({
  name: room?.name ?? '',
  floorArea: room ? String(room.floorArea) : '',
  height: String(room?.height ?? usualHeight),
  ventilation: room?.ventilation ?? 'window',
  flame: room?.flame ?? 'unknown',
  withSurfaces: null,
});

/** A room as such rooms usually are, with what is usually in it. */
export const linesOfTemplate = (template: RoomTemplate): RoomLines => {
  const usual = roomTemplates[template];
  return {
    name: roomToBeginWith(template, w.language).name,
    floorArea: String(usual.floorArea),
    height: String(usual.height),
    ventilation: usual.ventilation,
    flame: usual.flame,
    withSurfaces: template,
  };
};
