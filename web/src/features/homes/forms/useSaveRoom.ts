import type { RoomRow } from '@zymostat/contract';
import { readSurfaces, roomToBeginWith, surveyedOf, type RoomTemplate } from '@zymostat/core';
import { useAddRoomMutation, useAddSurfaceMutation, useEditRoomMutation } from '../surveyApi.ts';
import { w } from '../../../words/words.ts';
import type { RoomRead } from './roomForm.ts';
import { useSeen } from './useSeen.ts';

export interface RoomFormProps {
  homeId: string;
  revision: number;
  room?: RoomRow;
  onDone: (id?: string) => void;
}

/** Adds a room, with its usual surfaces where that is wanted, or changes the one that is there. */
export const useSaveRoom = ({ homeId, revision, room, onDone }: RoomFormProps) => {
  const [addRoom, adding] = useAddRoomMutation();
  const [addSurface, addingSurface] = useAddSurfaceMutation();
  const [editRoom, editing] = useEditRoomMutation();
  const { seen, takeTheirs } = useSeen(revision, editing);

  const addUsual = async (id: string, template: RoomTemplate) => {
    const usual = readSurfaces(roomToBeginWith(template, w.language).surfaces);
    for (const body of usual.map(surveyedOf))
      if ((await addSurface({ id, body })).error) return false;
    return true;
  };
  const save = async ({ withSurfaces, ...body }: RoomRead, by = seen) => {
    if (room) {
      const saved = await editRoom({ id: room.id, homeId, seen: by, body });
      if (saved.data) onDone(room.id);
      return;
    }
    const { data } = await addRoom({ id: homeId, body });
    if (data && (!withSurfaces || (await addUsual(data.id, withSurfaces)))) onDone(data.id);
  };
  const failed = { error: adding.error ?? addingSurface.error };
  return { save, takeTheirs, adding: failed, editing };
};
