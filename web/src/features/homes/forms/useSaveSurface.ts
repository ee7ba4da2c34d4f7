import type { SurfaceFields, SurfaceRow } from '@zymostat/contract';
import { useAddSurfaceMutation, useEditSurfaceMutation } from '../surveyApi.ts';
import { useSeen } from './useSeen.ts';

export interface SurfaceFormProps {
  homeId: string;
  /** The revision of the home that this form shows. */
  revision: number;
  roomId: string;
  roomName: string;
  surface?: SurfaceRow;
  onDone: (id?: string) => void;
}

/** Adds a surface, or changes the one that is there. */
export const useSaveSurface = ({ homeId, revision, roomId, surface, onDone }: SurfaceFormProps) => {
  const [addSurface, adding] = useAddSurfaceMutation();
  const [editSurface, editing] = useEditSurfaceMutation();
  const { seen, setSeen, takeTheirs } = useSeen(revision, editing);
  const save = async (body: SurfaceFields, by = seen) => {
    if (surface) {
      const { data } = await editSurface({ id: surface.id, homeId, seen: by, body });
      if (!data) return;
      setSeen(data.revision);
      onDone(surface.id);
    } else {
      const { data } = await addSurface({ id: roomId, body });
      if (data) onDone(data.id);
    }
  };
  return { save, takeTheirs, adding, editing };
};
